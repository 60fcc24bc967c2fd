// Which folders stand elsewhere among their siblings: as few as possible, so that one that was moved is not all others.

import { longestRise } from '../plan/index'
import type { FolderRow } from '../rows/index'
import type { Tree } from '../tree/index'
import type { DraftRow } from './draftRow'

export function siblingPlaces(tree: Tree<FolderRow>): Map<string, number> {
  const places = new Map<string, number>()
  for (const children of tree.children.values()) children.forEach((folder, index) => places.set(folder.id, index))
  return places
}

/** Those that stay with their parent and stand elsewhere among the siblings that stay as well. */
export function markReordered(
  draftRows: DraftRow[],
  rows: readonly FolderRow[],
  byId: ReadonlyMap<string, FolderRow>,
  place: ReadonlyMap<string, number>,
): void {
  const stay = new Map<string | null, number[]>()
  rows.forEach((row, index) => {
    const was = byId.get(row.id)
    if (!was || was.parentId !== row.parentId) return
    const siblings = stay.get(row.parentId)
    if (siblings) siblings.push(index)
    else stay.set(row.parentId, [index])
  })
  for (const siblings of stay.values()) {
    const kept = new Set(longestRise(siblings.map(index => place.get(rows[index]?.id ?? '') ?? null)))
    siblings.forEach((index, at) => {
      const draftRow = draftRows[index]
      if (draftRow && !kept.has(at)) draftRows[index] = { ...draftRow, states: [...draftRow.states, 'reordered'] }
    })
  }
}
