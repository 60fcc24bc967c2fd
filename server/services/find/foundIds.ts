import { compile } from '../../../core/find/index'
import { idsFound } from '../../db/sql/findOrdered'
import type { Actor } from '../actor'
import { COUNTED_AT_MOST } from './countFound'
import type { FindRequest } from './findDocuments'
import { ruleOfRequest, checkLength } from './findDocuments'
import { matchContextFor } from './matchContext'

/** The ids of all that a search finds, the newest first, up to 10,000. Throws query.long, query.onlyWithout. */
export async function listFoundIds(
  actor: Actor,
  request: Pick<FindRequest, 'q' | 'facets' | 'rule' | 'typing'>,
): Promise<{ ids: string[]; more: boolean }> {
  checkLength(request.q)
  const rule = ruleOfRequest(request)
  const ids = await idsFound(
    actor.planId,
    compile(rule, await matchContextFor(actor.planId, rule, new Date()), 2),
    COUNTED_AT_MOST + 1,
  )
  return { ids: ids.slice(0, COUNTED_AT_MOST), more: ids.length > COUNTED_AT_MOST }
}
