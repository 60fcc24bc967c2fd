// A draft of what the plan holds: one line a folder, in the order in which they stand.

import type { FolderId } from '../ids'
import type { NumberedFolder } from '../numbering/index'
import type { Tree } from '../tree/index'
import { branchOf, outlineOf, pathOf } from '../tree/index'
import type { DraftLine } from './grow'
import { escapeName, writeLine } from './line'

export interface WrittenFolder extends NumberedFolder {
  readonly meaningId: string | null
  readonly purpose: string
}

/** The lines of the branch below `rootId`; null: of the whole plan. With `identity` off they stand for new folders. */
export function startDraft<F extends WrittenFolder>(
  tree: Tree<F>,
  meaningName: (id: string) => string | null,
  rootId: FolderId | null,
  { identity = true, withRoot = false } = {},
): DraftLine[] {
  const rootDepth = rootId === null ? 0 : pathOf(tree, rootId).length - (withRoot ? 1 : 0)
  const scope =
    rootId === null ? outlineOf(tree).map(({ folder }) => folder) : branchOf(tree, rootId).slice(withRoot ? 0 : 1)
  const depths = new Map<FolderId, number>()
  return scope.map(folder => {
    const depth =
      depths.get(folder.parentId ?? folder.id) ??
      (folder.parentId === null ? -1 : pathOf(tree, folder.parentId).length - 1 - rootDepth)
    depths.set(folder.id, depth + 1)
    return { folderId: identity ? folder.id : null, depth: depth + 1, text: folderLine(folder, meaningName) }
  })
}

/** A folder in the notation. */
function folderLine(folder: WrittenFolder, meaningName: (id: string) => string | null): string {
  return writeLine({
    number: folder.number,
    label: folder.label ?? null,
    numbered: folder.numbered ?? true,
    name: escapeName(folder.name),
    meaning: folder.meaningId === null ? null : meaningName(folder.meaningId),
    purpose: folder.purpose,
  })
}
