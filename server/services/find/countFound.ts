import type { FacetKey, GroupCounts, Rule } from '../../../core/find/index'
import {
  compile,
  countGroups,
  exactly,
  findsForms,
  FACET_KEYS,
  FACETS,
  ruleOf,
  rulesOfFacet,
  withoutFacet,
} from '../../../core/find/index'
import type { Actor } from '../actor'
import type { FindRequest } from './findDocuments'
import { ruleOfRequest, checkLength } from './findDocuments'
import { countHits, tallied } from './many'
import { planTree, matchContextOf } from './matchContext'

/** Up to here counts are exact. */
export const COUNTED_AT_MOST = 10_000

/** Groups in `about` are estimated from a random share of what is found; the others are exact. */
export type Counts = GroupCounts & {
  /** Exact up to countLimit; one more stands for "more than that". */
  readonly count: number
  readonly countLimit: number
  /** How many hold the words as they were typed; null where no other forms are looked for. */
  readonly exactly: number | null
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
  const rule = ruleOfRequest(request)
  const exact = findsForms(rule)
    ? countHits(actor.planId, [first => compile(exactly(rule), matchContext, first)], COUNTED_AT_MOST)
    : [null]
  const [whole, [asTyped = null]] = await Promise.all([count(rule, FACET_KEYS), exact])
  const own: Partial<Record<FacetKey, GroupCounts[FacetKey]>> = {}
  for (const { key, widens } of FACETS) {
    if (!widens || rulesOfFacet(request.facets, key).length === 0) continue
    const rest = { ...request, facets: withoutFacet(request.facets, key) }
    own[key] = (await count(ruleOf(rest, request), [key]))[key]
  }
  return { ...whole, ...own, countLimit: COUNTED_AT_MOST, exactly: asTyped, about: [...about] }
}
