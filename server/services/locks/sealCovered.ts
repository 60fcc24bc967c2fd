// What comes into a locked folder, or becomes a version of a locked document, is sealed right after the act.

import { withTransaction } from '../../db/client'
import { locks } from '../../db/models/lock'
import { refreshDerived } from '../../db/sql/derived'
import { coveredBlobs, holdersOf } from '../../db/sql/locks'
import { notify } from '../../db/sql/notify'
import { lockPlan } from '../../db/sql/planRows'
import type { Transaction } from '../../db/client'
import { sayFault } from '../../log/log'
import { holdWords, sealBytes } from './sealBytes'

/** Seals what the locks of this plan cover by now. */
async function sealCovered(planId: string): Promise<void> {
  const expected = await coveredBlobs(null, planId)
  if (expected.length === 0) return
  await withTransaction(async transaction => {
    await holdWords(
      transaction,
      planId,
      expected.map(({ blobId }) => blobId),
    )
    await lockPlan(transaction, planId)
    const toSeal = await coveredBlobs(transaction, planId)
    for (const one of toSeal) {
      const lock = await locks().findByPk(one.lockId, { transaction })
      if (lock) await sealBytes(transaction, planId, one, lock.publicKey)
    }
    await refreshHolders(
      transaction,
      planId,
      toSeal.map(({ blobId }) => blobId),
    )
    await notify(transaction, { type: 'locks', planId })
  })
}

/** In the transaction of an act: seals once the act holds, where the plan has any lock. */
export async function sealAfter(transaction: Transaction, planId: string): Promise<void> {
  if ((await locks().count({ where: { planId }, transaction })) === 0) return
  transaction.afterCommit(() =>
    sealCovered(planId).catch((error: unknown) => {
      sayFault(error, 'what came into a locked folder was not sealed; it is with the next act, or after a restart')
    }),
  )
}

/** After a start: what a server that ended had not sealed yet. */
export async function sealWhatIsLeft(): Promise<void> {
  const all = await locks().findAll({ attributes: ['planId'], group: ['planId'] })
  for (const { planId } of all) await sealCovered(planId)
}

/** The words by which documents are found, after those inside became known or unknown. */
export async function refreshHolders(
  transaction: Transaction,
  planId: string,
  blobIds: readonly string[],
): Promise<string[]> {
  const holders = await holdersOf(transaction, planId, blobIds)
  const ids = holders.map(({ id }) => id)
  if (ids.length > 0) await refreshDerived(transaction, planId, ids)
  return ids
}
