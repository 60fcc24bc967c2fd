// The newest of a great many hits. The index of words knows weeks: hits among the newest documents are found alone,
// where by the number of hits that is expected there should be enough of them. Otherwise among all, so the answer is
// the same.

import type { Compiled } from '../../../core/find/index'
import { documentsExpected } from '../../db/sql/planPredicate'
import { expectedHits, sinceWeek, weekOfNewest } from '../../db/sql/samples'
import type { Condition } from './many'
import { AFTER_PLAN } from './many'

// So many times as many hits should be among the newest documents as are wanted.
const MARGIN = 1.4
// Finding hits among more than this share of the documents takes as long as among all.
const WORTH_IT = 0.5

/**
 * The condition narrowed to the newest documents with `wanted` of `expected` hits among them; null where that spares
 * nothing.
 */
export async function amongNewest(
  planId: string,
  condition: Condition,
  expected: number,
  wanted: number,
): Promise<Condition | null> {
  const all = await documentsExpected(planId)
  const documents = (wanted * MARGIN * all) / Math.max(1, expected)
  const week = documents < all * WORTH_IT ? await weekOfNewest(planId, documents) : null
  return week === null ? null : first => sinceWeek(condition(first), week)
}

/** What `list` makes of the newest `most` hits, found among the newest documents where there are that many. */
export async function listNewest<L>(
  planId: string,
  condition: Condition,
  most: number,
  list: (condition: Compiled) => Promise<L>,
  lengthOf: (listed: L) => number,
): Promise<L> {
  const expected = await expectedHits(planId, condition(AFTER_PLAN))
  const newest = expected > most ? await amongNewest(planId, condition, expected, most) : null
  const listed = newest ? await list(newest(AFTER_PLAN)) : null
  return listed !== null && lengthOf(listed) >= most ? listed : list(condition(AFTER_PLAN))
}
