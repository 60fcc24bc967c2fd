import type { Asked, Rule } from '../../../core/find/index'
import { compile, partsOf, ruleOf, withoutPart } from '../../../core/find/index'
import { countFound } from '../../db/sql/find'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import { checkLength } from './findDocuments'
import { planTree, worldOf } from './world'

export interface Weighed {
  readonly whole: number
  readonly alone: Readonly<Record<string, number>>
  readonly without: Readonly<Record<string, number>>
}

/** How many documents each rule finds alone; where all together find none, how many there would be without it. Throws query.long. */
export async function weighRules(actor: Actor, asked: Asked): Promise<Weighed> {
  checkLength(asked.q)
  const world = worldOf(await planTree(actor.planId), new Date())
  const count = (rule: Rule) => countFound(actor.planId, compile(rule, world, 2), COUNTED_AT_MOST)
  const whole = await count(ruleOf(asked, { typing: false }))
  const [alone, without]: [Record<string, number>, Record<string, number>] = [{}, {}]
  for (const { path, rule } of asked.rule ? partsOf(asked.rule) : []) {
    alone[path] = await count(rule)
    if (whole === 0 && asked.rule && path !== '') without[path] = await count(ruleOf({ ...asked, rule: withoutPart(asked.rule, path) }, { typing: false }))
  }
  return { whole, alone, without }
}
