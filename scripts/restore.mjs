// npm run restore -- FILE: puts a backup into a database that has no accounts yet.
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { connectionEnv, readBackup, verifyBackup } from './lib/backupFile.mjs'
import { fail, run, script } from './lib/run.mjs'
import { fileArgument, withDatabase } from './lib/withDatabase.mjs'

await script(async () => {
  const file = fileArgument('Say which backup: npm run restore -- /path/to/hembix.backup')
  if (!existsSync(file)) fail(`There is no file ${file}.`)
  await withDatabase(console.log, async (url, programs) => {
    await verifyBackup(programs, file)
    const ask = sql => run(join(programs, 'psql'), ['-X', '-q', '-t', '-A', '-c', sql], { env: connectionEnv(url) })
    const hasTables = (await ask(`SELECT count(*) FROM pg_tables WHERE schemaname = 'public'`)).trim() !== '0'
    if (hasTables && (await ask('SELECT count(*) FROM account')).trim() !== '0') {
      fail(
        'This database holds accounts already, and a restore would mix two plans. Restore into an empty data ' +
          'folder: HEMBIX_DATA=/path/to/new npm run restore -- FILE',
      )
    }
    if (hasTables) await ask('DROP SCHEMA public CASCADE; CREATE SCHEMA public')
    await readBackup(programs, file, url).catch(error =>
      fail(`The backup could not be restored, and nothing of it was kept: ${error.message}`),
    )
  })
  console.log('Restored. Start Hembix with: npm start')
})
