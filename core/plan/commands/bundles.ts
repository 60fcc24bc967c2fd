// Bundles: named, ordered sets of documents from anywhere. The documents stay where they are filed.

import { generateNKeysBetween } from 'fractional-indexing'
import type { RowChange } from '../../change/index'
import { inserted } from '../../change/index'
import type { DocumentId } from '../../ids'
import type { BundleItemRow, BundleRow, DocumentRow } from '../../rows/index'
import type { Decision, Moment, Slice } from '../slice'
import { findDocument, isDecision } from '../slice'

export function itemRows(
  slice: Slice,
  bundle: BundleRow,
  ids: readonly DocumentId[],
  moment: Moment,
): Decision | { rows: RowChange[]; documents: DocumentRow[] } {
  const items = itemsOf(slice, bundle)
  const there = new Set<string>(items.map(item => item.documentId))
  const documents: DocumentRow[] = []
  for (const id of new Set(ids)) {
    if (there.has(id)) continue
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const keys = generateNKeysBetween(items.at(-1)?.orderKey ?? null, null, documents.length)
  return {
    documents,
    rows: documents.map((document, index) =>
      inserted('bundle_item', {
        id: moment.newId(),
        bundleId: bundle.id,
        documentId: document.id,
        orderKey: keys[index] ?? '',
      }),
    ),
  }
}

export function itemsOf(slice: Slice, bundle: BundleRow): BundleItemRow[] {
  return slice.bundleItems
    .filter(item => item.bundleId === bundle.id)
    .sort((a, b) => (a.orderKey < b.orderKey ? -1 : a.orderKey > b.orderKey ? 1 : 0))
}
