// How often a value of a facet would be found, in words.

import type { FoundCounts } from '../../../../contract/find'
import type { Chosen, FacetKey } from '../../../../core/find/index'

/** "23", or "~470,000" where so much is found that it is estimated; empty where nothing is searched for. */
export function countText(counts: FoundCounts | null, key: FacetKey, value: string): string {
  if (counts === null) return ''
  const count = counts[key][value] ?? 0
  return `${counts.about.includes(key) && count > 0 ? '~' : ''}${count.toLocaleString('en-GB')}`
}

export function isChosen(chosen: Chosen<string>, value: string): boolean {
  return chosen.any.includes(value) || chosen.without.includes(value)
}

/** Whether a value stands in the panel: it is found, or chosen; any where nothing is searched for. */
export function isShown(counts: FoundCounts | null, key: FacetKey, chosen: Chosen<string>, value: string): boolean {
  return counts === null || (counts[key][value] ?? 0) > 0 || isChosen(chosen, value)
}
