import type { FolderId } from '../ids'
import type { FolderRow } from '../rows/index'
import type { Tree } from '../tree/index'
import { childrenOf } from '../tree/index'
import type { DraftFolder } from './grow'
import type { PeriodOf } from './period'
import { countUp } from './period'

/**
 * For each drafted folder of a next period the folder that it follows, null for all others. The new branch is known by
 * its name; what is in it by the old names counted up, so a line that was renamed or added begins as every folder does.
 */
export function periodLikes(
  folders: readonly DraftFolder[],
  ids: readonly (FolderId | null)[],
  tree: Tree<FolderRow>,
  period: PeriodOf | null,
): (FolderId | null)[] {
  const likes = folders.map((): FolderId | null => null)
  if (!period || !tree.byId.has(period.branchId)) return likes
  const top = folders.findIndex((folder, index) => !ids[index] && folder.name === period.name)
  if (top < 0) return likes
  likes[top] = period.branchId
  // Parents come before their children.
  for (let index = top + 1; index < folders.length; index++) {
    const folder = folders[index]
    const followed = folder ? (likes[folder.parent] ?? null) : null
    if (!folder || followed === null) continue
    likes[index] =
      childrenOf(tree, followed).find(child => countUp(child.name, { grades: period.grades }) === folder.name)?.id ??
      null
  }
  return likes
}
