// Desktop files with their folders, as folders of the plan: those that are there already are used, the others made.

import type { FolderId } from '../ids'
import { foldedText } from '../text/index'

export interface NewFolder {
  readonly id: FolderId
  readonly parentId: FolderId | null
  readonly name: string
}
export interface FoldersOfPaths {
  /** Parents first; parentId null: in the folder onto which they are brought. */
  readonly folders: readonly NewFolder[]
  /** For each file its folder; null: the folder itself. */
  readonly folderIds: readonly (FolderId | null)[]
}
export interface Child {
  readonly id: FolderId
  readonly name: string
}

/**
 * `paths` as "Photos/May/sea.jpg"; `childrenOf` gives the folders of a folder of the plan, null for the one onto which
 * the files are brought.
 */
export function foldersOfPaths(
  paths: readonly string[],
  childrenOf: (id: FolderId | null) => readonly Child[],
  newId: () => FolderId,
): FoldersOfPaths {
  const folders: NewFolder[] = []
  const known = new Map<string, FolderId | null>([['', null]])
  const made = new Set<FolderId>()
  const folderAt = (path: string): FolderId | null => {
    const found = known.get(path)
    if (found !== undefined) return found
    const cut = path.lastIndexOf('/')
    const parentId = folderAt(path.slice(0, Math.max(0, cut)))
    const name = path.slice(cut + 1)
    const there =
      parentId !== null && made.has(parentId)
        ? undefined
        : childrenOf(parentId).find(child => foldedText(child.name) === foldedText(name))
    const id = there?.id ?? newId()
    if (!there) {
      folders.push({ id, parentId, name })
      made.add(id)
    }
    known.set(path, id)
    return id
  }
  const folderIds = paths.map(path => folderAt(path.slice(0, Math.max(0, path.lastIndexOf('/')))))
  return { folders, folderIds }
}
