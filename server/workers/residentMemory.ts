import { execFile } from 'node:child_process'
import { readFile } from 'node:fs/promises'
import { promisify } from 'node:util'

const PAGE_BYTES = 4096
const run = promisify(execFile)

/**
 * Resident memory of a process in bytes; null when it is gone. Linux reads /proc (man 5 proc, statm, field 2), others
 * ask ps.
 */
export async function residentMemory(pid: number): Promise<number | null> {
  if (process.platform === 'linux') {
    const statm = await readFile(`/proc/${pid}/statm`, 'utf8').catch(() => '') // gone
    return statm === '' ? null : Number(statm.split(' ')[1]) * PAGE_BYTES
  }
  const listed = await run('ps', ['-o', 'rss=', '-p', String(pid)]).catch(() => null) // gone
  return listed === null ? null : Number(listed.stdout.trim()) * 1024
}
