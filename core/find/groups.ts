// How many of the found documents lie where, are of which kind and so on: what a search is narrowed with.

import type { FolderId, TagId } from '../ids'
import type { Origin } from '../rows/index'
import type { Tree, TreeFolder } from '../tree/index'
import type { Filed } from './rule'
import { filedOf } from './rule'
import type { TypeGroup } from './types'
import { typeGroupOf } from './types'

/** What is counted of a found document. */
export interface Fact {
  readonly extension: string
  readonly origin: Origin
  /** When it changed, "2026-03". */
  readonly month: string
  readonly starred: boolean
  /** Its folders, the In-tray left out. */
  readonly folderIds: readonly FolderId[]
  readonly tagIds: readonly TagId[]
}

export interface GroupCounts {
  readonly types: Readonly<Partial<Record<TypeGroup, number>>>
  readonly origins: Readonly<Partial<Record<Origin, number>>>
  readonly filed: Readonly<Partial<Record<Filed, number>>>
  /** Each folder with everything below it; a document in several places below counts once. */
  readonly places: Readonly<Record<string, number>>
  readonly tags: Readonly<Record<string, number>>
  readonly months: Readonly<Record<string, number>>
  readonly starred: number
}

export function countGroups<F extends TreeFolder>(facts: readonly Fact[], tree: Tree<F>): GroupCounts {
  const counts = { types: {}, origins: {}, filed: {}, places: {}, tags: {}, months: {}, starred: 0 } satisfies { [K in keyof GroupCounts]: object | number }
  const one = (group: Record<string, number>, key: string) => { group[key] = (group[key] ?? 0) + 1 }
  for (const fact of facts) {
    one(counts.types, typeGroupOf(fact.extension))
    one(counts.origins, fact.origin)
    one(counts.filed, filedOf(fact.folderIds.length))
    one(counts.months, fact.month)
    for (const tag of fact.tagIds) one(counts.tags, tag)
    for (const folder of withAncestors(fact.folderIds, tree)) one(counts.places, folder)
    if (fact.starred) counts.starred++
  }
  return counts
}

function withAncestors<F extends TreeFolder>(ids: readonly FolderId[], tree: Tree<F>): ReadonlySet<FolderId> {
  const all = new Set<FolderId>()
  for (const id of ids) for (let at: FolderId | null = id; at !== null && !all.has(at); at = tree.byId.get(at)?.parentId ?? null) all.add(at)
  return all
}
