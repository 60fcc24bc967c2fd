// How many of the found documents lie where, are of which kind and so on: what a search is narrowed with.

import type { FolderId, MeaningId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { totalsAbove } from '../tree/index'
import type { Count, PlaceCount, PlaceFacts } from './fields/facet'
import type { FacetKey } from './fields/registry'
import { FACETS } from './fields/registry'
import { estimated } from './shares'

type Counts = Readonly<Record<string, number>>

/** How many of the found documents have which value: what the database counts. */
export interface Tallies {
  readonly count: number
  /** By the alias of the counted value. */
  readonly values: Readonly<Record<string, Counts>>
  /** By the facet that counts rows of its own. */
  readonly rows: Readonly<Partial<Record<FacetKey, Counts>>>
  /** By places and colour; a document in several folders stands with all of them. */
  readonly places: readonly PlaceCount[]
}

/**
 * Of each facet, how many have which value. Places: each folder with everything below it, a document in several places
 * below counts once.
 */
export type GroupCounts = Readonly<Record<FacetKey, Counts>>

/** `share` of the documents was counted: the numbers are estimates of all (core/find/shares). */
export function countGroups<F extends TreeFolder>(
  tallies: Tallies,
  tree: Tree<F>,
  meaningOf: (folder: FolderId) => MeaningId | null,
  share = 1,
): GroupCounts {
  const facts: PlaceFacts = { places: tallies.places, meaningOf, totals: () => totals(tallies.places, tree) }
  const counted = ({ key, count }: { readonly key: FacetKey; readonly count: Count<unknown> }) => {
    if (count.by === 'rows') return Object.entries(tallies.rows[key] ?? {})
    return count.by === 'place' ? count.of(facts) : frequent(tallies.values[count.alias] ?? {}, count)
  }
  return Object.fromEntries(FACETS.map(facet => [facet.key, summed(counted(facet), share)])) as GroupCounts
}

/**
 * Thousands of folders may hold what is found. An object without a prototype takes them twice as fast, since it is a
 * table from the start.
 */
function summed(counts: Iterable<readonly [string, number]>, share: number): Counts {
  const sums = new Map<string, number>()
  for (const [key, count] of counts) if (count > 0) sums.set(key, (sums.get(key) ?? 0) + count)
  const written = Object.create(null) as Record<string, number>
  for (const [key, count] of sums) written[key] = estimated(count, share)
  return written
}

function frequent(
  counts: Counts,
  { of, most }: { readonly of?: (value: string) => string; readonly most?: number },
): (readonly [string, number])[] {
  const all = Object.entries(counts).map(([value, count]) => [of ? of(value) : value, count] as const)
  return most === undefined || all.length <= most ? all : all.sort((a, b) => b[1] - a[1]).slice(0, most)
}

function totals<F extends TreeFolder>(places: readonly PlaceCount[], tree: Tree<F>): Map<string, number> {
  const direct = new Map<FolderId, number>()
  for (const { folderIds, count } of places) {
    const [only, ...others] = folderIds
    if (only !== undefined && others.length === 0) direct.set(only, (direct.get(only) ?? 0) + count)
  }
  const sums = totalsAbove(tree, direct)
  for (const { folderIds, count } of places)
    if (folderIds.length > 1)
      for (const folder of withAncestors(folderIds, tree)) sums.set(folder, (sums.get(folder) ?? 0) + count)
  return sums
}

function withAncestors<F extends TreeFolder>(ids: readonly FolderId[], tree: Tree<F>): ReadonlySet<FolderId> {
  const all = new Set<FolderId>()
  for (const id of ids)
    for (let at: FolderId | null = id; at !== null && !all.has(at); at = tree.byId.get(at)?.parentId ?? null)
      all.add(at)
  return all
}
