// What is behind an address, and who would like to be given it.

import type { DocumentId, FolderId, PersonId } from '../../../core/ids'
import { rows } from '../client'
import { isoText } from '../tables'
import { personName } from './people'

export interface Wanted {
  readonly planId: string
  readonly ownerId: PersonId
  readonly target: 'plan' | 'folder' | 'document'
  readonly targetId: string
}

/**
 * What has this id: what a grant gives, a live folder, a live document or a plan. A document by its row for searches,
 * which is found without knowing the plan.
 */
export async function wantedBy(id: string): Promise<Wanted | undefined> {
  const found = await rows<Wanted>(
    null,
    `SELECT x.plan_id AS "planId", p.account_id AS "ownerId", x.target, x.target_id AS "targetId" FROM (
      SELECT plan_id, target, target_id FROM access_grant WHERE id = $1
      UNION ALL SELECT plan_id, 'folder', id FROM folder WHERE id = $1 AND trashed_at IS NULL
      UNION ALL SELECT d.plan_id, 'document', d.id FROM search_row s JOIN document d ON d.plan_id = s.plan_id
        AND d.id = s.document_id WHERE s.document_id = $1 AND d.trashed_at IS NULL
      UNION ALL SELECT id, 'plan', id FROM plan WHERE id = $1) x JOIN plan p ON p.id = x.plan_id LIMIT 1`,
    [id],
  )
  return found[0]
}

/** By whom somebody was given what they opened by this grant, also once it has ended. */
export async function formerGiver(personId: string, grantId: string): Promise<string | null> {
  const found = await rows<{ name: string }>(
    null,
    `SELECT ${personName('a')} AS name FROM access_grant_use u JOIN plan p ON p.id = u.plan_id
      JOIN account a ON a.id = p.account_id WHERE u.account_id = $1 AND u.grant_id = $2`,
    [personId, grantId],
  )
  return found[0]?.name ?? null
}

/** Whether it is a folder or document of this plan, also in its Trash. */
export async function isInPlan(planId: string, id: string): Promise<boolean> {
  const found = await rows(
    null,
    `SELECT 1 FROM folder WHERE plan_id = $1 AND id = $2
      UNION ALL SELECT 1 FROM document WHERE plan_id = $1 AND id = $2`,
    [planId, id],
  )
  return found.length > 0
}

export interface OpenRequest {
  readonly id: string
  readonly personId: PersonId
  readonly name: string
  readonly email: string
  readonly target: Wanted['target']
  readonly targetId: FolderId | DocumentId | string
  /** Of a document; null of what the outline names, and where it is gone. */
  readonly documentName: string | null
  readonly note: string
  readonly createdAt: string
}

/** Those that nobody answered yet, the newest first. */
export function openRequests(planId: string): Promise<OpenRequest[]> {
  return rows(
    null,
    `SELECT r.id, r.account_id AS "personId", ${personName('a')} AS name, a.email, r.target, r.target_id AS "targetId",
      (SELECT d.name FROM document d WHERE d.plan_id = r.plan_id AND d.id = r.target_id AND d.trashed_at IS NULL)
        AS "documentName", r.note, ${isoText('r.created_at')} AS "createdAt"
    FROM access_request r JOIN account a ON a.id = r.account_id
    WHERE r.plan_id = $1 AND r.answered_at IS NULL ORDER BY r.created_at DESC, r.id`,
    [planId],
  )
}
