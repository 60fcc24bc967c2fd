// Progress of acts that write thousands of rows, and stopping them: the transaction is given up, so nothing is half done.

import { fail } from '../../../core/errors'
import type { Transaction } from '../../db/client'
import { notify } from '../../db/sql/journal'
import { askToStop, beginLongAct, endLongAct, forgetLongActs, isToStop } from '../../db/sql/longActs'
import type { Actor } from '../actor'

/** An act of so many rows and more is watched. */
const LONG_ROWS = 2000

/** Called between the steps of an act, with how many of its rows are written. Throws act.stopped. */
export type Between = (done: number) => Promise<void>

/** Runs `work`, telling the plan's windows how far it is; short acts run as they are. */
export async function watched<T>(transaction: Transaction, actor: Actor, changeId: string, total: number, work: (between: Between) => Promise<T>): Promise<T> {
  if (total < LONG_ROWS) return work(() => Promise.resolve())
  await beginLongAct(changeId, actor.planId)
  try {
    return await work(async (done) => {
      if (await isToStop(transaction, changeId, actor.planId)) fail('act.stopped')
      await notify(null, { type: 'progress', planId: actor.planId, changeId, done, total })
    })
  }
  finally {
    await endLongAct(changeId, actor.planId)
  }
}

/** Once a day: what a killed server left. */
/** What a killed server left. */
export const sweepLongActs = forgetLongActs

/** Throws notFound where no such act is running. */
export async function stopAct(actor: Actor, changeId: string): Promise<void> {
  if (!await askToStop(changeId, actor.planId)) fail('notFound')
}
