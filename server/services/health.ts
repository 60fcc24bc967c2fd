import { openConnections } from '../db/client'
import { countWaiting } from '../db/sql/claims'
import { ping } from '../db/sql/actors'

/** Throws when the database does not answer. */
export async function checkHealth(): Promise<{ status: 'ok' }> {
  await ping()
  return { status: 'ok' }
}

/** What waits to be opened (null: the database does not answer), and this server's connections. */
export async function measureDatabase(): Promise<{
  waiting: Record<string, number> | null
  connections: { open: number; idle: number }
}> {
  const waiting = await countWaiting().catch(() => null) // that is what is to be told
  return { waiting, connections: openConnections() }
}
