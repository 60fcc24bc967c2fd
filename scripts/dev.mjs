// npm run dev: Nuxt's own development server on our PostgreSQL; pages reload as they are edited.
import { join, resolve } from 'node:path'
import { checkNode, installPackages } from './lib/install.mjs'
import { needDatabase, needPostgres, startPostgres } from './lib/postgres.mjs'
import { bin, ROOT, run, script } from './lib/run.mjs'

const log = line => console.log(`· ${line}`)

await script(async () => {
  checkNode()
  await installPackages(log)
  const { buildApp } = await import('./lib/build.mjs')
  await buildApp({ log }) // for the program of the reader's threads
  const programs = await needPostgres(log)
  const server = await startPostgres(programs, resolve(process.env.HEMBIX_DATA ?? join(ROOT, '.data')), { log })
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      /* ends with the child below */
    })
  try {
    const DATABASE_URL = process.env.DATABASE_URL ?? (await needDatabase(programs, server, 'hembix'))
    await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts'], { quiet: false, env: { DATABASE_URL } })
    await run(bin('nuxt'), ['dev'], {
      quiet: false,
      env: { DATABASE_URL, HEMBIX_WORKERS: join(ROOT, '.output', 'workers') },
    })
  } finally {
    await server.stop()
  }
})
