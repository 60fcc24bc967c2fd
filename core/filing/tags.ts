// Tags for a document from those that are like it: similar names, the same sender, the same folder.

import { quoted } from '../change/index'
import type { TagId } from '../ids'

/** A document that is like another one. */
export interface Neighbour {
  readonly name: string
  /** How like: the rarity of what both have, summed; 0 and more. */
  readonly weight: number
  readonly tagIds: readonly TagId[]
}

export interface TagSuggestion {
  readonly tagId: TagId
  /** Of the neighbours, by how like they are, those that carry it: 0 to 1. */
  readonly share: number
  /** Why, in words. */
  readonly reason: string
}

/** A tag is suggested when so much of what is alike carries it, and at least so many documents do. */
const [LEAST_SHARE, LEAST_COUNT, MOST] = [0.3, 2, 3]

/**
 * At most three, the likeliest first; empty where it would be a guess. Those that are `carried` already are left out.
 */
export function suggestTags(neighbours: readonly Neighbour[], carried: readonly TagId[]): TagSuggestion[] {
  // What is very like counts for more than much that is a little like.
  const strength = neighbours.map(({ weight }) => weight ** 2)
  const all = strength.reduce((sum, one) => sum + one, 0)
  if (all === 0) return []
  const found = new Map<TagId, { sum: number; best: Neighbour; count: number }>()
  for (const [index, neighbour] of neighbours.entries()) {
    for (const tagId of neighbour.tagIds) {
      const known = found.get(tagId)
      found.set(tagId, {
        sum: (known?.sum ?? 0) + (strength[index] ?? 0),
        count: (known?.count ?? 0) + 1,
        best: known && known.best.weight >= neighbour.weight ? known.best : neighbour,
      })
    }
  }
  return [...found]
    .filter(([tagId, { count }]) => !carried.includes(tagId) && count >= LEAST_COUNT)
    .map(([tagId, { sum, best, count }]) => ({
      tagId,
      share: sum / all,
      reason: `as on ${quoted(best.name)} and ${count - 1} more like it`,
    }))
    .filter(({ share }) => share >= LEAST_SHARE)
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST)
}
