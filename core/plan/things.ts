import type { DocumentId, FolderId } from '../ids'

/** Folders and documents meant together, as a selection holds them. */
export interface Things {
  readonly folderIds: readonly FolderId[]
  readonly documentIds: readonly DocumentId[]
}

/** One thing of a list, by what it is. */
export type OneThing =
  { readonly kind: 'folder'; readonly id: FolderId } | { readonly kind: 'document'; readonly id: DocumentId }

export function thingsOf(items: readonly OneThing[]): Things {
  return {
    folderIds: items.flatMap(item => (item.kind === 'folder' ? [item.id] : [])),
    documentIds: items.flatMap(item => (item.kind === 'document' ? [item.id] : [])),
  }
}
