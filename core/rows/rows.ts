// The rows of a plan as the journal and the database know them. Times are ISO 8601 in UTC with
// milliseconds; sizes are bytes; `folded` is the name as searches compare it (core/text).

import type { DocumentId, FolderId, MeaningId } from '../ids'
import type { ChildOrder, Numbering } from '../numbering/index'

export interface PlanRow {
  readonly id: string
  readonly name: string
  /** Numbering of the top folders. */
  readonly numbering: Numbering
  readonly childOrder: ChildOrder
}

export interface FolderRow {
  readonly id: FolderId
  readonly parentId: FolderId | null
  readonly name: string
  readonly folded: string
  /** Place among its siblings: fractional keys, compared as plain strings. */
  readonly orderKey: string
  /** The folder's own number; null: it takes the next one in order. */
  readonly number: number | null
  /** How its children are numbered; null: as the folder itself is. */
  readonly numbering: Numbering | null
  readonly childOrder: ChildOrder
  /** null: the colour of its parent. */
  readonly meaningId: MeaningId | null
  readonly purpose: string
  readonly createdAt: string
  readonly trashedAt: string | null
  /** The id of what was put into the Trash and took this row with it; its own id when it was meant itself. */
  readonly trashRoot: string | null
}

export interface DocumentRow {
  readonly id: DocumentId
  readonly name: string
  readonly folded: string
  /** Lower-case, without the dot; empty when the file had none. */
  readonly extension: string
  readonly mediaType: string
  readonly size: number
  readonly blobId: string
  /** Number of the current version, from 1. */
  readonly version: number
  readonly remark: string
  readonly createdAt: string
  /** When the contents last changed, as the file said, else when it was brought in. */
  readonly changedAt: string
  readonly trashedAt: string | null
  readonly trashRoot: string | null
}

export interface VersionRow {
  readonly id: string
  readonly documentId: DocumentId
  readonly number: number
  readonly blobId: string
  readonly size: number
  readonly mediaType: string
  readonly extension: string
  readonly changedAt: string
  readonly createdAt: string
}

export interface PlacementRow {
  readonly id: string
  readonly documentId: DocumentId
  /** null: the In-tray. A document lies there once, or in one or more folders; never in both. */
  readonly folderId: FolderId | null
  readonly home: boolean
}

export interface StarRow {
  /** The id of what carries the star. */
  readonly id: string
  readonly target: 'folder' | 'document'
  readonly createdAt: string
}

export interface MeaningRow {
  readonly id: MeaningId
  readonly name: string
  /** `#rrggbb` */
  readonly ink: string
  readonly orderKey: string
  readonly closed: boolean
}

export interface Tables {
  plan: PlanRow
  folder: FolderRow
  document: DocumentRow
  version: VersionRow
  placement: PlacementRow
  star: StarRow
  meaning: MeaningRow
}

/** In the order in which rows may be inserted: what is pointed at comes first. */
export const TABLE_NAMES = ['plan', 'meaning', 'folder', 'document', 'version', 'placement', 'star'] as const
export type TableName = (typeof TABLE_NAMES)[number]
