// Where a great many are found, a share of them tells so; all are only looked at where there are few.

import type { Compiled, FacetSelection, Tallies } from '../../../core/find/index'
import { provesMore, shareFor, shareProving } from '../../../core/find/index'
import { countEach } from '../../db/sql/findOrdered'
import { expectedHits, withinShare } from '../../db/sql/samples'
import { talliesFound } from '../../db/sql/tallies'

/** The condition with its parameters numbered from `first`. */
export type Condition = (first: number) => Compiled

// The only parameter before those of a condition is the plan.
export const AFTER_PLAN = 2
// Enough in a share for counts that mean something.
const COUNTABLE = 2500
// Where so much less is expected than is counted at most, counting alone first would be in vain.
const SURELY_LESS = 0.8
// Where more are found than the planner expected, counts come from one of these shares.
const [A_LITTLE_MORE, FAR_MORE] = [1 / 4, 1 / 64]

/** How many each finds; exact up to `most`, one more stands for more. */
export async function countHits(planId: string, conditions: readonly Condition[], most: number): Promise<number[]> {
  const areMany = await Promise.all(
    conditions.map(async condition => {
      const share = shareProving(await expectedHits(planId, condition(AFTER_PLAN)), most)
      return share !== null && provesMany(planId, condition, share, most)
    }),
  )
  const counts = await countEach(
    planId,
    conditions.filter((_, index) => !areMany[index]),
    most,
  )
  return areMany.map(isMany => (isMany ? most + 1 : (counts.shift() ?? 0)))
}

/** Whether a share leaves no doubt that more than `most` are found; false says nothing. */
async function provesMany(planId: string, condition: Condition, share: number, most: number): Promise<boolean> {
  const [found = 0] = await countEach(planId, [first => withinShare(condition(first), share)], most)
  return provesMore(found, share, most)
}

/** What is counted of all hits where there are at most `most`, of a share of them where there are more. */
export async function tallied(
  planId: string,
  condition: Condition,
  facets: FacetSelection,
  most: number,
): Promise<{ readonly tallies: Tallies; readonly share: number }> {
  const within = async (share: number) => ({
    tallies: await talliesFound(
      planId,
      share === 1 ? condition(AFTER_PLAN) : withinShare(condition(AFTER_PLAN), share),
      facets,
      most + 1,
    ),
    share,
  })
  const expected = await expectedHits(planId, condition(AFTER_PLAN))
  // Where no share would prove that there are more, looking into one is in vain.
  const proving = shareProving(expected, most)
  const share = proving === null ? null : Math.max(proving, shareFor(expected, COUNTABLE) ?? 0)
  const sampled = share === null ? null : await within(share)
  if (sampled && provesMore(sampled.tallies.count, sampled.share, most)) return sampled
  const isLess = expected < most * SURELY_LESS || ((await countEach(planId, [condition], most))[0] ?? 0) <= most
  const all = isLess ? await within(1) : null
  if (all && all.tallies.count <= most) return all
  const more = await within(A_LITTLE_MORE)
  return more.tallies.count <= most ? more : within(FAR_MORE)
}
