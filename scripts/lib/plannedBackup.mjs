// A backup a day into a folder (HEMBIX_BACKUP_DIR): the newest seven are kept, and the last success is written down
// where the server finds it.

import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { writeBackup } from './backupFile.mjs'

const DAY_MS = 24 * 3_600_000
const LOOK_MS = 10 * 60_000
const KEPT = 7
const STATUS = 'last-backup.json'
const NAME = /^hembix-\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d\.backup$/

/** Writes one now if the last is a day old; what it did, or null. */
export async function backUpIfDue(programs, url, folder, now) {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const last = lastBackup(folder)
  if (last && now.getTime() - Date.parse(last.at) < DAY_MS) return null
  const name = `hembix-${now.toISOString().slice(0, 19).replaceAll(':', '-')}.backup`
  const { bytes, sha256 } = await writeBackup(programs, url, join(folder, name))
  writeFileSync(join(folder, STATUS), `${JSON.stringify({ at: now.toISOString(), file: name, bytes, sha256 })}\n`, {
    mode: 0o600,
  })
  const old = readdirSync(folder)
    .filter(file => NAME.test(file))
    .sort()
    .slice(0, -KEPT)
  for (const file of old) rmSync(join(folder, file))
  return name
}

function lastBackup(folder) {
  const file = join(folder, STATUS)
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null
}

/** Looks now and then until stopped. */
export function planBackups(programs, url, folder, log) {
  let stopped = false
  const look = async () => {
    try {
      const name = await backUpIfDue(programs, url, folder, new Date())
      if (name) log(`backed up to ${join(folder, name)}`)
    } catch (error) {
      log(`the planned backup failed: ${error.message}; tried again in ten minutes`)
    }
    if (!stopped) setTimeout(look, LOOK_MS).unref()
  }
  void look()
  return {
    stop() {
      stopped = true
    },
  }
}
