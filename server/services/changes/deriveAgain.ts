import { withTransaction } from '../../db/client'
import { markDerived, nextToDerive, refreshDerived } from '../../db/sql/derived'
import { lockPlan } from '../../db/sql/planRows'

const AT_ONCE = 200

/**
 * After an upgrade: brings what is derived from documents up to date, some at a time, so that people go on meanwhile.
 */
export async function deriveAgain(stopped: () => boolean): Promise<void> {
  let after: { planId: string; id: string } | null = null
  while (!stopped()) {
    const next = await nextToDerive(after, AT_ONCE)
    if (!next) return
    const { planId, ids } = next
    const last = ids.at(-1)
    if (last === undefined) {
      await markDerived(planId)
      after = null
      continue
    }
    await withTransaction(async transaction => {
      if (await lockPlan(transaction, planId)) await refreshDerived(transaction, planId, ids)
    })
    after = { planId, id: last }
  }
}
