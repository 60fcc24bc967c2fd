import type { SearchQuery, Rule } from '../../../core/find/index'
import { compile, partsOf, ruleOf, withoutPart } from '../../../core/find/index'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import { checkLength } from './findDocuments'
import { countHits } from './many'
import { planTree, matchContextOf } from './matchContext'

export interface RuleCounts {
  readonly whole: number
  readonly alone: Readonly<Record<string, number>>
  readonly without: Readonly<Record<string, number>>
}

/**
 * How many documents each rule finds alone; where all together find none, how many there would be without it. Throws
 * query.long.
 */
export async function countRules(actor: Actor, request: SearchQuery): Promise<RuleCounts> {
  checkLength(request.q)
  const matchContext = matchContextOf(await planTree(actor.planId), new Date())
  const countAll = (rules: readonly (Rule | null)[]) =>
    countHits(
      actor.planId,
      rules.flatMap(rule => (rule ? [(first: number) => compile(rule, matchContext, first)] : [])),
      COUNTED_AT_MOST,
    )
  const parts = request.rule ? partsOf(request.rule) : []
  const [whole = 0, ...each] = await countAll([ruleOf(request, { typing: false }), ...parts.map(({ rule }) => rule)])
  const alone = Object.fromEntries(parts.map(({ path }, index) => [path, each[index] ?? 0]))
  const droppable = whole === 0 ? parts.filter(({ path }) => path !== '') : []
  const freed = await countAll(
    droppable.map(({ path }) =>
      ruleOf({ ...request, rule: request.rule && withoutPart(request.rule, path) }, { typing: false }),
    ),
  )
  const without = Object.fromEntries(droppable.map(({ path }, index) => [path, freed[index] ?? 0]))
  return { whole, alone, without }
}
