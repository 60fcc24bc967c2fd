import type { FolderId, PersonId } from '../../../core/ids'
import { rows, execute } from '../client'

export interface ArrivalRow {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly origin: string
  readonly sender: string
  /** The beginning of its text, as it stands. */
  readonly text: string
}

const ARRIVAL = `d.id, d.name, d.extension, d.origin, d.sender, coalesce((SELECT left(t.body, 1800) FROM page_text t
  WHERE t.blob_id = d.blob_id AND t.page = 1), '') AS text`

/**
 * Documents in the In-tray that no standing order has looked at yet, read as far as they can be, of plans with an order
 * that is on. What was there before the orders were last changed is left alone.
 */
export function unseenArrivals(
  limit: number,
): Promise<(ArrivalRow & { planId: string; accountId: PersonId; email: string })[]> {
  return rows(
    null,
    `SELECT ${ARRIVAL}, d.plan_id AS "planId", a.id AS "accountId", a.email FROM document d JOIN plan p
      ON p.id = d.plan_id JOIN account a ON a.id = p.account_id JOIN placement q ON q.document_id = d.id
        AND q.plan_id = d.plan_id AND q.folder_id IS NULL
    WHERE d.trashed_at IS NULL AND EXISTS (SELECT FROM standing_order o WHERE o.plan_id = d.plan_id AND o.active)
    AND NOT EXISTS (SELECT FROM order_look l WHERE l.document_id = d.id AND l.plan_id = d.plan_id)
      AND NOT EXISTS (SELECT FROM reading r WHERE r.blob_id = d.blob_id AND r.state IN ('waiting', 'reading'))
    AND d.created_at >= (SELECT max(c.at) FROM change c WHERE c.plan_id = d.plan_id AND c.kind = 'order.set')
    ORDER BY d.created_at LIMIT $1`,
    [limit],
  )
}

/** Marks them as looked at; those that were deleted meanwhile are passed over. */
export async function markProcessed(
  arrivals: readonly { readonly planId: string; readonly id: string }[],
): Promise<void> {
  await execute(
    null,
    'INSERT INTO order_look (document_id, plan_id) SELECT d.id, d.plan_id FROM unnest($1::uuid[], $2::uuid[]) AS ' +
      'a(plan_id, id) JOIN document d USING (plan_id, id) ON CONFLICT DO NOTHING',
    [arrivals.map(({ planId }) => planId), arrivals.map(({ id }) => id)],
  )
}

/** The last documents that arrived, wherever they lie now. */
export function lastArrivals(
  planId: string,
  limit: number,
): Promise<(ArrivalRow & { folderIds: (FolderId | null)[] })[]> {
  return rows(
    null,
    `SELECT ${ARRIVAL},
    ARRAY(SELECT p.folder_id FROM placement p LEFT JOIN folder f ON f.id = p.folder_id AND f.plan_id = p.plan_id
      WHERE p.document_id = d.id AND p.plan_id = d.plan_id AND f.trashed_at IS NULL
        ORDER BY p.home DESC, p.id) AS "folderIds"
    FROM document d WHERE d.plan_id = $1 AND d.trashed_at IS NULL AND d.origin <> 'copy'
      ORDER BY d.created_at DESC, d.id DESC LIMIT $2`,
    [planId, limit],
  )
}
