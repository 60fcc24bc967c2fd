// How the hits are found that have the words only inside. Each strategy is a line of a table; one planner says which
// are tried, in which order, from what is expected of a search. What is found is the same hits, in the same order.

import type { Collected, Hit } from '../../db/sql/find'
import { collectNewest, walkInside } from '../../db/sql/find'
import { documentsExpected } from '../../db/sql/planPredicate'
import type { Condition } from './many'
import { AFTER_PLAN } from './many'
import { amongNewest } from './newest'

// Up to so many hits are found one and all; of more the newest are enough.
export const COLLECTED = 8000
// So many of the hits inside, the newest, are ranked; those after them follow by their age.
export const RANKED_INSIDE = 200
// Where every few documents is a hit, so many are walked to, each of which has to be looked at.
const [WALKED_INSIDE, EVERY_FEW] = [100, 8]
// Hits among the newest documents, found one and all and sorted.
const AMONG_NEWEST = 20_000

export interface Inside {
  /** The newest hits inside, and one more than are ranked where there are more. */
  readonly inside: readonly Hit[]
  /** So many of them are ranked. */
  readonly most: number
  /** How many hits there are, where all were found. */
  readonly count: number | null
}

export interface InsideSearch {
  readonly planId: string
  readonly condition: Condition
  /** Hits as the planner of the database expects them, or as they were counted. */
  readonly expected: number
  /** Listed for their names: not found again inside. */
  readonly named: readonly Hit[]
}

export type InsideStrategyName = 'all' | 'recent' | 'walk'

interface InsideStrategy {
  readonly when: string
  readonly why: string
  readonly cost: string
  /** Where it cannot tell, how many are expected now: the next one is tried. */
  readonly find: (search: InsideSearch) => Promise<Inside | { readonly expected: number }>
}

export const INSIDE_STRATEGIES: Readonly<Record<InsideStrategyName, InsideStrategy>> = {
  all: {
    when: `at most ${COLLECTED} hits`,
    why: 'All of them are counted and sorted by one statement, so that their number is known at once.',
    cost: 'grows with the hits, not with the plan',
    find: async search => {
      const { found, hits, count } = await collectedInside(search)
      return found > COLLECTED ? { expected: found } : { inside: hits, most: RANKED_INSIDE, count }
    },
  },
  recent: {
    when: `more hits than ${COLLECTED}, and fewer than every ${EVERY_FEW}th document`,
    why: 'The index of words finds them among the newest documents; the older ones cannot be on the first pages.',
    cost: 'grows with the hits of the newest weeks',
    find: async search => {
      const newest = await amongNewest(search.planId, search.condition, search.expected, RANKED_INSIDE)
      const { hits } = newest
        ? await collectNewest(search.planId, newest(AFTER_PLAN), AMONG_NEWEST, RANKED_INSIDE + 1, idsOf(search.named))
        : { hits: [] }
      return hits.length > RANKED_INSIDE
        ? { inside: hits, most: RANKED_INSIDE, count: null }
        : { expected: search.expected }
    },
  },
  walk: {
    when: `every ${EVERY_FEW}th document is a hit, or the others could not tell`,
    why: 'Looking at one document after the other, the newest first, soon meets enough of them.',
    cost: 'grows with the documents between two hits',
    find: async ({ planId, condition, named }) => ({
      inside: await walkInside(planId, condition(AFTER_PLAN), {
        after: null,
        but: idsOf(named),
        limit: WALKED_INSIDE + 1,
      }),
      most: WALKED_INSIDE,
      count: null,
    }),
  },
}

/** What is tried for so many hits expected among so many documents, in this order; planned anew when more is known. */
export function planInside(expected: number, documents: number): readonly InsideStrategyName[] {
  if (expected <= COLLECTED) return ['all']
  return expected * EVERY_FEW > documents ? ['walk'] : ['recent', 'all', 'walk']
}

export async function findInside(search: InsideSearch): Promise<Inside> {
  const documents = await documentsExpected(search.planId)
  const tried = new Set<InsideStrategyName>()
  let { expected } = search
  for (;;) {
    const name = planInside(expected, documents).find(one => !tried.has(one))
    if (!name) throw new Error(`No strategy is left for ${expected} hits.`)
    tried.add(name)
    const found = await INSIDE_STRATEGIES[name].find({ ...search, expected })
    if ('inside' in found) return found
    ;({ expected } = found)
  }
}

export function collectedInside({ planId, condition, named }: Omit<InsideSearch, 'expected'>): Promise<Collected> {
  return collectNewest(planId, condition(AFTER_PLAN), COLLECTED, RANKED_INSIDE + 1, idsOf(named))
}

export const idsOf = (hits: readonly Hit[]): string[] => hits.map(({ id }) => id)
