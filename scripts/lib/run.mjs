// Child processes: started, waited for, and ended with us.
import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('../..', import.meta.url))

/** Runs a command to its end. Throws with the tail of its output when it fails; with `quiet` it prints nothing. */
export function run(command, args, { env = {}, quiet = true, cwd = ROOT, input } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: [input === undefined ? 'ignore' : 'pipe', quiet ? 'pipe' : 'inherit', quiet ? 'pipe' : 'inherit'],
    })
    let output = ''
    child.stdout?.on('data', part => {
      output = (output + part).slice(-20_000)
    })
    child.stderr?.on('data', part => {
      output = (output + part).slice(-20_000)
    })
    if (input !== undefined) child.stdin.end(input)
    child.on('error', reject)
    child.on('close', code => {
      if (code === 0) resolve(output)
      else
        reject(
          Object.assign(new Error(`"${[command, ...args].join(' ')}" ended with ${code}.\n${output}`), {
            code,
            output,
          }),
        )
    })
  })
}

/** A program out of node_modules/.bin. */
export function bin(name) {
  return `${ROOT}/node_modules/.bin/${name}`
}

/** Sentences for people, without a stack. */
class Plain extends Error {}

export function fail(sentence) {
  throw new Plain(sentence)
}

/** Runs a script's work; a Plain error is one sentence and exit code 1. */
export async function script(work) {
  try {
    await work()
  } catch (error) {
    console.error(error instanceof Plain ? error.message : error)
    process.exitCode = 1
  }
}
