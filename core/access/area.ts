// Areas: folders in which things are put for others.

import type { FolderId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { pathOf } from '../tree/index'

/** The nearest area in which a folder lies, itself among them; null: in none. */
export function areaOf<F extends TreeFolder & { readonly area: boolean }>(
  tree: Tree<F>,
  id: FolderId | null,
): F | null {
  return pathOf(tree, id).findLast(({ area }) => area) ?? null
}
