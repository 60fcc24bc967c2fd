import { join, resolve } from 'node:path'
import { fail, ROOT } from './run.mjs'
import { needDatabase, needPostgres, startPostgres } from './postgres.mjs'

/** Gives `work` the address of the database: DATABASE_URL, or our own, started for the while unless it runs. */
export async function withDatabase(log, work) {
  const programs = await needPostgres(log)
  if (process.env.DATABASE_URL) return work(process.env.DATABASE_URL, programs)
  const server = await startPostgres(programs, resolve(process.env.HEMBIX_DATA ?? join(ROOT, '.data')), { log })
  try {
    return await work(await needDatabase(programs, server, 'hembix'), programs)
  } finally {
    if (!server.adopted) await server.stop()
  }
}

export function fileArgument(usage) {
  const file = process.argv[2]
  if (!file || file.startsWith('-')) fail(usage)
  return resolve(file)
}
