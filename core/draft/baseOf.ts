import type { FolderId } from '../ids'
import type { Tree } from '../tree/index'
import { branchOf, outlineOf } from '../tree/index'
import type { BaseFolder } from './rebase'
import type { WrittenFolder } from './start'

/** The folders of a branch as a draft remembers them, parents before children. */
export function baseOf<F extends WrittenFolder>(
  tree: Tree<F>,
  meaningName: (id: string) => string | null,
  rootId: FolderId | null,
): BaseFolder[] {
  const scope = rootId === null ? outlineOf(tree).map(({ folder }) => folder) : branchOf(tree, rootId).slice(1)
  return scope.map(({ id, parentId, name, number, label, numbered, meaningId, purpose }) => ({
    id,
    parentId,
    name,
    number,
    label: label ?? null,
    numbered: numbered ?? true,
    meaning: meaningId === null ? null : meaningName(meaningId),
    purpose,
  }))
}
