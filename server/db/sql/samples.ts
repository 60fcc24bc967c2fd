// How many there are, without finding them all: what the planner expects, and what falls into a share (core/find/shares).

import type { Compiled } from '../../../core/find/index'
import { rows } from '../client'
import { joinFor } from './find'

/** How many documents the planner expects a condition to find, by its statistics; a guess. Parameters of the condition begin at $2. */
export async function expectedHits(planId: string, condition: Compiled): Promise<number> {
  const [plan] = await rows<{ 'QUERY PLAN': readonly { readonly Plan: { readonly 'Plan Rows': number } }[] }>(null, `EXPLAIN (FORMAT JSON) SELECT FROM search_row s ${joinFor(condition)} WHERE s.plan_id = $1 AND ${condition.text}`, [planId, ...condition.params])
  return plan?.['QUERY PLAN'][0]?.Plan['Plan Rows'] ?? 0
}

/** A condition narrowed to the documents of a share. */
export function withinShare({ text, params }: Compiled, share: number): Compiled {
  return { text: `${text} AND sample_of(s.document_id) = ${Math.round(0.5 / share)}`, params }
}
