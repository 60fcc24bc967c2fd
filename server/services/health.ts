import { ping } from '../db/sql/actors'

/** Throws when the database does not answer. */
export async function checkHealth(): Promise<{ status: 'ok' }> {
  await ping()
  return { status: 'ok' }
}
