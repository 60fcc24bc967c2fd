// Jobs by the clock lie in the same database (pg-boss). What waits to be opened is claimed from its own table
// (sql/claims).

import PgBoss from 'pg-boss'
import { databaseUrl } from './client'

export const MAINTENANCE_QUEUE = 'daily-maintenance'
export const MAIL_QUEUE = 'mail'

let starting: Promise<PgBoss> | null = null

export function queue(
  onError: (error: Error) => void = () => {
    /* the next use of the queue says it again */
  },
): Promise<PgBoss> {
  starting ??= start(onError).catch((error: unknown) => {
    starting = null
    throw error
  })
  return starting
}

async function start(onError: (error: Error) => void): Promise<PgBoss> {
  const boss = new PgBoss({ connectionString: databaseUrl(), max: 2 })
  boss.on('error', onError)
  await boss.start()
  await boss.createQueue(MAINTENANCE_QUEUE)
  await boss.createQueue(MAIL_QUEUE)
  return boss
}

export async function stopQueue(): Promise<void> {
  const boss = await starting
  starting = null
  await boss?.stop({ graceful: true, timeout: 5000, wait: true })
}
