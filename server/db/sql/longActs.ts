// Acts that take long are known while they run, in every process, so that their progress is seen and they can be stopped.

import type { Transaction } from '../client'
import { rows, execute } from '../client'

export async function beginLongAct(changeId: string, planId: string): Promise<void> {
  await execute(null, 'INSERT INTO long_act (change_id, plan_id) VALUES ($1, $2) ON CONFLICT (change_id, plan_id) DO NOTHING', [changeId, planId])
}

export async function endLongAct(changeId: string, planId: string): Promise<void> {
  await execute(null, 'DELETE FROM long_act WHERE change_id = $1 AND plan_id = $2', [changeId, planId])
}

/** True when such an act of this plan is running. */
export async function askToStop(changeId: string, planId: string): Promise<boolean> {
  return await execute(null, 'UPDATE long_act SET stop = true WHERE change_id = $1 AND plan_id = $2', [changeId, planId]) > 0
}

/** Asked inside the act's transaction, which sees what others committed meanwhile. */
export async function isToStop(transaction: Transaction, changeId: string, planId: string): Promise<boolean> {
  const found = await rows<{ stop: boolean }>(transaction, 'SELECT stop FROM long_act WHERE change_id = $1 AND plan_id = $2', [changeId, planId])
  return found[0]?.stop ?? false
}

/** What a killed server left. */
export async function forgetLongActs(now: Date): Promise<void> {
  await execute(null, `DELETE FROM long_act WHERE began_at < $1::timestamptz - interval '1 day'`, [now])
}
