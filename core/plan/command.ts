import type { BundleId, DocumentId, FolderId, MeaningId, OrderId, SearchId, TagId } from '../ids'
import type { ChildOrder, Numbering } from '../numbering/index'
import type { Arrangement } from './arrangedRows'
import type { DraftedFolder } from './draftedRows'
import type { MergeChoice } from './mergedRows'
import type { Place } from './placedRows'
import type { OrderThen, OrderWhen, Origin, Pattern } from '../rows/index'

/** Folders and documents meant together, as a selection holds them. */
export interface Things {
  readonly folderIds: readonly FolderId[]
  readonly documentIds: readonly DocumentId[]
}

/**
 * Everything that can be done to a plan. `folderId: null` means the plan's top, for documents the
 * In-tray. `allowTwin` says that the hint about a sibling of the same name was seen.
 */
export type Command =
  | { readonly kind: 'folder.create'; readonly id: FolderId; readonly parentId: FolderId | null; readonly name: string; readonly allowTwin: boolean }
  | { readonly kind: 'folder.rename'; readonly id: FolderId; readonly name: string; readonly allowTwin: boolean }
  | { readonly kind: 'folder.describe'; readonly id: FolderId; readonly purpose: string }
  | { readonly kind: 'folder.colour'; readonly id: FolderId; readonly meaningId: MeaningId | null; readonly below?: boolean }
  | { readonly kind: 'folder.number'; readonly id: FolderId; readonly number: number | null; readonly fixed?: boolean; readonly label?: string | null; readonly numbered?: boolean }
  | { readonly kind: 'folder.first'; readonly id: FolderId; readonly on: boolean }
  | { readonly kind: 'folder.pin'; readonly id: FolderId; readonly on: boolean }
  | { readonly kind: 'folder.register'; readonly id: FolderId; readonly on: boolean }
  | { readonly kind: 'folder.remark'; readonly id: FolderId; readonly remark: string }
  | { readonly kind: 'folder.numbering'; readonly id: FolderId | null; readonly numbering: Numbering | null }
  | { readonly kind: 'folder.order'; readonly id: FolderId | null; readonly order: ChildOrder }
  | { readonly kind: 'document.add'; readonly folderId: FolderId | null; readonly clash: Clash; readonly files: readonly NewFile[]; /** Made with the files, parents first; parentId null: in folderId. */ readonly folders?: readonly { readonly id: FolderId; readonly parentId: FolderId | null; readonly name: string }[] }
  | { readonly kind: 'document.rename'; readonly id: DocumentId; readonly name: string }
  | { readonly kind: 'document.remark'; readonly id: DocumentId; readonly remark: string }
  | { readonly kind: 'meaning.set'; readonly id: MeaningId; readonly name: string; readonly ink: string; readonly closed: boolean; readonly pattern?: Pattern }
  | { readonly kind: 'folder.duplicate'; readonly id: FolderId; readonly newId: FolderId; readonly parentId: FolderId | null; readonly withDocuments: boolean }
  | { readonly kind: 'folder.merge'; readonly fromId: FolderId; readonly intoId: FolderId; readonly choices: readonly { readonly documentId: DocumentId; readonly choice: MergeChoice }[] }
  | { readonly kind: 'folder.place'; readonly ids: readonly FolderId[]; readonly allowTwin?: boolean } & Place
  | { readonly kind: 'folder.arrange' } & Arrangement
  | {
    readonly kind: 'draft.apply'
    readonly rootId: FolderId | null
    /** Revision of the plan from which the draft was last compared. */
    readonly revision: number
    readonly folders: readonly DraftedFolder[]
    readonly removed: readonly { readonly id: FolderId; readonly documents: WhereTo }[]
    readonly newMeanings: readonly { readonly id: MeaningId; readonly name: string; readonly ink: string }[]
    /** How the children of the root are numbered; null: as before. */
    readonly numbering: Numbering | null
    /** What the root holds already stays beside the drafted folders. */
    readonly additive?: boolean
  }
  | { readonly kind: 'meaning.place'; readonly id: MeaningId; readonly before: MeaningId | null }
  | { readonly kind: 'meaning.drop'; readonly id: MeaningId; readonly replaceBy: MeaningId | null }
  | { readonly kind: 'document.colour'; readonly documentIds: readonly DocumentId[]; readonly meaningId: MeaningId | null }
  | { readonly kind: 'folder.names'; readonly id: FolderId; readonly pattern: string | null }
  | {
    readonly kind: 'document.file'
    readonly documents: readonly { readonly id: DocumentId; readonly name: string | null }[]
    /** The first becomes the home of what has none. */
    readonly folderIds: readonly FolderId[]
    readonly tags: readonly { readonly id: TagId; readonly name: string }[]
    /** A standing order does it. */
    readonly by?: { readonly id: OrderId; readonly name: string; readonly star: boolean }
  }
  | { readonly kind: 'order.set'; readonly id: OrderId; readonly name: string; readonly active: boolean; readonly when: OrderWhen; readonly then: OrderThen }
  | { readonly kind: 'order.drop'; readonly id: OrderId }
  | { readonly kind: 'document.names'; readonly names: readonly { readonly id: DocumentId; readonly name: string }[] }
  | { readonly kind: 'document.write'; readonly id: DocumentId; readonly written: boolean; readonly file: Pick<NewFile, 'versionId' | 'blobId' | 'size' | 'mediaType' | 'changedAt'> & { readonly extension: string } }
  | { readonly kind: 'version.current'; readonly documentId: DocumentId; readonly number: number }
  | { readonly kind: 'version.remark'; readonly documentId: DocumentId; readonly number: number; readonly remark: string }
  | { readonly kind: 'plan.trash'; readonly days: number | null }
  | { readonly kind: 'place.remove'; readonly documentIds: readonly DocumentId[]; readonly folderId: FolderId }
  | { readonly kind: 'place.home'; readonly documentId: DocumentId; readonly folderId: FolderId }
  | { readonly kind: 'document.copy'; readonly copies: readonly { readonly id: DocumentId; readonly newId: DocumentId }[]; readonly folderId: FolderId | null; /** With all below and the documents in it. */ readonly folders?: readonly { readonly id: FolderId; readonly newId: FolderId }[] }
  | { readonly kind: 'tag.put'; readonly tags: readonly { readonly id: TagId; readonly name: string }[] } & Things
  | { readonly kind: 'tag.take'; readonly tagIds: readonly TagId[] } & Things
  | { readonly kind: 'tag.set'; readonly id: TagId; readonly name: string; readonly meaningId: MeaningId | null; readonly hidden: boolean }
  | { readonly kind: 'tag.merge'; readonly id: TagId; readonly into: TagId }
  | { readonly kind: 'tag.drop'; readonly id: TagId }
  | { readonly kind: 'move'; readonly toFolderId: FolderId | null; readonly fromFolderId: FolderId | null; readonly allowTwin: boolean; /** Folders in which the documents are filed as well. */ readonly also?: readonly FolderId[]; /** Where single documents are left, instead of fromFolderId; null: the In-tray. */ readonly froms?: readonly { readonly documentId: DocumentId; readonly folderId: FolderId | null }[] } & Things
  | { readonly kind: 'search.keep'; readonly id: SearchId; readonly name: string; readonly query: Readonly<Record<string, string>>; readonly folderId: FolderId | null; readonly pinned: boolean; readonly desk: boolean }
  | { readonly kind: 'search.drop'; readonly id: SearchId }
  | { readonly kind: 'search.folder'; /** The kept search it is made of; null: one that is not kept. */ readonly id: SearchId | null; readonly folderId: FolderId; readonly parentId: FolderId | null; readonly name: string; readonly documentIds: readonly DocumentId[]; readonly way: 'move' | 'file'; /** The kept search goes then. */ readonly drop: boolean }
  | { readonly kind: 'folder.tag'; readonly id: FolderId; readonly tag: { readonly id: TagId; readonly name: string }; readonly searchId: SearchId; /** The folder goes into the Trash, its documents one level up. */ readonly dissolve: boolean }
  | { readonly kind: 'bundle.set'; readonly id: BundleId; readonly name: string; readonly note: string; readonly done: boolean; /** For a new one. */ readonly documentIds?: readonly DocumentId[] }
  | { readonly kind: 'bundle.put'; readonly id: BundleId; readonly documentIds: readonly DocumentId[] }
  | { readonly kind: 'bundle.take'; readonly id: BundleId; readonly documentIds: readonly DocumentId[] }
  | { readonly kind: 'bundle.order'; readonly id: BundleId; readonly documentIds: readonly DocumentId[] }
  | { readonly kind: 'bundle.drop'; readonly id: BundleId }
  | { readonly kind: 'star'; readonly on: boolean } & Things
  | { readonly kind: 'trash' } & Things
  | { readonly kind: 'restore' } & Things

/** Where the documents of a folder go that is removed: the nearest folder that stays, the In-tray, another folder, the Trash. */
export type WhereTo =
  | { readonly to: 'parent' | 'in-tray' | 'trash' }
  | { readonly to: 'folder'; readonly folderId: FolderId | null }

export type CommandKind = Command['kind']

/** What to do when the folder holds a document of the same name and type. */
export const CLASHES = ['both', 'version'] as const
export type Clash = (typeof CLASHES)[number]

/** Bytes that are in the store already and become a document, or a version of one. */
export interface NewFile {
  readonly id: DocumentId
  readonly versionId: string
  readonly placementId: string
  readonly fileName: string
  readonly mediaType: string
  readonly size: number
  readonly blobId: string
  readonly changedAt: string
  /** The way in; an upload unless said. */
  readonly origin?: Origin
  readonly sender?: string
  /** The message it came with. */
  readonly partOf?: DocumentId
  /** Where it goes, and what to do with its namesake, when that differs from the others. */
  readonly folderId?: FolderId
  readonly clash?: Clash
}
