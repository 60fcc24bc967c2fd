// Folders that go while others of their branch stay, and where their documents go.

import type { RowChange } from '../../change/index'
import { deleted, updated } from '../../change/index'
import type { FolderId } from '../../ids'
import type { FolderRow, PlacementRow } from '../../rows/index'
import type { Tree } from '../../tree/index'
import { branchOf, outlineOf } from '../../tree/index'
import type { Decision, Moment, Slice } from '../slice'
import { findFolder, isDecision, placesByDocument } from '../slice'
import { IN_ORDER } from '../inOrder'

/**
 * Where the documents of a folder go that is removed: the nearest folder that stays, the In-tray, another folder, the
 * Trash.
 */
export interface WhereTo {
  readonly to: 'parent' | 'in-tray' | 'trash' | 'folder'
  /** Which other folder; null: the In-tray. */
  readonly folderId?: FolderId | null
}

/** The folders below `rootId` (null: of the whole plan) that are not kept, parents before children. */
export function removedFolders<F extends FolderRow>(
  tree: Tree<F>,
  rootId: FolderId | null,
  kept: ReadonlySet<FolderId>,
): F[] {
  const scope = rootId === null ? outlineOf(tree).map(({ folder }) => folder) : branchOf(tree, rootId).slice(1)
  return scope.filter(folder => !kept.has(folder.id))
}

/**
 * Puts the folders into the Trash and their documents where `choices` says; to the nearest folder that stays unless
 * said.
 */
export function removeFolders(
  slice: Slice,
  gone: readonly FolderRow[],
  choices: ReadonlyMap<FolderId, WhereTo>,
  moment: Pick<Moment, 'now'>,
): RowChange[] | Decision {
  const goes = new Map(gone.map(folder => [folder.id, folder]))
  const rootOf = new Map<FolderId, FolderId>()
  const targets = new Map<FolderId, FolderId | null | 'trash'>()
  for (const folder of gone) {
    rootOf.set(folder.id, (folder.parentId === null ? undefined : rootOf.get(folder.parentId)) ?? folder.id)
    const choice = choices.get(folder.id) ?? { to: 'parent' }
    const { folderId: other = null } = choice
    if (choice.to === 'folder' && other !== null) {
      const target = findFolder(slice, other)
      if (isDecision(target)) return target
    }
    const target =
      choice.to === 'trash'
        ? 'trash'
        : choice.to === 'folder' && !goes.has(other ?? folder.id)
          ? other
          : choice.to === 'in-tray'
            ? null
            : nearestKept(folder, goes)
    targets.set(folder.id, target)
  }
  return [
    ...gone.flatMap(folder =>
      updated('folder', folder, { trashedAt: moment.now, trashRoot: rootOf.get(folder.id) ?? folder.id }),
    ),
    ...[...placesByDocument(slice)].flatMap(([id, places]) => documentRows(slice, id, places, targets, rootOf, moment)),
  ]
}

function nearestKept(folder: FolderRow, goes: ReadonlyMap<FolderId, FolderRow>): FolderId | null {
  let at = folder.parentId
  while (at !== null && goes.has(at)) at = goes.get(at)?.parentId ?? null
  return at
}

function documentRows(
  slice: Slice,
  id: string,
  places: readonly PlacementRow[],
  targets: ReadonlyMap<FolderId, FolderId | null | 'trash'>,
  rootOf: ReadonlyMap<FolderId, FolderId>,
  moment: Pick<Moment, 'now'>,
): RowChange[] {
  const document = slice.documents.get(id)
  const leaving = places.filter(place => place.folderId !== null && targets.has(place.folderId))
  if (!document || document.trashedAt !== null || leaving.length === 0) return []
  const stays = places.filter(
    place =>
      !leaving.includes(place) && (place.folderId === null || slice.folders.get(place.folderId)?.trashedAt === null),
  )
  const wanted = new Set(leaving.map(place => (place.folderId === null ? null : (targets.get(place.folderId) ?? null))))
  const into = [...wanted].filter((target): target is FolderId => target !== null && target !== 'trash')
  // Into the Trash only when nothing else was wanted and it lies nowhere else.
  if (wanted.has('trash') && wanted.size === 1)
    return stays.length > 0
      ? []
      : updated('document', document, { trashedAt: moment.now, trashRoot: trashRootOf(leaving, rootOf, id) })
  const fresh = into.filter(target => !stays.some(place => place.folderId === target))
  const homes: (FolderId | null)[] = fresh.length > 0 || stays.length > 0 ? fresh : [null]
  const home = stays.some(place => place.home) ? null : (leaving.find(place => place.home) ?? leaving[0])
  const rows = leaving.flatMap((place, index): RowChange[] => {
    const target = homes[index]
    return target === undefined
      ? [deleted('placement', place)]
      : updated('placement', place, { folderId: target, home: home !== null && index === 0, ...IN_ORDER })
  })
  const [first] = stays
  return homes.length === 0 && first && home !== null ? [...rows, ...updated('placement', first, { home: true })] : rows
}

function trashRootOf(leaving: readonly PlacementRow[], rootOf: ReadonlyMap<FolderId, FolderId>, id: string): string {
  const [place] = leaving
  return (place?.folderId ? rootOf.get(place.folderId) : undefined) ?? id
}
