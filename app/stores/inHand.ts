import type { DocumentId, FolderId } from '../../core/ids'

/** A thing that was picked up. */
export type InHand = (
  { readonly kind: 'folder'; readonly id: FolderId } | { readonly kind: 'document'; readonly id: DocumentId }
) & {
  readonly name: string
  /** The place a document was picked up in; null: the In-tray, or a list from many places. */
  readonly fromFolderId: FolderId | null
}
