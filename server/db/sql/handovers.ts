// What is offered to be handed over, what would go with it, and its bytes in the plan of whoever takes it over.

import type { PersonId } from '../../../core/ids'
import type { HandedThing } from '../../../core/plan/index'
import type { Role } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { execute, rows } from '../client'
import { isoText } from '../tables'
import { personName } from './people'

export interface OfferedThing extends HandedThing {
  readonly id: string
  readonly personId: PersonId
  /** Of whoever offers it to me, or of the one it is offered to. */
  readonly person: string
  readonly email: string
  readonly role: Role | null
  readonly note: string
  readonly createdAt: string
  /** Of the folder, document or plan. */
  readonly name: string
  /** Folders with all below, and live documents in them. */
  readonly folders: number
  readonly documents: number
  readonly bytes: number
}

// The folders of each thing: from a folder down, or all of a plan.
const BELOW = `RECURSIVE h AS (SELECT * FROM handover WHERE $WHERE$),
  below AS (
    SELECT h.id AS handover, f.plan_id, f.id FROM h JOIN folder f ON f.plan_id = h.plan_id AND f.trashed_at IS NULL
      AND (f.id = h.target_id OR h.target = 'plan' AND f.parent_id IS NULL)
    UNION ALL SELECT b.handover, f.plan_id, f.id FROM below b
      JOIN folder f ON f.plan_id = b.plan_id AND f.parent_id = b.id AND f.trashed_at IS NULL),
  held AS (
    SELECT DISTINCT b.handover, d.id, d.size FROM below b
      JOIN placement p ON p.plan_id = b.plan_id AND p.folder_id = b.id
      JOIN document d ON d.plan_id = p.plan_id AND d.id = p.document_id AND d.trashed_at IS NULL
    UNION SELECT h.id, d.id, d.size FROM h JOIN document d ON d.plan_id = h.plan_id AND d.id = h.target_id
      AND d.trashed_at IS NULL)`

/** `by`: those offered to a person, or out of a plan. What lies in the Trash is left out. */
function offered(by: 'person_id' | 'plan_id', id: string): Promise<OfferedThing[]> {
  const other = by === 'person_id' ? 'p.account_id' : 'h.person_id'
  return rows(
    null,
    `WITH ${BELOW.replace('$WHERE$', `${by} = $1`)}
    SELECT h.id, a.id AS "personId", ${personName('a')} AS person, a.email, h.target, h.target_id AS "targetId", h.role,
      h.note, ${isoText('h.created_at')} AS "createdAt", coalesce(f.name, d.name, p.name) AS name,
      (SELECT count(*)::int FROM below b WHERE b.handover = h.id) AS folders, s.documents, s.bytes
    FROM h JOIN plan p ON p.id = h.plan_id JOIN account a ON a.id = ${other}
    LEFT JOIN folder f ON f.plan_id = h.plan_id AND f.id = h.target_id AND f.trashed_at IS NULL
    LEFT JOIN document d ON d.plan_id = h.plan_id AND d.id = h.target_id AND d.trashed_at IS NULL
    CROSS JOIN LATERAL (SELECT count(*)::int AS documents, coalesce(sum(size), 0)::float8 AS bytes FROM held
      WHERE handover = h.id) s
    WHERE h.target = 'plan' OR f.id IS NOT NULL OR d.id IS NOT NULL ORDER BY h.created_at DESC, h.id`,
    [id],
  )
}

export const offeredTo = (personId: string): Promise<OfferedThing[]> => offered('person_id', personId)
export const offeredFrom = (planId: string): Promise<OfferedThing[]> => offered('plan_id', planId)

export interface BlobInTwoPlans {
  readonly id: string
  readonly size: number
  readonly isLocked: boolean
  /** The same bytes in the other plan; null: it has none. */
  readonly otherId: string | null
}

/** Bytes, and where another plan has the same. */
export function sameBytesIn(
  transaction: Transaction,
  planId: string,
  blobIds: readonly string[],
): Promise<BlobInTwoPlans[]> {
  return rows(
    transaction,
    `SELECT b.id, b.size::float8 AS size, b.lock_id IS NOT NULL AS "isLocked", t.id AS "otherId"
    FROM blob b LEFT JOIN blob t ON t.plan_id = $1 AND t.sha256 = b.sha256 WHERE b.id = ANY($2::uuid[])`,
    [planId, blobIds],
  )
}

/** Copies bytes into a plan, each under the id that stands beside it. */
export async function copyBytes(
  transaction: Transaction,
  planId: string,
  pairs: readonly { readonly id: string; readonly copy: string }[],
): Promise<void> {
  const bind = [pairs.map(({ id }) => id), pairs.map(({ copy }) => copy)]
  await execute(
    transaction,
    `INSERT INTO blob (id, plan_id, sha256, size, created_at) SELECT c.copy, $3, b.sha256, b.size, now()
      FROM unnest($1::uuid[], $2::uuid[]) AS c(id, copy) JOIN blob b ON b.id = c.id`,
    [...bind, planId],
  )
  await execute(
    transaction,
    `INSERT INTO blob_chunk (blob_id, seq, bytes) SELECT c.copy, k.seq, k.bytes
      FROM unnest($1::uuid[], $2::uuid[]) AS c(id, copy) JOIN blob_chunk k ON k.blob_id = c.id`,
    bind,
  )
}

/** Which of these running numbers documents of a plan have. */
export async function takenNumbers(
  transaction: Transaction,
  planId: string,
  numbers: readonly string[],
): Promise<ReadonlySet<string>> {
  const found = await rows<{ number: string }>(
    transaction,
    `SELECT running_number AS number FROM document WHERE plan_id = $1 AND running_number = ANY($2::text[])`,
    [planId, numbers],
  )
  return new Set(found.map(({ number }) => number))
}
