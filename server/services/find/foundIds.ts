import { compile } from '../../../core/find/index'
import { idsFound } from '../../db/sql/find'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import type { FindAsked } from './findDocuments'
import { askedRule, checkLength } from './findDocuments'
import { worldFor } from './world'

/** The ids of all that a search finds, the newest first, up to 10,000. Throws query.long, query.onlyWithout. */
export async function listFoundIds(actor: Actor, asked: Pick<FindAsked, 'q' | 'narrowing' | 'rule' | 'typing'>): Promise<{ ids: string[]; more: boolean }> {
  checkLength(asked.q)
  const rule = askedRule(asked)
  const ids = await idsFound(actor.planId, compile(rule, await worldFor(actor.planId, rule, new Date()), 2), COUNTED_AT_MOST + 1)
  return { ids: ids.slice(0, COUNTED_AT_MOST), more: ids.length > COUNTED_AT_MOST }
}
