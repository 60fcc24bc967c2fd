import type { FolderId } from '../ids'
import { foldedText } from '../text/index'
import type { Tree, TreeFolder } from '../tree/index'
import { branchOf, outlineOf } from '../tree/index'
import type { DraftFolder } from './grow'

/**
 * For each drafted folder the folder of the plan it stands for. Beside what its line says, a line cut
 * and pasted, or typed again, stands for the one folder of that name that no other line stands for:
 * its documents stay with it. A folder is stood for once; a copied line is a new folder.
 */
export function matchLost<F extends TreeFolder & { readonly name: string }>(
  folders: readonly DraftFolder[],
  tree: Tree<F>,
  rootId: FolderId | null,
): (FolderId | null)[] {
  const taken = new Set<FolderId>()
  const ids = folders.map(({ folderId }) => {
    if (folderId === null || taken.has(folderId) || !tree.byId.has(folderId)) return null
    taken.add(folderId)
    return folderId
  })
  const scope = rootId === null ? outlineOf(tree).map(({ folder }) => folder) : branchOf(tree, rootId).slice(1)
  const lost = new Map<string, FolderId | null>()
  for (const folder of scope) {
    if (taken.has(folder.id)) continue
    const key = foldedText(folder.name)
    lost.set(key, lost.has(key) ? null : folder.id) // null: two of them, so neither is meant
  }
  if (lost.size === 0) return ids
  const wanted = new Map<string, number>()
  folders.forEach((folder, index) => {
    if (ids[index]) return
    const key = foldedText(folder.name)
    wanted.set(key, wanted.has(key) ? -1 : index)
  })
  for (const [key, index] of wanted) {
    const id = lost.get(key)
    if (index >= 0 && id) ids[index] = id
  }
  return ids
}
