// One start command at a time for a data folder. A second one would find the database running, use it, and lose it when
// the first one ends.

import { linkSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { startOf } from './processes.mjs'
import { fail } from './run.mjs'

const WAIT_MS = 40_000

/** Makes the folder unless it is there; fails when it cannot be written to. */
export function needFolder(folder) {
  try {
    mkdirSync(folder, { recursive: true })
    writeFileSync(join(folder, '.reachable'), '')
    rmSync(join(folder, '.reachable'))
  } catch (error) {
    fail(
      `The data folder ${folder} cannot be used (${error.code}). Free that path, or name another folder with ` +
        'HEMBIX_DATA.',
    )
  }
}

/**
 * Waits for another start command that is ending; fails when one goes on. `ending` and `free` tell others how far this
 * one is.
 */
export async function holdFolder(folder, log) {
  needFolder(folder)
  const file = join(folder, 'start.pid')
  const until = Date.now() + WAIT_MS
  let isWaiting = false
  while (!take(file)) {
    const holder = holderOf(file)
    if (holder === null) {
      rmSync(file, { force: true })
      continue
    }
    if (!holder.isEnding || Date.now() > until)
      fail(
        `Hembix runs with the data folder ${folder} already (process ${holder.pid}). Stop it first, or name ` +
          'another folder with HEMBIX_DATA.',
      )
    if (!isWaiting) log('waiting until the Hembix that was stopped has ended')
    isWaiting = true
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  return {
    ending: () => writeFileSync(file, `${process.pid} ending ${startOf(process.pid)}`),
    free: () => rmSync(file, { force: true }),
  }
}

function take(file) {
  const own = `${file}.${process.pid}`
  writeFileSync(own, `${process.pid} running ${startOf(process.pid)}`)
  try {
    linkSync(own, file)
    return true
  } catch (error) {
    if (error.code !== 'EEXIST') throw error
    return false
  } finally {
    rmSync(own, { force: true })
  }
}

/** The start command that holds the file; null when it is gone, as after it was killed. */
function holderOf(file) {
  const [pid, isEnding, ...start] = read(file).split(' ')
  return start.length > 0 && startOf(Number(pid)) === start.join(' ')
    ? { pid: Number(pid), isEnding: isEnding === 'ending' }
    : null
}

function read(file) {
  try {
    return readFileSync(file, 'utf8')
  } catch {
    return '' // gone
  }
}
