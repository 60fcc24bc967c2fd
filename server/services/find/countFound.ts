import type { FacetKey, GroupCounts, Rule } from '../../../core/find/index'
import { compile, countGroups, FACET_KEYS, FACETS, ruleOf, rulesOfFacet, withoutFacet } from '../../../core/find/index'
import type { Actor } from '../actor'
import type { FindRequest } from './findDocuments'
import { ruleOfRequest, checkLength } from './findDocuments'
import { tallied } from './many'
import { planTree, matchContextOf } from './matchContext'

/** Up to here counts are exact. */
export const COUNTED_AT_MOST = 10_000

/** Groups in `about` are estimated from a random share of what is found; the others are exact. */
export type Counts = GroupCounts & {
  /** Exact up to countLimit; one more stands for "more than that". */
  readonly count: number
  readonly countLimit: number
  readonly about: readonly FacetKey[]
}

type CountRequest = Pick<FindRequest, 'q' | 'facets' | 'rule' | 'typing'>

/**
 * How many of what is found are of which type, came from where and so on. Each group is counted with all that
 * narrows the search but itself. Throws query.long, query.onlyWithout.
 */
export async function countFoundGroups(actor: Actor, request: CountRequest): Promise<Counts> {
  checkLength(request.q)
  ruleOfRequest(request)
  const plan = await planTree(actor.planId)
  const matchContext = matchContextOf(plan, new Date())
  const about = new Set<FacetKey>()
  const count = async (rule: Rule, groups: readonly FacetKey[]): Promise<GroupCounts & { count: number }> => {
    const { tallies, share } = await tallied(
      actor.planId,
      first => compile(rule, matchContext, first),
      request.facets,
      COUNTED_AT_MOST,
    )
    for (const group of groups) about[share === 1 ? 'delete' : 'add'](group)
    return {
      ...countGroups(tallies, plan.tree, plan.meaningOf, share),
      count: share === 1 ? tallies.count : COUNTED_AT_MOST + 1,
    }
  }
  const whole = await count(ruleOfRequest(request), FACET_KEYS)
  const own: Partial<Record<FacetKey, GroupCounts[FacetKey]>> = {}
  for (const { key, widens } of FACETS) {
    if (!widens || rulesOfFacet(request.facets, key).length === 0) continue
    const rest = { ...request, facets: withoutFacet(request.facets, key) }
    own[key] = (await count(ruleOf(rest, request), [key]))[key]
  }
  return { ...whole, ...own, countLimit: COUNTED_AT_MOST, about: [...about] }
}
