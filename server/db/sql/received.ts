// What was given to a person: straight, by a group, or to everyone; and whether they have opened it.

import type { PersonId } from '../../../core/ids'
import type { GrantRow, Role } from '../../../core/rows/index'
import { execute, rows } from '../client'
import { isoText, selectList } from '../tables'
import { personName } from './people'

export interface ReceivedGrant extends GrantRow {
  readonly planId: string
  /** Of the plan it is in. */
  readonly ownerId: PersonId
  readonly from: string
  readonly planName: string
  readonly muted: boolean
  /** Of the document; null for folders and plans. */
  readonly documentName: string | null
  /** ISO 8601; null: not yet. */
  readonly openedAt: string | null
}

const GIVEN = `SELECT ${selectList('access_grant', 'g')}, g.plan_id AS "planId", p.account_id AS "ownerId",
    ${personName('a')} AS "from",
    EXISTS (SELECT FROM muted_giver q WHERE q.account_id = $1 AND q.giver_id = p.account_id) AS muted,
    p.name AS "planName", ${isoText('u.at')} AS "openedAt",
    (SELECT d.name FROM document d WHERE d.plan_id = g.plan_id AND d.id = g.target_id AND d.trashed_at IS NULL)
      AS "documentName"
  FROM access_grant g JOIN plan p ON p.id = g.plan_id JOIN account a ON a.id = p.account_id
  LEFT JOIN access_grant_use u ON u.plan_id = g.plan_id AND u.grant_id = g.id AND u.account_id = $1`
// Nobody is given what is theirs, and what is over is not given.
const RECEIVED = `${GIVEN}
  WHERE p.account_id <> $1 AND (g.until IS NULL OR g.until > $2) AND (g.who_id = $1 OR g.who = 'everyone'
    OR g.who_id IN (SELECT m.group_id FROM group_member m WHERE m.person_id = $1 AND m.plan_id = g.plan_id))`

/** The newest first. */
export const receivedBy = (personId: string, now: Date): Promise<ReceivedGrant[]> =>
  rows<ReceivedGrant>(null, `${RECEIVED} ORDER BY g.created_at DESC, g.id`, [personId, now])

/** One of them, while it is in force; where it is over, another one that gives them the same thing. */
export async function receivedGrant(personId: string, id: string, now: Date): Promise<ReceivedGrant | undefined> {
  const found = await rows<ReceivedGrant>(
    null,
    `${RECEIVED} AND g.target_id = (SELECT t.target_id FROM access_grant t WHERE t.id = $3) ORDER BY g.id <> $3`,
    [personId, now, id],
  )
  return found[0]
}

/** Something that a person gave, while it is in force, for them to see it as it is seen. */
export async function ownGrant(ownerId: string, id: string, now: Date): Promise<ReceivedGrant | undefined> {
  const found = await rows<ReceivedGrant>(
    null,
    `${GIVEN} WHERE p.account_id = $1 AND (g.until IS NULL OR g.until > $2) AND g.id = $3`,
    [ownerId, now, id],
  )
  return found[0]
}

/** The roles that a person has straight on any of these: a plan, folders, a document. */
export async function rolesOn(
  personId: string,
  planId: string,
  targetIds: readonly string[],
  now: Date,
): Promise<Role[]> {
  const found = await rows<{ role: Role }>(
    null,
    `SELECT DISTINCT g.role FROM access_grant g WHERE g.plan_id = $2 AND g.target_id = ANY($3::uuid[])
      AND (g.until IS NULL OR g.until > $4) AND (g.who = 'everyone' OR g.who_id = $1 OR g.who_id IN (
        SELECT m.group_id FROM group_member m WHERE m.person_id = $1 AND m.plan_id = $2))`,
    [personId, planId, targetIds, now],
  )
  return found.map(({ role }) => role)
}

export async function noteGrantUse(planId: string, grantId: string, personId: string, now: Date): Promise<void> {
  await execute(
    null,
    `INSERT INTO access_grant_use (plan_id, grant_id, account_id, count, at) VALUES ($1, $2, $3, 1, $4)
    ON CONFLICT (plan_id, grant_id, account_id)
      DO UPDATE SET count = access_grant_use.count + 1, at = excluded.at`,
    [planId, grantId, personId, now],
  )
}

export interface UsedGrant extends GrantRow {
  /** Of a document; null where that is gone, and of folders, which the outline names. */
  readonly name: string | null
  /** How often it was opened, by whoever has it. */
  readonly opened: number
  /** ISO 8601; null: never. */
  readonly openedAt: string | null
}

/** What is given out of a plan, the newest first, with how often each was opened. */
export function usedGrantsOf(planId: string): Promise<UsedGrant[]> {
  return rows<UsedGrant>(
    null,
    `SELECT ${selectList('access_grant', 'g')}, coalesce(u.count, 0) AS opened, ${isoText('u.at')} AS "openedAt",
      (SELECT d.name FROM document d WHERE d.plan_id = g.plan_id AND d.id = g.target_id AND d.trashed_at IS NULL)
        AS name
    FROM access_grant g LEFT JOIN LATERAL (SELECT sum(count)::int AS count, max(at) AS at FROM access_grant_use
      WHERE plan_id = g.plan_id AND grant_id = g.id) u ON true
    WHERE g.plan_id = $1 ORDER BY g.created_at DESC, g.id`,
    [planId],
  )
}
