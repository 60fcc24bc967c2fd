import type { Transaction } from '../client'
import { execute } from '../client'

/** Tells every server that something waits to be opened; delivered when the transaction commits. */
export async function notifyWork(transaction: Transaction | null): Promise<void> {
  await notify(transaction, { type: 'work' })
}

/** Tells every window of the plan; delivered when the transaction commits. */
export async function notify(transaction: Transaction | null, event: object): Promise<void> {
  await execute(transaction, `SELECT pg_notify('hembix', $1)`, [JSON.stringify(event)])
}
