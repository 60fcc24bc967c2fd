// Parts of a search that the index of words knows, so that not all hits have to be found: random shares of the
// documents (core/find/shares), and those changed since a week. And how many hits the planner expects.

import type { Compiled } from '../../../core/find/index'
import { rows } from '../client'
import { joinFor } from './find'
import { countEach } from './findOrdered'
import { IN_PLAN } from './planPredicate'

// The planner does not know which words are neighbours: a phrase is looked for in this share of the documents, up to so
// many hits.
const [TRIED_SHARE, TRIED_HITS] = [1 / 64, 400]

/**
 * How many documents a condition is expected to find, by the planner's statistics or by a share of the documents; a
 * guess. Parameters of the condition begin at $2.
 */
export async function expectedHits(planId: string, condition: Compiled): Promise<number> {
  if (condition.reads.texts) {
    const tried = condition.parts
      ? {
          text: condition.parts.found,
          params: condition.params.slice(0, condition.parts.needs),
          reads: condition.parts.reads,
        }
      : condition
    const [count = 0] = await countEach(planId, [() => withinShare(tried, TRIED_SHARE)], TRIED_HITS)
    return count / TRIED_SHARE
  }
  const [plan] = await rows<{ 'QUERY PLAN': readonly { readonly Plan: { readonly 'Plan Rows': number } }[] }>(
    null,
    `EXPLAIN (FORMAT JSON) SELECT FROM search_row s ${joinFor(condition)} WHERE ${IN_PLAN} AND ${condition.text}`,
    [planId, ...condition.params],
  )
  return plan?.['QUERY PLAN'][0]?.Plan['Plan Rows'] ?? 0
}

/** A condition narrowed to the documents of a share. */
export function withinShare(condition: Compiled, share: number): Compiled {
  return narrowed(condition, `sample_of(s.document_id) = ${Math.round(0.5 / share)}`)
}

/** A condition narrowed to the documents changed in this week (counted from 1970) or later. */
export function sinceWeek(condition: Compiled, week: number): Compiled {
  return narrowed(condition, `week_of(s.changed_at) >= ${Math.trunc(week)}`)
}

function narrowed({ text, params, reads, parts }: Compiled, by: string): Compiled {
  return {
    text: `${text} AND ${by}`,
    params,
    reads,
    ...(parts ? { parts: { ...parts, found: `${parts.found} AND ${by}` } } : {}),
  }
}

/** The week in which the plan's `documents` newest begin; null: it has no more than these. */
export async function weekOfNewest(planId: string, documents: number): Promise<number | null> {
  const [found] = await rows<{ week: number }>(
    null,
    `SELECT week_of(changed_at) AS week FROM (SELECT changed_at FROM search_row WHERE plan_id = $1
      ORDER BY changed_at DESC, document_id DESC OFFSET $2 LIMIT 1) x`,
    [planId, Math.trunc(documents)],
  )
  return found?.week ?? null
}
