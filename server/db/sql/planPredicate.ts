// What the statistics of the database say of plans: how many documents they have, and so how a search says that
// documents are of the plan $1. The index of words can be asked for the plan beside the words, which saves looking at
// other plans' documents; but where most documents are of this plan, it only makes the index go through a list of
// nearly all of them, which for a common word takes longer than the word itself.

import type { Compiled } from '../../../core/find/index'
import { rows } from '../client'

export const IN_PLAN = 's.plan_id = $1'
/** The same, in a form that no index answers: looked at on the documents that are found. */
export const LOOKED_AT = '(s.plan_id = $1) IS TRUE'
// Statistics are made anew when a tenth of the documents changed; so old may be what was read of them.
const FRESH_MS = 60_000
let known: {
  readonly at: number
  readonly plans: ReadonlyMap<string, { readonly documents: number; readonly isMost: boolean }>
} | null = null

/**
 * The words for it in a statement that finds all hits by the index of words; IN_PLAN where another index gives the
 * order.
 */
export async function planPredicate(planId: string, { reads }: Pick<Compiled, 'reads'>): Promise<string> {
  return reads.words && (await statistics()).get(planId)?.isMost ? LOOKED_AT : IN_PLAN
}

/** About how many documents the plan has; 0 where it is too small for the statistics. */
export async function documentsExpected(planId: string): Promise<number> {
  return (await statistics()).get(planId)?.documents ?? 0
}

async function statistics() {
  if (known === null || Date.now() - known.at > FRESH_MS) {
    const found = await rows<{ planId: string; share: number; all: number }>(
      null,
      `SELECT v.plan_id AS "planId", v.share, c.reltuples AS all
      FROM pg_stats p JOIN pg_class c ON c.oid = 'search_row'::regclass, unnest(p.most_common_vals::text::uuid[],
        p.most_common_freqs) AS v(plan_id, share)
      WHERE p.schemaname = current_schema() AND p.tablename = 'search_row' AND p.attname = 'plan_id'`,
    )
    known = {
      at: Date.now(),
      plans: new Map(found.map(({ planId, share, all }) => [planId, { documents: share * all, isMost: share > 0.5 }])),
    }
  }
  return known.plans
}
