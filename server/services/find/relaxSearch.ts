import type { SearchQuery, Relaxation } from '../../../core/find/index'
import { compile, relaxed, ruleOf, printSearchQuery } from '../../../core/find/index'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import { checkLength } from './findDocuments'
import { countHits } from './many'
import { planTree, matchContextOf } from './matchContext'

export interface RelaxedSearch {
  readonly what: Relaxation
  readonly query: Readonly<Record<string, string>>
  /** 10,001 stands for more than 10,000. */
  readonly count: number
}

/**
 * For a search that finds nothing: those that ask for one thing less and find something, as they stand in a URL. Throws
 * query.long.
 */
export async function relaxSearch(actor: Actor, request: SearchQuery, typing: boolean): Promise<RelaxedSearch[]> {
  checkLength(request.q)
  const matchContext = matchContextOf(await planTree(actor.planId), new Date())
  const offers = relaxed(request)
  const counts = await countHits(
    actor.planId,
    offers.map(
      ({ request: less }) =>
        first =>
          compile(ruleOf(less, { typing }), matchContext, first),
    ),
    COUNTED_AT_MOST,
  )
  return offers.flatMap(({ what, request: less }, index) => {
    const count = counts[index] ?? 0
    return count === 0 ? [] : [{ what, query: printSearchQuery(less), count }]
  })
}
