import type { FolderId } from '../../core/ids'

/** A thing that was picked up. */
export interface InHand {
  readonly kind: 'folder' | 'document'
  readonly id: string
  readonly name: string
  /** The place a document was picked up in; null: the In-tray, or a list from many places. */
  readonly fromFolderId: FolderId | null
}
