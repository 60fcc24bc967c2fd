// What the system says of other processes: from /proc where there is one, else from ps.

import { execFileSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { fail } from './run.mjs'
import { hasProgram } from './systemPackages.mjs'

const hasProc = existsSync('/proc/self/stat')

/** Fails where the system says nothing of processes: a start that was killed could not be told from one that runs. */
export function checkProcesses() {
  if (!hasProc && !hasProgram('ps'))
    fail(
      "This system has neither /proc nor the program ps. Install ps with the system's own packages (procps), " +
        'and start again.',
    )
}

/**
 * When a process began, in the system's own words: its number alone may be another's by now. Empty where it does not
 * run; one that has ended and was not collected yet (a zombie) does not run.
 */
export function startOf(pid) {
  if (!hasProc) return askPs(pid, 'lstart=')
  const [state, ...fields] = read(`/proc/${pid}/stat`)
    .replace(/^.*\) /s, '')
    .split(' ') // man 5 proc, stat: state is field 3, starttime 22
  return state === 'Z' || state === 'X' ? '' : (fields[18] ?? '')
}

/** The command line of a process; empty where it does not run. */
export function commandOf(pid) {
  return hasProc ? read(`/proc/${pid}/cmdline`) : askPs(pid, 'command=')
}

function askPs(pid, field) {
  try {
    return execFileSync('ps', ['-o', field, '-p', String(pid)], {
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'ignore'],
    }).trim()
  } catch {
    return '' // ps ends with 1 when there is no such process
  }
}

function read(file) {
  try {
    return readFileSync(file, 'utf8')
  } catch {
    return '' // gone
  }
}
