// A PostgreSQL and a Hembix for tests: on free ports, with nothing in them, gone afterwards.
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { freePort, needDatabase, needPostgres, startPostgres } from './postgres.mjs'
import { ROOT, run } from './run.mjs'
import { serve } from './serve.mjs'

export async function withTestServer(log, { demo = false, env = {}, name = 'test', settings = {} } = {}, work) {
  const bin = await needPostgres(log)
  const folder = join(ROOT, '.test', name)
  rmSync(folder, { recursive: true, force: true })
  const arrivals = join(folder, 'arrivals')
  let postgres = await startPostgres(bin, folder, { log, options: { fsync: 'off', ...settings } })
  let server = null
  try {
    const databaseUrl = await needDatabase(bin, postgres, 'hembix')
    await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts', ...(demo ? [] : ['--empty'])], {
      env: { DATABASE_URL: databaseUrl },
    })
    server = await serve({
      port: await freePort(),
      databaseUrl,
      env: {
        HEMBIX_ARRIVALS: arrivals,
        HEMBIX_OUTBOX: join(folder, 'outbox'),
        HEMBIX_ACCOUNTS_AN_HOUR: '1000000',
        HEMBIX_METRICS_TOKEN: 'a token of tests',
        // The same on every machine, whatever is installed there.
        HEMBIX_OFFICE: demo ? '' : join(ROOT, 'tests', 'support', 'officeSuite.sh'),
        ...env,
      },
      quiet: true,
    })
    /** Starts the database again where it was, after a test stopped it. */
    const startAgain = async () => {
      postgres = await startPostgres(bin, folder, {
        log,
        options: { fsync: 'off', ...settings },
        wantedPort: postgres.port,
      })
    }
    return await work({
      address: server.address,
      databaseUrl,
      arrivals,
      server,
      stopDatabase: () => postgres.stop(),
      startDatabase: startAgain,
    })
  } finally {
    await server?.stop()
    await postgres.stop()
  }
}
