import { fail } from '../../../core/errors'
import type { BundleRow } from '../../../core/rows/index'
import { bundleSizes, bundlesOf, documentsOfBundle } from '../../db/sql/keeping'
import type { ListedDocument } from '../../db/sql/documentList'
import { documentsInOrder } from '../../db/sql/documentList'
import type { Actor } from '../actor'

export interface Bundle extends BundleRow {
  readonly count: number
  /** Bytes. */
  readonly size: number
}

/** All bundles, the newest first. */
export async function listBundles(actor: Actor): Promise<Bundle[]> {
  const [bundles, sizes] = await Promise.all([bundlesOf(null, actor.planId), bundleSizes(actor.planId)])
  const sizeOf = new Map(sizes.map(size => [size.bundleId, size]))
  return bundles.map(bundle => ({
    ...bundle,
    count: sizeOf.get(bundle.id)?.count ?? 0,
    size: sizeOf.get(bundle.id)?.size ?? 0,
  }))
}

/** One bundle with its documents in order. Throws notFound. */
export async function readBundle(actor: Actor, id: string): Promise<{ bundle: Bundle; documents: ListedDocument[] }> {
  const bundle = (await listBundles(actor)).find(one => one.id === id) ?? fail('notFound')
  return { bundle, documents: await documentsInOrder(actor.planId, await documentsOfBundle(actor.planId, id)) }
}
