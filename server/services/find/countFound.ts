import type { GroupCounts, NarrowingGroup, Rule, TimeField } from '../../../core/find/index'
import { compile, countGroups, narrowingRules, NOT_NARROWED, ruleOf } from '../../../core/find/index'
import { factsFound } from '../../db/sql/find'
import type { Actor } from '../actor'
import type { FindAsked } from './findDocuments'
import { askedRule, checkLength } from './findDocuments'
import { planTree, worldOf } from './world'

/** Up to here the counts are exact; above it they are at least that. */
export const COUNTED_AT_MOST = 10_000

export interface Counts extends GroupCounts { readonly more: boolean }

// What each group of counts is counted without: choosing a second value in a group widens it. Tags narrow.
const ALONE: Partial<Record<keyof GroupCounts, NarrowingGroup>> = {
  types: 'types', origins: 'origins', filed: 'filed', sizes: 'sizes', languages: 'languages', places: 'places', meanings: 'meanings', months: 'span',
}

type CountAsked = Pick<FindAsked, 'q' | 'narrowing' | 'rule' | 'typing'>

/**
 * How many of what is found are of which type, came from where and so on. Each group is counted with all that
 * narrows the search but itself. Throws query.long, query.onlyWithout.
 */
export async function countFoundGroups(actor: Actor, asked: CountAsked): Promise<Counts> {
  checkLength(asked.q)
  askedRule(asked)
  const plan = await planTree(actor.planId)
  const world = worldOf(plan, new Date())
  const field: TimeField = asked.narrowing.span?.field ?? 'changed'
  let more = false
  const count = async (rule: Rule): Promise<GroupCounts> => {
    const facts = await factsFound(actor.planId, compile(rule, world, 2), field, COUNTED_AT_MOST + 1)
    if (facts.length > COUNTED_AT_MOST) more = true
    return countGroups(facts.slice(0, COUNTED_AT_MOST), plan.tree, plan.meaningOf)
  }
  const whole = await count(askedRule(asked))
  const own: Partial<GroupCounts> = {}
  for (const [group, narrows] of Object.entries(ALONE) as [keyof GroupCounts, NarrowingGroup][]) {
    if (narrowingRules({ ...NOT_NARROWED, [narrows]: asked.narrowing[narrows] }).length === 0) continue
    const rest = { ...asked, narrowing: { ...asked.narrowing, [narrows]: NOT_NARROWED[narrows] } }
    Object.assign(own, { [group]: (await count(ruleOf(rest, asked)))[group] })
  }
  return { ...whole, ...own, more }
}
