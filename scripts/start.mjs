// npm start: installs what is missing, starts PostgreSQL and Hembix, prints the address. Needs
// nothing but Node.js and npm. "--empty" begins without the demo plan.

import { createServer } from 'node:net'
import { join, resolve } from 'node:path'
import { holdFolder } from './lib/holdFolder.mjs'
import { checkNode, installPackages } from './lib/install.mjs'
import { checkProcesses } from './lib/processes.mjs'
import { fail, ROOT, run, script } from './lib/run.mjs'

const DATA = resolve(process.env.HEMBIX_DATA ?? join(ROOT, '.data'))
const log = line => console.log(`· ${line}`)
const stops = []
let held = null
let stopping = null
let databaseNow = null

async function stopAll() {
  stopping ??= (async () => {
    held?.ending()
    for (const stop of stops.reverse()) await stop()
    held?.free()
  })()
  await stopping
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, () => {
    console.log('\n· stopping')
    stopAll().then(
      () => process.exit(0),
      error => {
        console.error(error)
        process.exit(1)
      },
    )
  })
}

await script(async () => {
  checkNode()
  checkProcesses()
  const port = portFrom(process.env.PORT ?? '3000')
  const host = process.env.HOST ?? '127.0.0.1'
  checkNames(host)
  if (!process.env.DATABASE_URL) held = await holdFolder(DATA, log)
  try {
    await checkPort(host, port)
    await installPackages(log)
    const database = process.env.DATABASE_URL ? null : await ownDatabase()
    const databaseUrl = process.env.DATABASE_URL ?? database.databaseUrl
    const empty = process.argv.includes('--empty')
    await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts', ...(empty ? ['--empty'] : [])], {
      quiet: false,
      env: { DATABASE_URL: databaseUrl },
    }).catch(error => {
      fail(error.code === 1 ? 'Hembix was not started.' : error.message)
    })
    const { buildApp } = await import('./lib/build.mjs')
    await buildApp({ log })
    const { serve } = await import('./lib/serve.mjs')
    const { supervise } = await import('./lib/supervise.mjs')
    const arrivals = resolve(process.env.HEMBIX_ARRIVALS ?? join(DATA, 'arrivals'))
    const startServer = () => serve({ port, host, databaseUrl, env: { HEMBIX_ARRIVALS: arrivals } })
    const server = await startServer()
    let serverNow = server
    stops.push(() => serverNow.stop())
    console.log(
      `\nHembix: ${server.address}\n${
        empty ? 'Make an account there' : 'Open the demo plan there with one button, or make an account'
      }. Ctrl+C stops everything.\n`,
    )
    if (process.env.HEMBIX_BACKUP_DIR) await planned(databaseUrl)
    const isStopping = () => stopping !== null
    await Promise.race([
      supervise({
        name: 'The server',
        first: server,
        start: startServer,
        onUp: part => {
          serverNow = part
        },
        isStopping,
        log,
      }),
      ...(database
        ? [
            supervise({
              name: 'PostgreSQL',
              first: database,
              start: () => database.again(),
              onUp: part => {
                databaseNow = part
              },
              isStopping,
              log,
            }),
          ]
        : []),
    ])
  } finally {
    await stopAll()
  }
})

async function planned(databaseUrl) {
  const { planBackups } = await import('./lib/plannedBackup.mjs')
  const { needPostgres } = await import('./lib/postgres.mjs')
  const plan = planBackups(await needPostgres(log), databaseUrl, resolve(process.env.HEMBIX_BACKUP_DIR), log)
  stops.push(() => plan.stop())
}

/** PostgreSQL of our own; `again` starts it where it was after it ended. */
async function ownDatabase() {
  const { needDatabase, needPostgres, startPostgres } = await import('./lib/postgres.mjs')
  const bin = await needPostgres(log)
  log('starting PostgreSQL')
  const server = await startPostgres(bin, DATA, { log })
  databaseNow = server
  stops.push(() => databaseNow.stop())
  return {
    ...server,
    databaseUrl: await needDatabase(bin, server, 'hembix'),
    again: () => startPostgres(bin, DATA, { log, wantedPort: server.port }),
  }
}

function portFrom(text) {
  const port = Number(text)
  return Number.isInteger(port) && port > 0 && port < 65_536
    ? port
    : fail(`PORT is "${text}"; it has to be a number from 1 to 65535.`)
}

/** Whoever serves others says under which names, or a page of somebody else could point its own name here. */
function checkNames(host) {
  if (['127.0.0.1', 'localhost', '::1'].includes(host) || process.env.HEMBIX_NAMES) return
  fail(
    `HOST is ${host}, so others can reach Hembix. Say under which names, separated by commas: ` +
      'HEMBIX_NAMES=plans.example.org npm start. How to put TLS in front stands in docs/operating.md.',
  )
}

function checkPort(host, port) {
  return new Promise((done, broken) => {
    const probe = createServer()
    probe.once('error', error => {
      const why =
        error.code === 'EADDRINUSE'
          ? `Port ${port} is taken. Stop what uses it, or choose another one: PORT=${port + 1} npm start`
          : error.code === 'EACCES'
            ? `Port ${port} may not be opened by this user. Choose one above 1023: PORT=3000 npm start`
            : `The address ${host} cannot be used here (${error.code}). Leave HOST unset, or name an address ` +
              'of this machine.'
      try {
        fail(why)
      } catch (plain) {
        broken(plain)
      }
    })
    probe.listen(port, host, () => probe.close(() => done()))
  })
}
