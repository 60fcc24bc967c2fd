// The folders of a plan as one tree in memory. Only what is needed to walk it is asked of a row, so
// that the server's rows and the browser's both fit.

import type { FolderId } from '../ids'

export interface TreeFolder {
  readonly id: FolderId
  readonly parentId: FolderId | null
}

export interface Tree<F extends TreeFolder> {
  readonly byId: ReadonlyMap<FolderId, F>
  /** Children in the order they were given; the key null holds the top folders. */
  readonly children: ReadonlyMap<FolderId | null, readonly F[]>
  readonly faults: readonly TreeFault[]
}

type TreeFault =
  | { readonly kind: 'duplicate'; readonly id: FolderId }
  | { readonly kind: 'missingParent'; readonly id: FolderId; readonly parentId: FolderId }
  | { readonly kind: 'cycle'; readonly ids: readonly FolderId[] }

/**
 * Builds the tree and names every fault of the input. Folders of a cycle, or below a missing parent, are not reachable
 * from the top.
 */
export function buildTree<F extends TreeFolder>(folders: Iterable<F>): Tree<F> {
  const byId = new Map<FolderId, F>()
  const children = new Map<FolderId | null, F[]>()
  const faults: TreeFault[] = []
  for (const folder of folders) {
    if (byId.has(folder.id)) {
      faults.push({ kind: 'duplicate', id: folder.id })
      continue
    }
    byId.set(folder.id, folder)
    const siblings = children.get(folder.parentId)
    if (siblings) siblings.push(folder)
    else children.set(folder.parentId, [folder])
  }
  for (const folder of byId.values()) {
    if (folder.parentId !== null && !byId.has(folder.parentId)) {
      faults.push({ kind: 'missingParent', id: folder.id, parentId: folder.parentId })
    }
  }
  return { byId, children, faults: [...faults, ...cyclesIn(byId)] }
}

function cyclesIn<F extends TreeFolder>(byId: ReadonlyMap<FolderId, F>): TreeFault[] {
  const settled = new Set<FolderId>()
  const found: TreeFault[] = []
  for (const start of byId.keys()) {
    const trail: FolderId[] = []
    const onTrail = new Set<FolderId>()
    let at: FolderId | null = start
    while (at !== null && !settled.has(at) && !onTrail.has(at)) {
      trail.push(at)
      onTrail.add(at)
      at = byId.get(at)?.parentId ?? null
    }
    if (at !== null && onTrail.has(at)) found.push({ kind: 'cycle', ids: trail.slice(trail.indexOf(at)) })
    for (const id of trail) settled.add(id)
  }
  return found
}
