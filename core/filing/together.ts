import type { FolderId } from '../ids'
import type { PlaceSuggestion } from './reason'

/**
 * The likeliest folders for several documents at once, from the suggestions for each: the mean of their shares; three
 * at most.
 */
export function placesTogether(each: readonly (readonly PlaceSuggestion[])[]): PlaceSuggestion[] {
  const [single] = each
  if (each.length === 1 && single) return [...single]
  const shares = new Map<FolderId, number>()
  for (const { folderId, share } of each.flat()) shares.set(folderId, (shares.get(folderId) ?? 0) + share / each.length)
  return [...shares]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 3)
    .map(([folderId, share]) => ({ folderId, share, reason: reasonFor(folderId, each) }))
}

function reasonFor(folderId: FolderId, each: readonly (readonly PlaceSuggestion[])[]): string {
  const first = each.filter(places => places[0]?.folderId === folderId).length
  return first > 0
    ? `for ${first} of them the likeliest`
    : `possible for ${each.filter(places => places.some(place => place.folderId === folderId)).length} of them`
}
