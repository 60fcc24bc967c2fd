import type { Rule } from '../../../core/find/index'
import { asksOnlyWithout, compile, parseSearchQuery, ruleOf } from '../../../core/find/index'
import { keptSearchesOf } from '../../db/sql/keeping'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import { countHits } from './many'
import { planTree, matchContextOf } from './matchContext'

/** How many documents each kept search finds now, up to 10,001; null where it is not understood any more. */
export async function countKept(actor: Actor): Promise<{ counts: { id: string; count: number | null }[] }> {
  const searches = (await keptSearchesOf(null, actor.planId)).map(({ id, query }) => ({ id, rule: ruleIn(query) }))
  const request = searches.flatMap(({ rule }) => rule ?? [])
  const matchContext = matchContextOf(await planTree(actor.planId), new Date())
  const found = await countHits(
    actor.planId,
    request.map(rule => first => compile(rule, matchContext, first)),
    COUNTED_AT_MOST,
  )
  const counts = new Map(request.map((rule, index) => [rule, found[index] ?? 0]))
  return { counts: searches.map(({ id, rule }) => ({ id, count: rule === null ? null : (counts.get(rule) ?? 0) })) }
}

/** null also where it only leaves words out, which the Find page does not list either. */
function ruleIn(query: Readonly<Record<string, string>>): Rule | null {
  const read = parseSearchQuery(query)
  return read.ok && !asksOnlyWithout(read.request) ? ruleOf(read.request, { typing: false }) : null
}
