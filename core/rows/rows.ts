// The rows of a plan as the journal and the database know them. Times are ISO 8601 in UTC with
// milliseconds; sizes are bytes; `folded` is the name as searches compare it
// (core/text), for a document with its running number.

import type { Format } from '../formats/index'
import type { BundleId, DocumentId, FolderId, MeaningId, OrderId, SearchId, TagId } from '../ids'
import type { ChildOrder, Numbering } from '../numbering/index'
import type { GrantRow, GroupMemberRow, GroupRow, ShareLinkRow } from './giving'

export interface PlanRow {
  readonly id: string
  readonly name: string
  /** Numbering of the top folders. */
  readonly numbering: Numbering
  readonly childOrder: ChildOrder
  /** Days after which what lies in the Trash is deleted for good; null: never. */
  readonly trashDays: number | null
  /** Nothing is given but areas. */
  readonly areasOnly: boolean
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
  /** The own number is kept whatever is renumbered. */
  readonly numberFixed: boolean
  /** Own text that is written in place of the number ("X", "Q1"). */
  readonly label: string | null
  /** False: left out of the numbers of its siblings. */
  readonly numbered: boolean
  /** Kept before its siblings, in whatever order they are. */
  readonly first: boolean
  /** In the short list under the outline. */
  readonly pinned: boolean
  /** A place for what others are to see: whoever adds to it gives it to all whom it is given to. */
  readonly area: boolean
  /** Its documents get running numbers. */
  readonly registering: boolean
  /** How its children are numbered; null: as the folder itself is. */
  readonly numbering: Numbering | null
  readonly childOrder: ChildOrder
  /** null: the colour of its parent. */
  readonly meaningId: MeaningId | null
  readonly purpose: string
  readonly remark: string
  /** How documents filed here are called (core/filing); null: as in its parent. */
  readonly namePattern: string | null
  readonly createdAt: string
  readonly trashedAt: string | null
  /** The id of what was put into the Trash and took this row with it; its own id when it was meant itself. */
  readonly trashRoot: string | null
}

/** Ways in by which a document arrived. */
export const ORIGINS = [
  'upload',
  'memo',
  'link',
  'paste',
  'scan',
  'mail',
  'colleague',
  'drop',
  'share',
  'copy',
] as const
export type Origin = (typeof ORIGINS)[number]

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
  /** A meaning of its own; null: the colour of the folder it lies in. */
  readonly meaningId: MeaningId | null
  /** Given once by the first folder that numbers its documents ("1.1-014"), never used twice, kept wherever it goes. */
  readonly runningNumber: string | null
  /** The way in. */
  readonly origin: Origin
  /** Who it came from (a mail's sender, a colleague); empty when nobody is known. */
  readonly sender: string
  /** The document it was copied from. */
  readonly copiedFrom: DocumentId | null
  /** The message it was attached to. */
  readonly partOf: DocumentId | null
  /** The standing order that dealt with it when it arrived. */
  readonly filedBy: OrderId | null
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
  readonly remark: string
}

export interface PlacementRow {
  readonly id: string
  readonly documentId: DocumentId
  /** null: the In-tray. A document lies there once, or in one or more folders; never in both. */
  readonly folderId: FolderId | null
  readonly home: boolean
  /** Kept before the others of its folder, in whatever order they are. */
  readonly first: boolean
  /** Among those that are kept first, by hand; empty: behind these, in the order of the folder. */
  readonly orderKey: string
}

/** How a stripe is drawn: full, or with gaps that also show without colour. */
export const PATTERNS = ['full', 'dashes', 'dots', 'slant'] as const
export type Pattern = (typeof PATTERNS)[number]

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
  /** A second sign beside the ink. */
  readonly pattern: Pattern
}

/** A word on documents and folders that cuts across the plan. */
export interface TagRow {
  readonly id: TagId
  readonly name: string
  readonly folded: string
  /** The ink it is written with, from the colour key; null: plain. */
  readonly meaningId: MeaningId | null
  /** Not offered while tagging; what carries it keeps it. */
  readonly hidden: boolean
}

export interface TaggingRow {
  readonly id: string
  readonly tagId: TagId
  readonly target: 'folder' | 'document'
  /** The id of what carries the tag. */
  readonly targetId: string
}

/** What arrivals have to be for a standing order: all that is set. */
export interface OrderWhen {
  /** Any of these ways in; none: all. */
  readonly origins: readonly Origin[]
  /** Any of these kinds (core/find); none: all. */
  readonly types: readonly Format['group'][]
  /** Words of who sent it. */
  readonly sender: string
  /** Words of its name or of the beginning of its text. */
  readonly words: string
  /** A rule of a search (core/find/rule) as JSON, which has to hold as well; none in orders of before. */
  readonly rule?: { readonly kind: string } | null
}

/** What a standing order does. */
export interface OrderThen {
  readonly folderId: FolderId | null
  /** How it is called (core/plan/namePattern); null: as it is. */
  readonly pattern: string | null
  readonly tags: readonly string[]
  readonly star: boolean
}

export interface Order {
  readonly id: OrderId
  readonly name: string
  /** The first that fits is carried out. */
  readonly orderKey: string
  readonly active: boolean
  readonly when: OrderWhen
  readonly then: OrderThen
}

/** A search under a name; it holds no documents. */
export interface KeptSearchRow {
  readonly id: SearchId
  readonly name: string
  /** The parts of its URL (core/find/searchQuery). */
  readonly query: Readonly<Record<string, string>>
  /** Where it is shown inside the plan; null: not there. */
  readonly folderId: FolderId | null
  /** In the short list. */
  readonly pinned: boolean
  readonly desk: boolean
  readonly createdAt: string
}

/** A named, ordered set of documents from anywhere. */
export interface BundleRow {
  readonly id: BundleId
  readonly name: string
  readonly note: string
  readonly done: boolean
  readonly createdAt: string
}

export interface BundleItemRow {
  readonly id: string
  readonly bundleId: BundleId
  readonly documentId: DocumentId
  readonly orderKey: string
}

export interface Tables {
  plan: PlanRow
  folder: FolderRow
  document: DocumentRow
  version: VersionRow
  placement: PlacementRow
  star: StarRow
  meaning: MeaningRow
  tag: TagRow
  tagging: TaggingRow
  standing_order: Order
  kept_search: KeptSearchRow
  bundle: BundleRow
  bundle_item: BundleItemRow
  share_link: ShareLinkRow
  person_group: GroupRow
  group_member: GroupMemberRow
  access_grant: GrantRow
}

export type TableName = keyof Tables
