// One folder merged into another: what meets what, and what comes of it.

import type { DocumentId, FolderId } from '../ids'
import type { DocumentRow, FolderRow, PlacementRow } from '../rows/index'
import type { Tree } from '../tree/index'
import { childrenOf } from '../tree/index'
import { nameKey } from './name'

export const MERGE_CHOICES = ['both', 'one'] as const
/**
 * Two documents of one name: both are kept, the incoming one with a counted name; or only the one that is there, the
 * other goes into the Trash.
 */
export type MergeChoice = (typeof MERGE_CHOICES)[number]

interface MeetingDocuments {
  readonly from: DocumentId
  readonly into: DocumentId
  readonly name: string
  readonly extension: string
  /** The very same bytes: one of them is enough. */
  readonly same: boolean
}

export interface Meeting {
  /** Folders that become one, children before they are looked into. */
  readonly folders: readonly { readonly from: FolderId; readonly into: FolderId }[]
  /** Folders that only move, with all they hold. */
  readonly moved: readonly { readonly folder: FolderRow; readonly parentId: FolderId }[]
  readonly documents: readonly MeetingDocuments[]
  /** Placements that only move. */
  readonly placements: readonly { readonly placement: PlacementRow; readonly folderId: FolderId }[]
}

interface Filed {
  readonly documents: ReadonlyMap<string, DocumentRow>
  readonly placements: readonly PlacementRow[]
}

/**
 * Walks both folders side by side: children of the same name (case and accents apart) become one, all else moves over.
 */
export function meetingOf(tree: Tree<FolderRow>, filed: Filed, fromId: FolderId, intoId: FolderId): Meeting {
  const byFolder = new Map<string, PlacementRow[]>()
  for (const placement of filed.placements) {
    if (placement.folderId === null) continue
    const list = byFolder.get(placement.folderId)
    if (list) list.push(placement)
    else byFolder.set(placement.folderId, [placement])
  }
  const folders: { from: FolderId; into: FolderId }[] = []
  const moved: { folder: FolderRow; parentId: FolderId }[] = []
  const documents: MeetingDocuments[] = []
  const placements: { placement: PlacementRow; folderId: FolderId }[] = []
  const stack: { from: FolderId; into: FolderId }[] = [{ from: fromId, into: intoId }]
  for (let pair = stack.pop(); pair; pair = stack.pop()) {
    folders.push(pair)
    const there = new Map(
      childrenOf(tree, pair.into)
        .filter(folder => folder.id !== fromId)
        .map(folder => [folder.folded, folder]),
    )
    for (const child of childrenOf(tree, pair.from)) {
      if (child.id === intoId) continue
      const twin = there.get(child.folded)
      if (twin) stack.push({ from: child.id, into: twin.id })
      else moved.push({ folder: child, parentId: pair.into })
    }
    const live = (id: string) => {
      const document = filed.documents.get(id)
      return document?.trashedAt === null ? document : undefined
    }
    const named = new Map<string, DocumentRow>()
    for (const placement of byFolder.get(pair.into) ?? []) {
      const document = live(placement.documentId)
      if (document) named.set(nameKey(document.name, document.extension), document)
    }
    for (const placement of byFolder.get(pair.from) ?? []) {
      const document = live(placement.documentId)
      if (!document) continue
      const twin = named.get(nameKey(document.name, document.extension))
      if (twin && twin.id !== document.id)
        documents.push({
          from: document.id,
          into: twin.id,
          name: document.name,
          extension: document.extension,
          same: twin.blobId === document.blobId,
        })
      placements.push({ placement, folderId: pair.into })
    }
  }
  return { folders, moved, documents, placements }
}
