// Packages of the system that Hembix cannot do without: installed where that is possible, else said in one sentence.

import { execFileSync } from 'node:child_process'
import { fail, run } from './run.mjs'

const isRoot = process.getuid?.() === 0

export function hasProgram(name, args = ['--version']) {
  try {
    execFileSync(name, args, { stdio: 'ignore' })
    return true
  } catch (error) {
    return error.code !== 'ENOENT' // it is there and does not know the question
  }
}

/** What a person has to do to have a package: `title` in sentences, `name` as apt knows it, `sign` how it is found. */
export function howToInstall({ title, name, sign }, { root = isRoot, apt = hasProgram('apt-get') } = {}) {
  if (!apt)
    return (
      `${title} is not installed, and this system has no apt-get to install it with. Install it with the ` +
      `system's own packages, so that ${sign}, and start again.`
    )
  return `${title} is not installed. Install it once with: ${root ? '' : 'sudo '}apt-get install ${name}`
}

/** Installs a package through apt when we are root; else says how to. */
export async function needPackage(wanted, log) {
  if (!isRoot || !hasProgram('apt-get')) fail(howToInstall(wanted))
  log(`installing ${wanted.title}`)
  await aptInstall(wanted)
}

async function aptInstall(wanted) {
  const env = { DEBIAN_FRONTEND: 'noninteractive' }
  const install = ['install', '-y', '-qq', '--no-install-recommends', wanted.name]
  try {
    await run('apt-get', install, { env })
  } catch {
    // The package lists of a new machine are empty.
    await run('apt-get', ['update', '-qq'], { env }).catch(() => undefined) // the next line says what is wrong
    await run('apt-get', install, { env }).catch(() =>
      fail(`${wanted.title} could not be installed. Install it once with: apt-get install ${wanted.name}`),
    )
  }
}
