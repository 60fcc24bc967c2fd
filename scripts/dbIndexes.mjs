// npm run db:indexes: fills a plan of 20,000 documents, runs what the benchmark and the integration tests ask of the
// database, and lists the indexes that nothing has used. Primary and unique keys are left out: they hold rules.

import pg from 'pg'
import { buildApp } from './lib/build.mjs'
import { checkNode, installPackages } from './lib/install.mjs'
import { bin, run, script } from './lib/run.mjs'
import { withTestServer } from './lib/testServer.mjs'

const log = line => console.log(`· ${line}`)

await script(async () => {
  checkNode()
  await installPackages(log)
  await buildApp({ log })
  await withTestServer(log, { name: 'indexes' }, async ({ address, databaseUrl, arrivals, server }) => {
    const env = {
      HEMBIX_TEST_URL: address,
      DATABASE_URL: databaseUrl,
      HEMBIX_TEST_ARRIVALS: arrivals,
      HEMBIX_TEST_PID: String(server.child.pid),
      HEMBIX_SERVER_PID: String(server.child.pid),
    }
    log('filling a plan, and the benchmark')
    await run(process.execPath, ['--import', 'tsx', 'tests/bench/run.ts', '--no-report'], { env })
    log('the integration tests')
    await run(bin('vitest'), ['run', '--project', 'integration', '--project', 'processes', '--reporter=dot'], {
      env,
    }).catch(error => {
      log(`some tests failed, and their statements count all the same: ${String(error.output).slice(-200).trim()}`)
    })
    const connection = new pg.Client({ connectionString: databaseUrl })
    await connection.connect()
    const { rows } = await connection.query(`
      SELECT s.relname AS "table", s.indexrelname AS "index", pg_relation_size(s.indexrelid)::int AS bytes
      FROM pg_stat_user_indexes s JOIN pg_index i USING (indexrelid)
      WHERE s.schemaname = 'public' AND s.idx_scan = 0 AND NOT i.indisunique ORDER BY bytes DESC`)
    await connection.end()
    for (const { table, index, bytes } of rows) console.log(`${index} on ${table}: never used, ${bytes} bytes`)
    console.log(`${rows.length} indexes that nothing used`)
  })
})
