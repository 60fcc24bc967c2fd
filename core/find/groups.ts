// How many of the found documents lie where, are of which kind and so on: what a search is narrowed with.

import type { FolderId, MeaningId } from '../ids'
import type { Origin } from '../rows/index'
import type { Language } from '../text/index'
import type { Tree, TreeFolder } from '../tree/index'
import { totalsAbove } from '../tree/index'
import type { Filed } from './rule'
import { filedOf } from './rule'
import { estimated } from './shares'
import type { SizeClass } from './sizes'
import type { TypeGroup } from './types'
import { typeGroupOf } from './types'

type Counts<Key extends string = string> = Readonly<Partial<Record<Key, number>>>

/** How many of the found documents have which value: what the database counts. */
export interface Tallies {
  readonly count: number
  readonly extensions: Counts
  readonly origins: Counts<Origin>
  readonly sizes: Counts<SizeClass>
  /** "none" where it is not known. */
  readonly languages: Counts<Language | 'none'>
  /**
   * When they changed, were added, opened or are dated, as is asked ("2026-03"); those that never were are left out.
   */
  readonly months: Counts
  readonly tags: Counts
  readonly starred: number
  /** Those in one folder (null: in the In-tray), by it and by the colour of their own (null: that of the folder). */
  readonly lying: readonly {
    readonly folderId: FolderId | null
    readonly meaningId: MeaningId | null
    readonly count: number
  }[]
  /** Each one that lies in several folders, the home first. */
  readonly spread: readonly { readonly folderIds: readonly FolderId[]; readonly meaningId: MeaningId | null }[]
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

/** `share` of the documents was counted: the numbers are estimates of all (core/find/shares). */
export function countGroups<F extends TreeFolder>(
  tallies: Tallies,
  tree: Tree<F>,
  meaningOf: (folder: FolderId) => MeaningId | null,
  share = 1,
): GroupCounts {
  const { extensions, lying, spread } = tallies
  const [types, filed, meanings]: Record<string, number>[] = [{}, {}, {}]
  const add = (group: Record<string, number> = {}, key: string, count = 1) => {
    if (count > 0) group[key] = (group[key] ?? 0) + count
  }
  for (const [extension, count] of Object.entries(extensions)) add(types, typeGroupOf(extension), count)
  const direct = new Map<FolderId, number>()
  for (const { folderId, meaningId, count } of lying) {
    add(filed, filedOf(folderId === null ? 0 : 1), count)
    add(meanings, meaningId ?? (folderId === null ? null : meaningOf(folderId)) ?? 'none', count)
    if (folderId !== null) direct.set(folderId, (direct.get(folderId) ?? 0) + count)
  }
  const places = totalsAbove(tree, direct)
  for (const { folderIds, meaningId } of spread) {
    add(filed, filedOf(folderIds.length))
    const [home] = folderIds
    add(meanings, meaningId ?? (home === undefined ? null : meaningOf(home)) ?? 'none')
    for (const folder of withAncestors(folderIds, tree)) places.set(folder, (places.get(folder) ?? 0) + 1)
  }
  // Thousands of folders may hold what is found. An object without a prototype takes them twice as fast, since it is a
  // table from the start.
  const all = <C extends Counts>(counts: Iterable<[string, number]>): C => {
    const written = Object.create(null) as Record<string, number>
    for (const [key, count] of counts) written[key] = estimated(count, share)
    return written as C
  }
  const each = <C extends Counts>(counts: C): C => all<C>(Object.entries(counts as Record<string, number>))
  const { origins, sizes, languages, months, tags, starred } = tallies
  return {
    types: each(types as GroupCounts['types']),
    origins: each(origins),
    filed: each(filed as GroupCounts['filed']),
    sizes: each(sizes),
    languages: each(languages),
    meanings: each(meanings as GroupCounts['meanings']),
    tags: each(tags as GroupCounts['tags']),
    months: each(months as GroupCounts['months']),
    places: all(places),
    starred: estimated(starred, share),
  }
}

function withAncestors<F extends TreeFolder>(ids: readonly FolderId[], tree: Tree<F>): ReadonlySet<FolderId> {
  const all = new Set<FolderId>()
  for (const id of ids)
    for (let at: FolderId | null = id; at !== null && !all.has(at); at = tree.byId.get(at)?.parentId ?? null)
      all.add(at)
  return all
}
