import type { Asked, Loosening } from '../../../core/find/index'
import { compile, loosened, ruleOf, writeAsked } from '../../../core/find/index'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import { checkLength } from './findDocuments'
import { countHits } from './many'
import { planTree, worldOf } from './world'

export interface LoosenedSearch { readonly what: Loosening; readonly query: Readonly<Record<string, string>>; /** 10,001 stands for more than 10,000. */ readonly count: number }

/** For a search that finds nothing: those that ask for one thing less and find something, as they stand in a URL. Throws query.long. */
export async function loosenSearch(actor: Actor, asked: Asked, typing: boolean): Promise<LoosenedSearch[]> {
  checkLength(asked.q)
  const world = worldOf(await planTree(actor.planId), new Date())
  const offers = loosened(asked)
  const counts = await countHits(actor.planId, offers.map(({ asked: less }) => first => compile(ruleOf(less, { typing }), world, first)), COUNTED_AT_MOST)
  return offers.flatMap(({ what, asked: less }, index) => {
    const count = counts[index] ?? 0
    return count === 0 ? [] : [{ what, query: writeAsked(less), count }]
  })
}
