// Where a great many are found, a share of them tells so; all are only looked at where there are few.

import type { Compiled, Fact, TimeField } from '../../../core/find/index'
import { provesMore, shareFor } from '../../../core/find/index'
import { countEach, factsFound } from '../../db/sql/find'
import { expectedHits, withinShare } from '../../db/sql/samples'

/** The condition with its parameters numbered from `first`. */
export type Condition = (first: number) => Compiled

// The only parameter before those of a condition is the plan.
export const AFTER_PLAN = 2
// Enough in a share for a proof, and for counts that mean something.
const [PROOF, COUNTABLE] = [400, 2500]
// Where more are found than the planner expected, counts come from one of these shares.
const [A_LITTLE_MORE, FAR_MORE] = [1 / 4, 1 / 64]

/** How many each finds; exact up to `most`, one more stands for more. */
export async function countHits(planId: string, conditions: readonly Condition[], most: number): Promise<number[]> {
  const areMany = await Promise.all(conditions.map(async (condition) => {
    const share = await shareToProve(planId, condition, most)
    return share !== null && provesMany(planId, condition, share, most)
  }))
  const counts = await countEach(planId, conditions.filter((_, index) => !areMany[index]), most)
  return areMany.map(isMany => (isMany ? most + 1 : counts.shift() ?? 0))
}

/** The share to look into where more than `most` are expected; null: all have to be found. */
export function shareToProve(planId: string, condition: Condition, most: number): Promise<number | null> {
  return shareOf(planId, condition, most, PROOF)
}

/** Whether a share leaves no doubt that more than `most` are found; false says nothing. */
export async function provesMany(planId: string, condition: Condition, share: number, most: number): Promise<boolean> {
  const [found = 0] = await countEach(planId, [first => withinShare(condition(first), share)], most)
  return provesMore(found, share, most)
}

/** What is counted of all hits where there are at most `most`, of a share of them where there are more. */
export async function factsToCount(planId: string, condition: Condition, field: TimeField, most: number): Promise<{ readonly facts: readonly Fact[]; readonly share: number }> {
  const within = async (share: number) => ({ facts: await factsFound(planId, share === 1 ? condition(AFTER_PLAN) : withinShare(condition(AFTER_PLAN), share), field, most + 1), share })
  const share = await shareOf(planId, condition, most, COUNTABLE)
  const sampled = share === null ? null : await within(share)
  if (sampled && provesMore(sampled.facts.length, sampled.share, most)) return sampled
  const [count = 0] = await countEach(planId, [condition], most)
  if (count <= most) return within(1)
  const more = await within(A_LITTLE_MORE)
  return more.facts.length <= most ? more : within(FAR_MORE)
}

/** The share that should hold so many hits of a condition that is expected to find more than `most`; null for another. */
async function shareOf(planId: string, condition: Condition, most: number, wanted: number): Promise<number | null> {
  const expected = await expectedHits(planId, condition(AFTER_PLAN))
  return expected > most ? shareFor(expected, wanted) : null
}
