import type { RecentSearch } from '../../db/sql/keeping'
import { forgetSearches, noteSearch, recentSearches } from '../../db/sql/keeping'
import type { Actor } from '../actor'

/** What was searched for lately, the last first. */
export async function listRecentSearches(actor: Actor): Promise<{ searches: RecentSearch[] }> {
  return { searches: await recentSearches(actor.planId) }
}

/** Remembers a search that led somewhere; the same words are remembered once. */
export function noteSearchMade(actor: Actor, { text, query }: { readonly text: string; readonly query: object }): Promise<void> {
  return noteSearch(actor.planId, text, query)
}

export function forgetRecentSearches(actor: Actor): Promise<void> {
  return forgetSearches(actor.planId)
}
