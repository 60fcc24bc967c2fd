import type { GroupCounts, FacetGroup, Rule, TimeField } from '../../../core/find/index'
import { compile, countGroups, facetRules, NO_FACETS, ruleOf } from '../../../core/find/index'
import type { Actor } from '../actor'
import type { FindRequest } from './findDocuments'
import { ruleOfRequest, checkLength } from './findDocuments'
import { tallied } from './many'
import { planTree, matchContextOf } from './matchContext'

/** Up to here counts are exact. */
export const COUNTED_AT_MOST = 10_000

/** Groups in `about` are estimated from a random share of what is found; the others are exact. */
export interface Counts extends GroupCounts {
  /** Exact up to countLimit; one more stands for "more than that". */
  readonly count: number
  readonly countLimit: number
  readonly about: readonly (keyof GroupCounts)[]
}

// What each group of counts is counted without: choosing a second value in a group widens it. Tags narrow.
const ALONE: Partial<Record<keyof GroupCounts, FacetGroup>> = {
  types: 'types',
  origins: 'origins',
  filed: 'filed',
  sizes: 'sizes',
  languages: 'languages',
  places: 'places',
  meanings: 'meanings',
  months: 'span',
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
  const field: TimeField = request.facets.span?.field ?? 'changed'
  const about = new Set<keyof GroupCounts>()
  const count = async (
    rule: Rule,
    groups: readonly (keyof GroupCounts)[],
  ): Promise<GroupCounts & { count: number }> => {
    const { tallies, share } = await tallied(
      actor.planId,
      first => compile(rule, matchContext, first),
      field,
      COUNTED_AT_MOST,
    )
    for (const group of groups) about[share === 1 ? 'delete' : 'add'](group)
    return {
      ...countGroups(tallies, plan.tree, plan.meaningOf, share),
      count: share === 1 ? tallies.count : COUNTED_AT_MOST + 1,
    }
  }
  const whole = await count(ruleOfRequest(request), GROUPS)
  const own: Partial<GroupCounts> = {}
  for (const [group, narrows] of Object.entries(ALONE) as [keyof GroupCounts, FacetGroup][]) {
    if (facetRules({ ...NO_FACETS, [narrows]: request.facets[narrows] }).length === 0) continue
    const rest = { ...request, facets: { ...request.facets, [narrows]: NO_FACETS[narrows] } }
    Object.assign(own, { [group]: (await count(ruleOf(rest, request), [group]))[group] })
  }
  return { ...whole, ...own, countLimit: COUNTED_AT_MOST, about: [...about] }
}

const GROUPS = [
  'types',
  'origins',
  'filed',
  'sizes',
  'languages',
  'places',
  'meanings',
  'tags',
  'months',
  'starred',
] as const satisfies readonly (keyof GroupCounts)[]
