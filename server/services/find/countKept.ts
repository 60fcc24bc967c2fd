import { HembixError } from '../../../core/errors'
import { readAsked } from '../../../core/find/index'
import { keptSearchesOf } from '../../db/sql/keeping'
import type { Actor } from '../actor'
import { countAsked } from './countFound'

/** How many documents each kept search finds now, up to 10,001; null where it is not understood any more. */
export async function countKept(actor: Actor): Promise<{ counts: { id: string; count: number | null }[] }> {
  const searches = await keptSearchesOf(null, actor.planId)
  const counts: { id: string; count: number | null }[] = []
  for (const { id, query } of searches) {
    const read = readAsked(query)
    counts.push({ id, count: read.ok ? await countAsked(actor, { ...read.asked, typing: false }).catch(notAsked) : null })
  }
  return { counts }
}

/** A search that asks nothing, or only leaves words out, has no count; other faults are faults. */
function notAsked(error: unknown): null {
  if (error instanceof HembixError) return null
  throw error
}
