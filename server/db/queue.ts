// The queue of background jobs lies in the same database (pg-boss).

import PgBoss from 'pg-boss'
import { databaseUrl } from './client'

export const READ_QUEUE = 'read-document'
export const SWEEP_QUEUE = 'sweep-uploads'
export const THUMBNAIL_QUEUE = 'draw-thumbnail'
const QUEUES = [READ_QUEUE, SWEEP_QUEUE, THUMBNAIL_QUEUE] as const
type Queue = (typeof QUEUES)[number]

let starting: Promise<PgBoss> | null = null

export function queue(onError: (error: Error) => void = () => { /* the next use of the queue says it again */ }): Promise<PgBoss> {
  starting ??= start(onError).catch((error: unknown) => {
    starting = null
    throw error
  })
  return starting
}

async function start(onError: (error: Error) => void): Promise<PgBoss> {
  const boss = new PgBoss({ connectionString: databaseUrl(), max: 4 })
  boss.on('error', onError)
  await boss.start()
  for (const name of QUEUES) await boss.createQueue(name)
  return boss
}

/** now: somebody waits for it; later: behind all of those. */
export type Turn = 'now' | 'later'
const PRIORITY: Record<Turn, number> = { now: 1, later: 0 }

/** Puts jobs into the queue. The same key may stand in it twice: what is done already is passed over by the job. */
export async function enqueue(name: Queue, jobs: readonly { key: string; data: object }[], turn: Turn): Promise<void> {
  if (jobs.length === 0) return
  const boss = await queue()
  await boss.insert(jobs.map(({ key, data }) => ({ name, data, singletonKey: key, retryLimit: 1, priority: PRIORITY[turn] })))
}

export async function stopQueue(): Promise<void> {
  const boss = await starting
  starting = null
  await boss?.stop({ graceful: true, timeout: 5000, wait: true })
}
