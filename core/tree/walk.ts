import type { FolderId } from '../ids'
import type { Tree, TreeFolder } from './tree'

export function childrenOf<F extends TreeFolder>(tree: Tree<F>, id: FolderId | null): readonly F[] {
  return tree.children.get(id) ?? []
}

/** From the top folder down to the folder itself; empty when the folder is not in the tree. */
export function pathOf<F extends TreeFolder>(tree: Tree<F>, id: FolderId | null): F[] {
  const path: F[] = []
  for (
    let at = id === null ? undefined : tree.byId.get(id);
    at;
    at = at.parentId === null ? undefined : tree.byId.get(at.parentId)
  ) {
    if (path.includes(at)) break
    path.unshift(at)
  }
  return path
}

/** The folder and all below it, parents before children, in outline order. */
export function branchOf<F extends TreeFolder>(tree: Tree<F>, id: FolderId): F[] {
  const top = tree.byId.get(id)
  if (!top) return []
  const branch: F[] = []
  const stack: F[] = [top]
  const seen = new Set<FolderId>()
  for (let at = stack.pop(); at; at = stack.pop()) {
    if (seen.has(at.id)) continue
    seen.add(at.id)
    branch.push(at)
    const below = childrenOf(tree, at.id)
    for (let index = below.length - 1; index >= 0; index--) {
      const child = below[index]
      if (child) stack.push(child)
    }
  }
  return branch
}

/**
 * Every folder in outline order with its depth, from 0. Children of folders for which `open` is false are passed over.
 */
export function outlineOf<F extends TreeFolder>(
  tree: Tree<F>,
  open: (folder: F) => boolean = () => true,
): { folder: F; depth: number }[] {
  const rows: { folder: F; depth: number }[] = []
  const stack: { folder: F; depth: number }[] = []
  const push = (folders: readonly F[], depth: number) => {
    for (let index = folders.length - 1; index >= 0; index--) {
      const folder = folders[index]
      if (folder) stack.push({ folder, depth })
    }
  }
  push(childrenOf(tree, null), 0)
  for (let at = stack.pop(); at; at = stack.pop()) {
    rows.push(at)
    if (open(at.folder)) push(childrenOf(tree, at.folder.id), at.depth + 1)
  }
  return rows
}

/** True when `id` is `ancestor` or lies anywhere below it. */
export function isInside<F extends TreeFolder>(tree: Tree<F>, id: FolderId | null, ancestor: FolderId): boolean {
  return pathOf(tree, id).some(folder => folder.id === ancestor)
}

/** Sums `own` over each folder and everything below it. */
export function totalsBelow<F extends TreeFolder>(tree: Tree<F>, own: (folder: F) => number): Map<FolderId, number> {
  const totals = new Map<FolderId, number>()
  for (const { folder } of outlineOf(tree).reverse()) {
    let sum = own(folder)
    for (const child of childrenOf(tree, folder.id)) sum += totals.get(child.id) ?? 0
    totals.set(folder.id, sum)
  }
  return totals
}

/**
 * Sums what lies directly in some folders over these and all above them; folders without anything are left out. Those
 * that are not in the tree keep their own.
 */
export function totalsAbove<F extends TreeFolder>(
  tree: Tree<F>,
  direct: ReadonlyMap<FolderId, number>,
): Map<FolderId, number> {
  const { ids, indexOf, parents } = ranksOf(tree)
  const sums = new Float64Array(ids.length)
  const totals = new Map<FolderId, number>()
  for (const [id, count] of direct) {
    const index = indexOf.get(id)
    if (index === undefined) totals.set(id, count)
    else sums[index] = (sums[index] ?? 0) + count
  }
  for (let index = ids.length - 1; index >= 0; index--) {
    const [sum = 0, parent = NONE, id] = [sums[index], parents[index], ids[index]]
    if (sum === 0 || id === undefined) continue
    totals.set(id, sum)
    if (parent !== NONE) sums[parent] = (sums[parent] ?? 0) + sum
  }
  return totals
}

/** The folders of a tree with parents before children, and of each the index of its parent. */
interface Ranks {
  readonly ids: readonly FolderId[]
  readonly indexOf: ReadonlyMap<FolderId, number>
  readonly parents: Int32Array
}

const NONE = -1
// Trees never change, so this is made once for each.
const ranked = new WeakMap<object, Ranks>()

function ranksOf<F extends TreeFolder>(tree: Tree<F>): Ranks {
  const known = ranked.get(tree)
  if (known) return known
  const indexOf = new Map<FolderId, number>()
  // A tree that goes in a circle is climbed no further than back to where it began.
  for (const { id } of tree.byId.values()) for (const each of lineOf(tree, id, indexOf)) indexOf.set(each, indexOf.size)
  const ids = [...indexOf.keys()]
  const parents = Int32Array.from(ids, (id, index) => {
    const parent = tree.byId.get(id)?.parentId ?? null
    const at = parent === null ? NONE : (indexOf.get(parent) ?? NONE)
    return at < index ? at : NONE
  })
  const ranks = { ids, indexOf, parents }
  ranked.set(tree, ranks)
  return ranks
}

/** The folder and those above it that are not among the known ones, the highest first. */
function lineOf<F extends TreeFolder>(tree: Tree<F>, id: FolderId, known: ReadonlyMap<FolderId, number>): FolderId[] {
  const line = new Set<FolderId>()
  for (
    let at = tree.byId.get(id);
    at && !known.has(at.id) && !line.has(at.id);
    at = at.parentId === null ? undefined : tree.byId.get(at.parentId)
  )
    line.add(at.id)
  return [...line].reverse()
}
