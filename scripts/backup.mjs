// npm run backup -- FILE: everything (plans, documents, versions, History, accounts) in one file.
// npm run backup -- --verify FILE: whether a backup is whole.
import { existsSync } from 'node:fs'
import { resolve } from 'node:path'
import { verifyBackup, writeBackup } from './lib/backupFile.mjs'
import { needPostgres } from './lib/postgres.mjs'
import { fail, script } from './lib/run.mjs'
import { fileArgument, withDatabase } from './lib/withDatabase.mjs'

const megabytes = bytes => `${Math.ceil(bytes / 1e6)} MB`

async function verify() {
  const name =
    process.argv[process.argv.indexOf('--verify') + 1] ??
    fail('Say which backup: npm run backup -- --verify /path/to/hembix.backup')
  const file = resolve(name)
  if (!existsSync(file)) fail(`There is no file ${file}.`)
  const { bytes, sha256 } = await verifyBackup(await needPostgres(console.log), file)
  console.log(
    sha256
      ? `${file} is whole (${megabytes(bytes)}, SHA-256 ${sha256}).`
      : `${file} can be read (${megabytes(bytes)}). It was written by an earlier version, which put no SHA-256 in.`,
  )
}

async function write() {
  const file = fileArgument('Say where the backup goes: npm run backup -- /path/to/hembix.backup')
  if (existsSync(file)) fail(`${file} is there already. Name another file, or move it away.`)
  await withDatabase(console.log, async (url, programs) => {
    const { bytes, sha256 } = await writeBackup(programs, url, file).catch(error => {
      throw error.code ? error : fail(`The backup was not written: ${error.message}`)
    })
    console.log(
      `Backed up to ${file} (${megabytes(bytes)}, checked, SHA-256 ${sha256}). Restore it with: npm run ` +
        `restore -- ${file}`,
    )
  })
}

await script(process.argv.includes('--verify') ? verify : write)
