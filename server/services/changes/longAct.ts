// Progress of acts that write thousands of rows, and stopping them: the transaction is given up, so nothing is half
// done.

import { fail } from '../../../core/errors'
import type { Transaction } from '../../db/client'
import { Op } from '../../db/client'
import { longActs } from '../../db/models/longAct'
import { notify } from '../../db/sql/notify'
import type { Actor } from '../actor'

/** An act of so many rows and more is watched. */
const LONG_ROWS = 2000

/** Called between the steps of an act, with how many of its rows are written. Throws act.stopped. */
export type Between = (done: number) => Promise<void>

/** Runs `work`, telling the plan's windows how far it is; short acts run as they are. */
export async function watched<T>(
  transaction: Transaction,
  actor: Actor,
  changeId: string,
  total: number,
  work: (between: Between) => Promise<T>,
): Promise<T> {
  if (total < LONG_ROWS) return work(() => Promise.resolve())
  const act = { changeId, planId: actor.planId }
  await longActs().bulkCreate([act], { ignoreDuplicates: true })
  try {
    return await work(async done => {
      // Inside the act's transaction, which sees what others committed meanwhile.
      if ((await longActs().count({ where: { ...act, stop: true }, transaction })) > 0) fail('act.stopped')
      await notify(null, { type: 'progress', planId: actor.planId, changeId, done, total })
    })
  } finally {
    await longActs().destroy({ where: act })
  }
}

const LEFT_MS = 86_400_000

/** Once a day: what a killed server left. */
export async function sweepLongActs(now: Date): Promise<void> {
  await longActs().destroy({ where: { beganAt: { [Op.lt]: new Date(now.getTime() - LEFT_MS) } } })
}

/** Throws notFound where no such act is running. */
export async function stopAct(actor: Actor, changeId: string): Promise<void> {
  const [stopped] = await longActs().update({ stop: true }, { where: { changeId, planId: actor.planId } })
  if (stopped === 0) fail('notFound')
}
