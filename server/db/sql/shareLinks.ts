// Links that were given out: those of a plan with how often each was opened, and the one that a secret opens.

import type { PersonId } from '../../../core/ids'
import type { ShareLinkRow } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { execute, rows } from '../client'
import { findRows } from '../findRows'
import { isoText, selectList } from '../tables'

export interface UsedLink extends ShareLinkRow {
  /** Of a document; null where that is gone, and of folders, which the outline names. */
  readonly name: string | null
  /** How often it was opened. */
  readonly opened: number
  /** ISO 8601; null: never. */
  readonly openedAt: string | null
}

export function linksAmong(transaction: Transaction, planId: string, ids: readonly string[]): Promise<ShareLinkRow[]> {
  return findRows('share_link', { where: { planId, id: [...ids] }, transaction })
}

export const linksOf = (transaction: Transaction, planId: string): Promise<ShareLinkRow[]> =>
  findRows('share_link', { where: { planId }, transaction })

export function usedLinksOf(planId: string): Promise<UsedLink[]> {
  return rows<UsedLink>(
    null,
    `SELECT ${selectList('share_link', 'l')}, coalesce(u.count, 0) AS opened,
      (SELECT d.name FROM document d WHERE d.plan_id = l.plan_id AND d.id = l.target_id AND d.trashed_at IS NULL)
        AS name,
      ${isoText('u.at')} AS "openedAt"
    FROM share_link l LEFT JOIN share_link_use u ON u.plan_id = l.plan_id AND u.link_id = l.id
    WHERE l.plan_id = $1 ORDER BY l.created_at DESC, l.id`,
    [planId],
  )
}

/** The link with this secret while it is in force, with whose plan it is. */
export async function linkBySecretHash(
  secretHash: string,
  now: Date,
): Promise<(ShareLinkRow & { readonly planId: string; readonly accountId: PersonId }) | undefined> {
  const found = await rows<ShareLinkRow & { planId: string; accountId: PersonId }>(
    null,
    `SELECT ${selectList('share_link', 'l')}, l.plan_id AS "planId", p.account_id AS "accountId" FROM share_link l
    JOIN plan p ON p.id = l.plan_id WHERE l.secret_hash = $1 AND (l.until IS NULL OR l.until > $2)`,
    [secretHash, now],
  )
  return found[0]
}

export async function noteLinkUse(planId: string, linkId: string, now: Date): Promise<void> {
  await execute(
    null,
    `INSERT INTO share_link_use (plan_id, link_id, count, at) VALUES ($1, $2, 1, $3)
    ON CONFLICT (plan_id, link_id) DO UPDATE SET count = share_link_use.count + 1, at = excluded.at`,
    [planId, linkId, now],
  )
}
