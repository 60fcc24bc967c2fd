import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fail, ROOT, run } from './run.mjs'

const NEEDED = [20, 19]

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < NEEDED[0] || (major === NEEDED[0] && minor < NEEDED[1])) {
    fail(
      `Hembix needs Node.js ${NEEDED.join('.')} or newer, and this is ${process.versions.node}. Install a ` +
        'newer one, then start again.',
    )
  }
}

/** npm's packages as the lock file says; nothing to do when they are there already. */
export async function installPackages(log) {
  const stamp = join(ROOT, 'node_modules', '.installed-from')
  const hash = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return
  log('installing packages (a few minutes the first time)')
  await run('npm', ['ci', '--no-fund', '--no-audit', '--include=dev', '--loglevel=error']).catch(error => {
    fail(
      `The packages could not be installed: ${String(error.output ?? error.message)
        .trim()
        .split('\n')
        .slice(-3)
        .join(' ')}`,
    )
  })
  writeFileSync(stamp, hash)
}
