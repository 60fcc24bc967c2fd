// The processes of a Hembix that was started by its start command.

import { readdirSync, readFileSync } from 'node:fs'

export type Role = 'start command' | 'server' | 'database' | 'readers'

const read = (path: string): string => {
  try {
    return readFileSync(path, 'utf8')
  } catch {
    return '' // gone meanwhile
  }
}

function parents(): Map<number, number> {
  return new Map(
    readdirSync('/proc')
      .filter(name => /^\d+$/.test(name))
      .map(name => [
        Number(name),
        Number(
          read(`/proc/${name}/stat`)
            .replace(/^.*\) /s, '')
            .split(' ')[1],
        ),
      ]),
  )
}

/** Live processes by what they do. `data` is the folder of the database. */
export function processesOf(startPid: number, data: string): Record<Role, number[]> {
  const below = parents()
  const found: Record<Role, number[]> = { 'start command': [startPid], server: [], database: [], readers: [] }
  for (const [pid, parent] of below) {
    const command = read(`/proc/${pid}/cmdline`)
    if (parent === startPid && command.includes('.output/server/index.mjs')) found.server.push(pid)
    if (command.includes(data) && command.includes('postgres\0-D')) found.database.push(pid)
  }
  for (const [pid, parent] of below)
    if (found.server.includes(parent) && /(documents|recognise)\.mjs/.test(read(`/proc/${pid}/cmdline`)))
      found.readers.push(pid)
  return found
}

/** Resident memory in MB; of a database, what is its own beside the shared buffers. */
export function megabytesOf(pids: readonly number[]): number {
  return pids.reduce(
    (sum, pid) => sum + (Number(/RssAnon:\s+(\d+)/.exec(read(`/proc/${pid}/status`))?.[1]) || 0) / 1024,
    0,
  )
}
