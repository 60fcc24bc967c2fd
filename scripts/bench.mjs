// npm run bench: the figures of tests/bench (report, finding, reading, holding, rights), made anew. Those of one only:
// "npm run bench find", "read", "rights", "holding", "confidence" (of suggested places; needs the corpus) or "corpus"
// (real documents, in corpus.md). HEMBIX_BENCH_FIND names the sizes of its plans, "100000,1000000".
import { execFileSync } from 'node:child_process'
import { gzipSync } from 'node:zlib'
import { buildApp } from './lib/build.mjs'
import { checkNode, installPackages } from './lib/install.mjs'
import { run, script } from './lib/run.mjs'
import { withTestServer } from './lib/testServer.mjs'

const log = line => console.log(`· ${line}`)

/** Scripts that the sign-in page loads before anybody does anything, packed as they travel. */
async function bundleKB(address) {
  const page = await (await fetch(`${address}/sign-in`)).text()
  const paths = [...new Set([...page.matchAll(/(?:src|href)="(\/_nuxt\/[^"]+\.js)"/g)].map(match => match[1]))]
  const sizes = await Promise.all(
    paths.map(async path => gzipSync(Buffer.from(await (await fetch(address + path)).arrayBuffer())).length),
  )
  return Math.round(sizes.reduce((sum, size) => sum + size, 0) / 1024)
}

await script(async () => {
  checkNode()
  await installPackages(log)
  await buildApp({ log })
  log(`${execFileSync('nproc', { encoding: 'utf8' }).trim()} cores`)
  const only = process.argv[2] ?? 'all'
  if (only === 'all') {
    await withTestServer(
      log,
      { name: 'bench', settings: { fsync: 'on' } },
      async ({ address, databaseUrl, server }) => {
        await run(process.execPath, ['--import', 'tsx', 'tests/bench/run.ts'], {
          quiet: false,
          env: {
            HEMBIX_TEST_URL: address,
            DATABASE_URL: databaseUrl,
            HEMBIX_SERVER_PID: String(server.child.pid),
            HEMBIX_BUNDLE_KB: String(await bundleKB(address)),
          },
        })
      },
    )
  }
  if (only === 'all' || only === 'holding') {
    await withTestServer(log, { name: 'bench-holding', settings: { fsync: 'on' } }, async ({ address, server }) => {
      await run(process.execPath, ['--import', 'tsx', 'tests/bench/holding.ts'], {
        quiet: false,
        env: { HEMBIX_TEST_URL: address, HEMBIX_SERVER_PID: String(server.child.pid) },
      })
    })
  }
  if (only === 'all' || only === 'read')
    await run(process.execPath, ['--import', 'tsx', 'tests/bench/readers.ts'], { quiet: false })
  if (only === 'all' || only === 'rights')
    await withTestServer(
      log,
      {
        name: 'bench-rights',
        settings: { fsync: 'on', shared_buffers: '1GB', maintenance_work_mem: '512MB', max_wal_size: '4GB' },
      },
      async ({ address, databaseUrl }) => {
        await run(process.execPath, ['--import', 'tsx', 'tests/bench/rights.ts'], {
          quiet: false,
          env: { HEMBIX_TEST_URL: address, DATABASE_URL: databaseUrl },
        })
      },
    )
  if (only === 'confidence')
    await run(process.execPath, ['--import', 'tsx', 'tests/bench/confidence.ts'], { quiet: false })
  // Gets several hundred megabytes the first time; only when it is asked for.
  if (only === 'corpus')
    await withTestServer(log, { name: 'bench-corpus', settings: { fsync: 'on' } }, async ({ address, databaseUrl }) => {
      await run(process.execPath, ['--import', 'tsx', 'tests/bench/corpus.ts'], {
        quiet: false,
        env: { HEMBIX_TEST_URL: address, DATABASE_URL: databaseUrl },
      })
    })
  if (only === 'all' || only === 'find')
    await withTestServer(
      log,
      {
        name: 'bench-find',
        settings: { fsync: 'on', shared_buffers: '2GB', maintenance_work_mem: '1GB', max_wal_size: '8GB' },
      },
      async ({ address, databaseUrl }) => {
        await run(process.execPath, ['--import', 'tsx', 'tests/bench/find.ts'], {
          quiet: false,
          env: { HEMBIX_TEST_URL: address, DATABASE_URL: databaseUrl },
        })
      },
    )
})
