// What an act is. Each stands in a file of its own and in the registry; menus, cards, keys, the list of keys and the
// go-to-and-do field are made from there.

import type { PlanFolder } from '../../contract/plan'
import type { ListedDocument } from '../../contract/document'
import type { DocumentId, FolderId, TagId } from '../../core/ids'

interface ThingBase {
  /** Its key within the list. */
  readonly key: string
  readonly name: string
  readonly starred: boolean
}

export interface FolderItem extends ThingBase {
  readonly kind: 'folder'
  readonly id: FolderId
  readonly extension?: undefined
  readonly tagIds?: undefined
}

export interface DocumentItem extends ThingBase {
  readonly kind: 'document'
  readonly id: DocumentId
  readonly extension?: string
  readonly tagIds?: readonly TagId[]
  readonly locked?: boolean
}

export type ThingItem = FolderItem | DocumentItem

/** A document of a list. */
export const documentItem = ({ id, name, starred, extension, tagIds, reading }: ListedDocument): DocumentItem => ({
  key: `d:${id}`,
  kind: 'document',
  id,
  name,
  starred,
  extension,
  tagIds,
  locked: reading === 'locked',
})

/** A folder of a list or of the outline. */
export const folderItem = ({ id, name }: PlanFolder, starred: boolean): FolderItem => ({
  key: `f:${id}`,
  kind: 'folder',
  id,
  name,
  starred,
})

/** What an act on things is done to, and how the list that holds them opens, names and shows one. */
export interface ThingTarget {
  readonly items: readonly ThingItem[]
  /** The folder they are looked at in; null in the In-tray, at the top, and in lists from many places. */
  readonly fromFolderId: FolderId | null
  /** Absent where it is open already. */
  readonly open?: (item: ThingItem) => void
  readonly rename: (item: ThingItem) => void
  /** Shows one at its place; absent where it is shown there already. */
  readonly show?: (item: ThingItem) => void
  /** They went into the Trash: what showed them leaves. */
  readonly gone?: () => void
}

/** The place an act is done in; null: the top of the plan. */
export interface PlaceTarget {
  readonly folder: PlanFolder | null
}

/** The parts of a menu, with a rule between them. */
export type ActPart = 'go' | 'lay' | 'mark' | 'out' | 'away' | 'build' | 'write' | 'shape' | 'save' | 'app'

export interface ActOn<Target> {
  /** Settings remember a changed key by it. */
  readonly id: string
  /** What the list of keys calls it. */
  readonly title: string
  /** Written as "M", "F2", "Ctrl+X"; absent: none. */
  readonly key?: string
  /** Further keys, which are not changed in Settings. */
  readonly also?: readonly string[]
  readonly part: ActPart
  /** One of the few that a card shows as words; the others are behind "More". */
  readonly often?: boolean
  /** What it says of this target, where that is not its title. */
  readonly words?: (target: Target) => string
  /** Absent: always. */
  readonly applies?: (target: Target) => boolean
  readonly run: (target: Target) => void
}

export type ThingAct = ActOn<ThingTarget>
export type PlaceAct = ActOn<PlaceTarget>
export type PlainAct = ActOn<null>

/** An act with what it is done to: ready to be shown and run. */
export interface OfferedAct {
  readonly id: string
  readonly name: string
  /** The key that is shown beside it; empty: none. */
  readonly key: string
  /** All keys it hears, in the notation of `keysPressed`. */
  readonly keys: readonly string[]
  readonly part: ActPart
  readonly often: boolean
  readonly run: () => void
}

export const onlyOne = ({ items }: ThingTarget): boolean => items.length === 1
export const areDocuments = ({ items }: ThingTarget): boolean => items.every(item => item.kind === 'document')
/** The one document or folder that is meant; undefined: several. */
export const theOne = ({ items }: ThingTarget): ThingItem | undefined => (items.length === 1 ? items[0] : undefined)
