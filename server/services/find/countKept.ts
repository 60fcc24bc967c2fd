import type { Rule } from '../../../core/find/index'
import { asksOnlyWithout, compile, readAsked, ruleOf } from '../../../core/find/index'
import { keptSearchesOf } from '../../db/sql/keeping'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import { countHits } from './many'
import { planTree, worldOf } from './world'

/** How many documents each kept search finds now, up to 10,001; null where it is not understood any more. */
export async function countKept(actor: Actor): Promise<{ counts: { id: string; count: number | null }[] }> {
  const searches = (await keptSearchesOf(null, actor.planId)).map(({ id, query }) => ({ id, rule: ruleIn(query) }))
  const asked = searches.flatMap(({ rule }) => rule ?? [])
  const world = worldOf(await planTree(actor.planId), new Date())
  const found = await countHits(actor.planId, asked.map(rule => first => compile(rule, world, first)), COUNTED_AT_MOST)
  const counts = new Map(asked.map((rule, index) => [rule, found[index] ?? 0]))
  return { counts: searches.map(({ id, rule }) => ({ id, count: rule === null ? null : counts.get(rule) ?? 0 })) }
}

/** null also where it only leaves words out, which the Find page does not list either. */
function ruleIn(query: Readonly<Record<string, string>>): Rule | null {
  const read = readAsked(query)
  return read.ok && !asksOnlyWithout(read.asked) ? ruleOf(read.asked, { typing: false }) : null
}
