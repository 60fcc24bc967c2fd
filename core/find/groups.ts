// How many of the found documents lie where, are of which kind and so on: what a search is narrowed with.

import type { FolderId, MeaningId, TagId } from '../ids'
import type { Origin } from '../rows/index'
import type { Language } from '../text/index'
import type { Tree, TreeFolder } from '../tree/index'
import { totalsBelow } from '../tree/index'
import type { Filed } from './rule'
import { filedOf } from './rule'
import type { SizeClass } from './sizes'
import { sizeClassOf } from './sizes'
import type { TypeGroup } from './types'
import { typeGroupOf } from './types'

/** What is counted of a found document. */
export interface Fact {
  readonly extension: string
  readonly origin: Origin
  readonly size: number
  readonly language: Language | null
  /** When it changed, was added, opened or is dated, as is asked: "2026-03"; null: never. */
  readonly month: string | null
  readonly starred: boolean
  /** Its folders, the home first, the In-tray left out. */
  readonly folderIds: readonly FolderId[]
  /** Its own; null: that of its home. */
  readonly meaningId: MeaningId | null
  readonly tagIds: readonly TagId[]
}

export interface GroupCounts {
  readonly types: Readonly<Partial<Record<TypeGroup, number>>>
  readonly origins: Readonly<Partial<Record<Origin, number>>>
  readonly filed: Readonly<Partial<Record<Filed, number>>>
  readonly sizes: Readonly<Partial<Record<SizeClass, number>>>
  /** "none" where the language is not known. */
  readonly languages: Readonly<Partial<Record<Language | 'none', number>>>
  /** Each folder with everything below it; a document in several places below counts once. */
  readonly places: Readonly<Record<string, number>>
  /** By the meaning that shows on it; "none" where there is no colour. */
  readonly meanings: Readonly<Record<string, number>>
  readonly tags: Readonly<Record<string, number>>
  readonly months: Readonly<Record<string, number>>
  readonly starred: number
}

export function countGroups<F extends TreeFolder>(facts: readonly Fact[], tree: Tree<F>, meaningOf: (folder: FolderId) => MeaningId | null): GroupCounts {
  const counts = { types: {}, origins: {}, filed: {}, sizes: {}, languages: {}, places: {} as Record<string, number>, meanings: {}, tags: {}, months: {}, starred: 0 } satisfies { [K in keyof GroupCounts]: object | number }
  const one = (group: Record<string, number>, key: string) => { group[key] = (group[key] ?? 0) + 1 }
  const direct = new Map<FolderId, number>()
  for (const fact of facts) {
    const [home, other] = fact.folderIds
    one(counts.types, typeGroupOf(fact.extension))
    one(counts.origins, fact.origin)
    one(counts.filed, filedOf(fact.folderIds.length))
    one(counts.sizes, sizeClassOf(fact.size))
    one(counts.languages, fact.language ?? 'none')
    one(counts.meanings, fact.meaningId ?? (home === undefined ? null : meaningOf(home)) ?? 'none')
    if (fact.month !== null) one(counts.months, fact.month)
    for (const tag of fact.tagIds) one(counts.tags, tag)
    if (home !== undefined && other === undefined) direct.set(home, (direct.get(home) ?? 0) + 1)
    else for (const folder of withAncestors(fact.folderIds, tree)) one(counts.places, folder)
    if (fact.starred) counts.starred++
  }
  const add = (id: string, count: number) => { if (count > 0) counts.places[id] = (counts.places[id] ?? 0) + count }
  for (const [id, count] of totalsBelow(tree, folder => direct.get(folder.id) ?? 0)) add(id, count)
  for (const [id, count] of direct) if (!tree.byId.has(id)) add(id, count)
  return counts
}

function withAncestors<F extends TreeFolder>(ids: readonly FolderId[], tree: Tree<F>): ReadonlySet<FolderId> {
  const all = new Set<FolderId>()
  for (const id of ids) for (let at: FolderId | null = id; at !== null && !all.has(at); at = tree.byId.get(at)?.parentId ?? null) all.add(at)
  return all
}
