// npm run backup -- FILE: everything (plans, documents, versions, History, accounts) in one file.
import { existsSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fail, run, script } from './lib/run.mjs'
import { fileArgument, withDatabase } from './lib/withDatabase.mjs'

await script(async () => {
  const file = fileArgument('Say where the backup goes: npm run backup -- /path/to/hembix.backup')
  if (existsSync(file)) fail(`${file} is there already. Name another file, or move it away.`)
  await withDatabase(console.log, async (url, programs) => {
    const part = `${file}.part`
    try {
      await run(join(programs, 'pg_dump'), ['--format=custom', '--no-owner', '--exclude-schema=pgboss', `--file=${part}`, `--dbname=${url}`])
      renameSync(part, file)
    }
    finally {
      rmSync(part, { force: true })
    }
  })
  console.log(`Backed up to ${file} (${Math.ceil(statSync(file).size / 1e6)} MB). Restore it with: npm run restore -- ${file}`)
})
