// Brings the database up to this version and, when it is new, seeds the demo plan.

import { seedDemo } from '../demo/seed'
import { closeDatabase } from '../server/db/client'
import { migrate } from '../server/db/migrate'
import { stopQueue } from '../server/db/queue'
import { isNew } from '../server/db/sql/actors'

const log = (line: string) => console.log(`· ${line}`)

try {
  const ran = await migrate()
  if (ran.length > 0) log(`database brought up to date (${ran.length} ${ran.length === 1 ? 'step' : 'steps'})`)
  if (!process.argv.includes('--empty') && (await isNew())) await seedDemo(log)
} catch (error) {
  if (!isUnreachable(error)) throw error
  console.error(
    `The database does not answer (${error.message}). Check DATABASE_URL, or leave it unset to use Hembix's own.`,
  )
  process.exitCode = 1
} finally {
  await stopQueue()
  await closeDatabase()
}

function isUnreachable(error: unknown): error is Error {
  return (
    error instanceof Error &&
    /^Sequelize(Connection|HostNot|AccessDenied|Database)/.test(error.name) &&
    !('sql' in error)
  )
}
