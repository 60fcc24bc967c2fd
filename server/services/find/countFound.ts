import { fail } from '../../../core/errors'
import type { GroupCounts, Rule } from '../../../core/find/index'
import { compile, countGroups, isOnlyWithout, parseQuery, QUERY_LIMIT } from '../../../core/find/index'
import { branchOf, buildTree } from '../../../core/tree/index'
import { factsFound } from '../../db/sql/find'
import { liveFoldersOf } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import type { FindAsked, Narrowing } from './findDocuments'
import { filters } from './findDocuments'

/** Up to here the counts are exact; above it they are at least that. */
export const COUNTED_AT_MOST = 10_000

export interface Counts extends GroupCounts { readonly more: boolean }

// What each group is counted without: choosing a second value in a group widens it.
const ALONE = {
  types: { types: [] }, origins: { origins: [] }, filed: { filed: [] }, places: { place: undefined }, months: { changedFrom: null, changedBefore: null },
} as const satisfies Partial<Record<keyof GroupCounts, Partial<Narrowing>>>

/**
 * How many of what is found are of which type, came from where and so on. Each group is counted with all that
 * narrows the search but itself. Throws query.long, query.onlyWithout, notFound.
 */
export async function countFoundGroups(actor: Actor, asked: Omit<FindAsked, 'after' | 'limit'>): Promise<Counts> {
  const length = [...asked.text].length
  if (length > QUERY_LIMIT) fail('query.long', { length, limit: QUERY_LIMIT })
  const typed = parseQuery(asked.text, { typing: asked.typing })
  const words = typed.kind === 'all' ? typed.rules : [typed]
  if (isOnlyWithout({ kind: 'all', rules: [...words, ...filters(asked)] })) fail('query.onlyWithout')
  const tree = buildTree(await liveFoldersOf(actor.planId))
  if (asked.place && !tree.byId.has(asked.place)) fail('notFound')
  let more = false
  const count = async (narrowing: Narrowing): Promise<GroupCounts> => {
    const rule: Rule = { kind: 'all', rules: [...words, ...filters(narrowing)] }
    const facts = await factsFound(actor.planId, compile(rule, id => branchOf(tree, id).map(folder => folder.id), 2), COUNTED_AT_MOST + 1)
    if (facts.length > COUNTED_AT_MOST) more = true
    return countGroups(facts.slice(0, COUNTED_AT_MOST), tree)
  }
  const whole = await count(asked)
  const own: Partial<GroupCounts> = {}
  for (const group of Object.keys(ALONE) as (keyof typeof ALONE)[]) {
    const without = { ...asked, ...ALONE[group] }
    if (JSON.stringify(filters(without)) !== JSON.stringify(filters(asked))) Object.assign(own, { [group]: (await count(without))[group] })
  }
  return { ...whole, ...own, more }
}
