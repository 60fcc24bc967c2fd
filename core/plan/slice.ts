import type { RowChange } from '../change/index'
import type { ErrorCode, ErrorDetails, Refusal } from '../errors'
import { refusal } from '../errors'
import type { Message, Part } from '../history/index'
import { message } from '../history/index'
import type { DocumentId, FolderId, PersonId } from '../ids'
import type { NumberedTree } from '../numbering/index'
import { codedName, numberTree } from '../numbering/index'
import type { Tree } from '../tree/index'
import type {
  BundleItemRow,
  BundleRow,
  DocumentRow,
  FolderRow,
  GrantRow,
  GroupMemberRow,
  GroupRow,
  KeptSearchRow,
  MeaningRow,
  Order,
  PlacementRow,
  PlanRow,
  ShareLinkRow,
  StarRow,
  TaggingRow,
  TagRow,
  VersionRow,
} from '../rows/index'

/** The part of a plan that a command needs: all folders, and those documents that it touches with all their places. */
export interface Slice {
  readonly revision: number
  readonly plan: PlanRow
  readonly folders: ReadonlyMap<string, FolderRow>
  readonly documents: ReadonlyMap<string, DocumentRow>
  readonly placements: readonly PlacementRow[]
  readonly stars: ReadonlyMap<string, StarRow>
  readonly meanings: ReadonlyMap<string, MeaningRow>
  readonly tags: ReadonlyMap<string, TagRow>
  /** Those of the tags and things that the command names. */
  readonly taggings: readonly TaggingRow[]
  /** Of the documents whose versions the command names. */
  readonly versions: readonly VersionRow[]
  readonly orders: ReadonlyMap<string, Order>
  readonly searches: ReadonlyMap<string, KeptSearchRow>
  readonly bundles: ReadonlyMap<string, BundleRow>
  /** Those that the command names. */
  readonly links: ReadonlyMap<string, ShareLinkRow>
  /** All of them where the command asks for them. */
  readonly groups: ReadonlyMap<string, GroupRow>
  readonly members: readonly GroupMemberRow[]
  readonly grants: ReadonlyMap<string, GrantRow>
  /** Those that the command names, by what they are called. */
  readonly people: ReadonlyMap<string, { readonly id: PersonId; readonly name: string }>
  readonly ownerId: PersonId
  /** Those of the bundle that the command names. */
  readonly bundleItems: readonly BundleItemRow[]
  /** The last running number given under each code. */
  readonly serials: ReadonlyMap<string, number>
}

/** What a decision may not fetch by itself. */
export interface Moment {
  readonly now: string
  readonly newId: <Named extends string = string>() => Named
  readonly locale: string
}

interface Decided {
  readonly ok: true
  readonly rows: readonly RowChange[]
  /** What was done, to what, where. */
  readonly message: Message
  /** Folders in which something changed; null stands for the top, or the In-tray. */
  readonly places: readonly (FolderId | null)[]
}
export type Decision = Decided | { readonly ok: false; readonly reason: Refusal }

export function refuse(code: ErrorCode, details: ErrorDetails = {}): Decision {
  return { ok: false, reason: refusal(code, details) }
}

/** A decision, or "nothing to change" when no row differs. */
export function decided(rows: readonly RowChange[], said: Message, places: readonly (FolderId | null)[]): Decision {
  if (rows.length === 0) return refuse('act.nothing')
  return { ok: true, rows, message: said, places: [...new Set(places)] }
}

export function liveFolders(slice: Slice): FolderRow[] {
  return [...slice.folders.values()].filter(folder => folder.trashedAt === null)
}

// A command asks for codes and places several times; the same folders under the same numbering are numbered once.
const numbered = new WeakMap<Slice['folders'], { plan: string; locale: string; tree: NumberedTree<FolderRow> }>()

export function numberedSlice(slice: Slice, locale: string): NumberedTree<FolderRow> {
  const {
    folders,
    plan: { numbering, childOrder },
  } = slice
  const plan = JSON.stringify([numbering, childOrder])
  const known = numbered.get(folders)
  if (known?.plan === plan && known.locale === locale) return known.tree
  const tree = numberTree(slice.plan, liveFolders(slice), locale)
  numbered.set(folders, { plan, locale, tree })
  return tree
}

export function liveTree(slice: Slice, locale: string): Tree<FolderRow> {
  return numberedSlice(slice, locale).tree
}

/** A live folder, or why not. */
export function findFolder(slice: Slice, id: FolderId): FolderRow | Decision {
  const folder = slice.folders.get(id)
  if (!folder) return refuse('notFound')
  return folder.trashedAt === null ? folder : refuse('folder.inTrash', { name: folder.name })
}

export function findDocument(slice: Slice, id: DocumentId): DocumentRow | Decision {
  const document = slice.documents.get(id)
  if (!document) return refuse('notFound')
  return document.trashedAt === null ? document : refuse('document.inTrash', { name: document.name })
}

export function isDecision(value: object): value is Decision {
  return 'ok' in value
}

/** "1.2 Dues and invoices"; "the top of the plan" for null. */
export function placeText(slice: Slice, id: FolderId | null, locale: string): string {
  if (id === null) return 'the top of the plan'
  const name = slice.folders.get(id)?.name ?? ''
  return codedName(numberedSlice(slice, locale).codes.get(id)?.code ?? '', name)
}

/** The same for what History says. */
export function placeValue(slice: Slice, id: FolderId | null, locale: string): Part {
  return id === null ? message('top') : placeText(slice, id, locale)
}

/** Where documents without a folder are in the In-tray. */
export function documentPlaceValue(slice: Slice, id: FolderId | null, locale: string): Part {
  return id === null ? message('inTray') : placeText(slice, id, locale)
}

/**
 * The slice as it will be once these rows are written, as far as folders go: labels name a place as it is found
 * afterwards.
 */
export function sliceAfter(slice: Slice, rows: readonly RowChange[]): Slice {
  return { ...slice, folders: foldersAfter(slice.folders, rows) }
}

/** The folders once these rows are written; where none is among them, the very same map. */
export function foldersAfter(
  present: ReadonlyMap<string, FolderRow>,
  rows: readonly RowChange[],
): ReadonlyMap<string, FolderRow> {
  const changed = rows.filter(row => row.table === 'folder')
  if (changed.length === 0) return present
  const folders = new Map(present)
  for (const row of changed) {
    if (row.op === 'delete') folders.delete(row.id)
    else if (row.op === 'insert') folders.set(row.id, row.after)
    else {
      const before = folders.get(row.id)
      if (before) folders.set(row.id, { ...before, ...row.after })
    }
  }
  return folders
}

/** Every place of each document of the slice. */
export function placesByDocument(slice: Slice): Map<string, PlacementRow[]> {
  const byDocument = new Map<string, PlacementRow[]>()
  for (const placement of slice.placements) {
    const places = byDocument.get(placement.documentId)
    if (places) places.push(placement)
    else byDocument.set(placement.documentId, [placement])
  }
  return byDocument
}

/** A live sibling under `parentId` with the same folded name, other than `except`. */
export function twinOf(
  slice: Slice,
  parentId: FolderId | null,
  folded: string,
  except: readonly FolderId[],
): FolderRow | undefined {
  return liveFolders(slice).find(
    folder => folder.parentId === parentId && folder.folded === folded && !except.includes(folder.id),
  )
}

export function twinHint(slice: Slice, twin: FolderRow, locale: string): Decision {
  return refuse('name.twin', { twin: placeText(slice, twin.id, locale), twinId: twin.id })
}
