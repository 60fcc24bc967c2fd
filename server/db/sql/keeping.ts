// Kept searches and bundles.

import type { BundleItemRow, BundleRow, KeptSearchRow } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { rows } from '../client'
import { BY_NAME, findRows } from '../findRows'

export function keptSearchesOf(transaction: Transaction | null, planId: string): Promise<KeptSearchRow[]> {
  return findRows('kept_search', { where: { planId }, order: [BY_NAME, 'id'], transaction })
}

export function bundlesOf(transaction: Transaction | null, planId: string): Promise<BundleRow[]> {
  return findRows('bundle', { where: { planId }, order: [['createdAt', 'DESC'], 'id'], transaction })
}

export function bundleItemsOf(
  transaction: Transaction | null,
  planId: string,
  bundleId: string,
): Promise<BundleItemRow[]> {
  return findRows('bundle_item', { where: { planId, bundleId }, order: ['orderKey'], transaction })
}

/** How many live documents are in each bundle, and their bytes. */
export function bundleSizes(planId: string): Promise<{ bundleId: string; count: number; size: number }[]> {
  return rows(
    null,
    `SELECT i.bundle_id AS "bundleId", count(*)::int AS count, sum(d.size)::float8 AS size FROM bundle_item i
      JOIN document d ON d.id = i.document_id AND d.plan_id = i.plan_id AND d.trashed_at IS NULL WHERE i.plan_id = $1
        GROUP BY i.bundle_id`,
    [planId],
  )
}

/** Live documents of a bundle, in its order. */
export async function documentsOfBundle(planId: string, bundleId: string): Promise<string[]> {
  const found = await rows<{ id: string }>(
    null,
    'SELECT d.id FROM bundle_item i JOIN document d ON d.id = i.document_id AND d.plan_id = i.plan_id AND ' +
      'd.trashed_at IS NULL WHERE i.plan_id = $1 AND i.bundle_id = $2 ORDER BY i.order_key',
    [planId, bundleId],
  )
  return found.map(row => row.id)
}
