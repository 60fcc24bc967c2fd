// What comes of dropping what is dragged where it is held: decided before the drop, so that it can be said, and carried
// out as it was said.

import type { Refusal } from '../errors'
import { refusal } from '../errors'
import type { DocumentId, FolderId } from '../ids'
import type { NumberedPlan, NumberedTree } from '../numbering/index'
import type { Place, Things } from '../plan/index'
import { placedRows } from '../plan/index'
import type { FolderRow } from '../rows/index'
import type { Tree } from '../tree/index'
import { isInside } from '../tree/index'

/** What is dragged; null: from the In-tray, the top, or a list from many places. */
export interface Carried extends Things {
  readonly fromFolderId: FolderId | null
}

/** Where it is held; a folder of null is the In-tray for documents, the top of the plan for folders. */
export type DropTarget =
  | { readonly kind: 'hand' }
  | { readonly kind: 'folder'; readonly id: FolderId | null }
  | { readonly kind: 'between'; readonly place: Place }
  | { readonly kind: 'document'; readonly id: DocumentId; readonly folderId: FolderId }

export type Drop =
  | { readonly kind: 'pickUp' }
  /** Folders at an exact place; `code` is what the first of them would be called. */
  | { readonly kind: 'place'; readonly at: Place; readonly code: string }
  | { readonly kind: 'move'; readonly to: FolderId | null }
  | { readonly kind: 'fileAsWell'; readonly to: FolderId }
  /** A new folder for these documents, beside what it is made of. */
  | { readonly kind: 'gather'; readonly documentIds: readonly DocumentId[]; readonly in: FolderId }
  | { readonly kind: 'refused'; readonly why: 'nowhere' | 'itself' | 'there' | 'foldersInTray' | 'onePlace' }
  /** The numbers there allow it not, as they are. */
  | { readonly kind: 'refused'; readonly why: 'numbers'; readonly at: Place; readonly reason: Refusal }

export interface DropFacts {
  readonly plan: NumberedPlan
  readonly tree: Tree<FolderRow>
  readonly numbered: NumberedTree<FolderRow>
  readonly locale: string
}

/** `asWell`: a key is held that leaves documents where they are. Null as target: no place. */
export function decideDrop(
  carried: Carried,
  target: DropTarget | null,
  { asWell }: { readonly asWell: boolean },
  facts: DropFacts,
): Drop {
  if (target === null) return { kind: 'refused', why: 'nowhere' }
  if (target.kind === 'hand') return { kind: 'pickUp' }
  if (target.kind === 'between') return placed(carried.folderIds, target.place, facts)
  if (target.kind === 'document') return gathered(carried, target)
  return (asWell && filed(carried, target.id)) || moved(carried, target.id, facts.tree)
}

function placed(ids: readonly FolderId[], at: Place, { plan, tree, numbered, locale }: DropFacts): Drop {
  const found = placedRows(plan, tree.byId, ids, at, locale, numbered)
  return found.ok
    ? { kind: 'place', at, code: found.codes[0] ?? '' }
    : { kind: 'refused', why: 'numbers', at, reason: refusal(found.code, found.details) }
}

/** Whether what is dragged makes a folder together with this document. */
export const canGather = ({ folderIds, documentIds }: Things, id: DocumentId): boolean =>
  folderIds.length === 0 && !documentIds.includes(id)

function gathered(carried: Carried, { id, folderId }: Extract<DropTarget, { readonly kind: 'document' }>): Drop {
  if (!canGather(carried, id)) return { kind: 'refused', why: 'nowhere' }
  return { kind: 'gather', documentIds: [id, ...carried.documentIds], in: folderId }
}

/** Null where it says nothing more than a move. */
function filed({ folderIds, fromFolderId }: Carried, to: FolderId | null): Drop | null {
  if (to === null || fromFolderId === to) return null
  return folderIds.length > 0 ? { kind: 'refused', why: 'onePlace' } : { kind: 'fileAsWell', to }
}

function moved({ folderIds, documentIds, fromFolderId }: Carried, to: FolderId | null, tree: Tree<FolderRow>): Drop {
  if (to !== null && folderIds.some(id => isInside(tree, to, id))) return { kind: 'refused', why: 'itself' }
  const lies =
    folderIds.every(id => tree.byId.get(id)?.parentId === to) && (documentIds.length === 0 || fromFolderId === to)
  if (lies) return { kind: 'refused', why: 'there' }
  if (to === null && folderIds.length > 0 && documentIds.length > 0) return { kind: 'refused', why: 'foldersInTray' }
  return { kind: 'move', to }
}
