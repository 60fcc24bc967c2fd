import { writeCsv } from '../formats/index'
import type { FolderId } from '../ids'
import type { NumberedTree } from '../numbering/index'
import { paddedCodes } from '../numbering/index'
import { outlineOf, branchOf, pathOf, totalsBelow } from '../tree/index'
import type { WrittenFolder } from './start'

export interface DirectFacts {
  readonly documents: number
  readonly size: number
  readonly changedAt: string
}

/**
 * A listing as CSV, a folder a row: code (padded, so that other programs sort it right), name, path,
 * meaning, purpose, documents and bytes in it and below, newest change in it and below.
 */
export function listingOf<F extends WrittenFolder>(
  numbered: NumberedTree<F>,
  meaningName: (id: string) => string | null,
  facts: ReadonlyMap<string, DirectFacts>,
  rootId: FolderId | null,
): string {
  const { tree } = numbered
  const codes = paddedCodes(numbered)
  const documents = totalsBelow(tree, folder => facts.get(folder.id)?.documents ?? 0)
  const sizes = totalsBelow(tree, folder => facts.get(folder.id)?.size ?? 0)
  const newest = new Map<FolderId, string>()
  for (const { folder } of outlineOf(tree).reverse()) {
    const own = [facts.get(folder.id)?.changedAt ?? '', newest.get(folder.id) ?? ''].sort().at(-1) ?? ''
    newest.set(folder.id, own)
    if (folder.parentId !== null && own > (newest.get(folder.parentId) ?? '')) newest.set(folder.parentId, own)
  }
  const scope = rootId === null ? outlineOf(tree).map(({ folder }) => folder) : branchOf(tree, rootId)
  return writeCsv([
    ['code', 'name', 'path', 'meaning', 'purpose', 'documents', 'bytes', 'changed'],
    ...scope.map(folder => [
      codes.get(folder.id) ?? '',
      folder.name,
      pathOf(tree, folder.id)
        .map(step => step.name)
        .join('/'),
      folder.meaningId === null ? '' : (meaningName(folder.meaningId) ?? ''),
      folder.purpose,
      documents.get(folder.id) ?? 0,
      sizes.get(folder.id) ?? 0,
      newest.get(folder.id) ?? '',
    ]),
  ])
}
