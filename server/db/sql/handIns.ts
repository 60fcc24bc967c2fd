// Who was handed something out in a folder, and what they handed in.

import { rows } from '../client'
import { isoText } from '../tables'
import { personName } from './people'

export interface HandIn {
  readonly folderId: string
  readonly personId: string
  readonly name: string
  /** ISO 8601; null: without an end. */
  readonly until: string | null
  /** Documents that they brought in themselves. */
  readonly count: number
  /** When the last of them came, and when they looked last; null: not yet. */
  readonly lastAt: string | null
  readonly openedAt: string | null
}

/** A line for each person with a folder of their own right in this one, by name. */
export function handInsIn(planId: string, folderId: string): Promise<HandIn[]> {
  return rows<HandIn>(
    null,
    `SELECT f.id AS "folderId", g.who_id AS "personId", ${personName('a')} AS name, ${isoText('g.until')} AS until,
      (SELECT count(*)::int FROM placement p JOIN document d ON d.plan_id = p.plan_id AND d.id = p.document_id
        AND d.trashed_at IS NULL WHERE p.plan_id = f.plan_id AND p.folder_id = f.id AND EXISTS (SELECT FROM change c
          WHERE c.plan_id = f.plan_id AND c.account_id = g.who_id AND c.kind = 'document.add'
            AND c.things @> ARRAY[d.id])) AS count,
      (SELECT ${isoText('max(c.at)')} FROM change c WHERE c.plan_id = f.plan_id AND c.account_id = g.who_id
        AND c.kind = 'document.add' AND c.undone_by IS NULL AND c.places @> ARRAY[f.id]) AS "lastAt",
      (SELECT ${isoText('max(u.at)')} FROM access_grant_use u JOIN access_grant o ON o.plan_id = u.plan_id
        AND o.id = u.grant_id WHERE o.plan_id = f.plan_id AND o.target_id = f.id AND u.account_id = g.who_id)
        AS "openedAt"
    FROM folder f JOIN access_grant g ON g.plan_id = f.plan_id AND g.target_id = f.id AND g.who = 'person'
      AND g.role = 'add' JOIN account a ON a.id = g.who_id
    WHERE f.plan_id = $1 AND f.parent_id = $2 AND f.trashed_at IS NULL ORDER BY f.order_key, f.id`,
    [planId, folderId],
  )
}
