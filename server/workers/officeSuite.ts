// LibreOffice, where it is installed: sets office documents as pages. It runs for one document at a time, with limits,
// in a group of processes of its own, without macros and without reaching anything that a document links to.

import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises'
import { delimiter, join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { isOfficeDocument } from '../../core/formats/index'
import { fail } from '../../core/errors'
import type { Opened } from '../services/reading/openGuarded'
import { lowerPriority } from './childProcess'
import { SETTINGS } from './officeSettings'
import type { Content } from './stagedFile'
import { stagingFolder, writeContent } from './stagedFile'

const TIME_MS = 60_000
/** Of addresses, not of what is resident. */
const MEMORY_KILOBYTES = 4 * 1024 * 1024
const WAITING_AT_MOST = 20
const PROGRAMS = ['soffice', 'libreoffice']
const ELSEWHERE = ['/Applications/LibreOffice.app/Contents/MacOS/soffice']

export type Pages = { readonly ok: true; readonly pdf: Uint8Array } | { readonly ok: false; readonly reason: string }

let found: string | null | undefined

/** Where it is; null: it is not installed. `HEMBIX_OFFICE` names another program, or none when it is empty. */
function programPath(): string | null {
  if (found !== undefined) return found
  const { HEMBIX_OFFICE, PATH = '' } = process.env
  const onPath = PATH.split(delimiter).flatMap(folder => PROGRAMS.map(name => join(folder, name)))
  found = HEMBIX_OFFICE ?? [...onPath, ...ELSEWHERE].find(file => existsSync(file)) ?? null
  if (found === '') found = null
  return found
}

/** Whether documents of this extension are set as pages here. */
export function setsAsPages(extension: string): boolean {
  return isOfficeDocument(extension) && programPath() !== null
}

let turn: Promise<unknown> = Promise.resolve()
let waiting = 0
let profile: string | null = null

/** A document as a PDF. What goes wrong with the document is its outcome. Throws server.busy. */
export async function setAsPages(extension: string, content: Content): Promise<Opened<Pages>> {
  const program = programPath()
  if (program === null) return { ended: null, outcome: { ok: false, reason: 'No office suite is installed here.' } }
  if (waiting >= WAITING_AT_MOST) fail('server.busy')
  waiting++
  const mine = turn.then(() => convert(program, extension, content))
  turn = mine.catch(() => undefined) // whoever waits for it hears of it; the next one begins all the same
  try {
    return await mine
  } finally {
    waiting--
  }
}

async function convert(program: string, extension: string, content: Content): Promise<Opened<Pages>> {
  const folder = await mkdtemp(join(stagingFolder(), 'pages-'))
  try {
    const file = join(folder, `document.${extension}`)
    await writeContent(file, content)
    const ending = await run(program, [
      `-env:UserInstallation=${pathToFileURL(await profileFolder()).href}`,
      ...['--headless', '--norestore', '--nolockcheck', '--nodefault'],
      ...['--convert-to', 'pdf', '--outdir', folder, file],
    ])
    if (ending === 'time')
      return { ended: 'time', reason: 'It took longer than a minute to be set as pages. It is shown as it was read.' }
    const pdf = await readFile(join(folder, 'document.pdf')).catch(() => null) // it made none
    return { ended: null, outcome: pdf ? { ok: true, pdf } : { ok: false, reason: 'The office suite cannot open it.' } }
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

/** Its settings are ours, and none of a person who uses it on this machine. */
async function profileFolder(): Promise<string> {
  if (profile !== null) return profile
  const made = await mkdtemp(join(stagingFolder(), 'suite-'))
  await mkdir(join(made, 'user'))
  await writeFile(join(made, 'user', 'registrymodifications.xcu'), SETTINGS)
  return (profile = made)
}

function run(program: string, words: readonly string[]): Promise<'done' | 'time'> {
  const { PATH, LANG, TMPDIR } = process.env
  return new Promise((resolve, reject) => {
    const child = spawn('sh', ['-c', `ulimit -v ${MEMORY_KILOBYTES}; exec "$0" "$@"`, program, ...words], {
      detached: true,
      stdio: 'ignore',
      env: { PATH, LANG, TMPDIR, HOME: stagingFolder() },
    })
    lowerPriority(child.pid, 'showing')
    const end = () => {
      // All of its group: the program that was started only starts another.
      if (child.pid !== undefined) killGroup(child.pid)
    }
    const timer = setTimeout(() => {
      end()
      resolve('time')
    }, TIME_MS)
    process.once('exit', end)
    child.once('error', reject)
    child.once('close', () => {
      clearTimeout(timer)
      process.off('exit', end)
      end()
      resolve('done')
    })
  })
}

function killGroup(pid: number): void {
  try {
    process.kill(-pid, 'SIGKILL')
  } catch (error) {
    if (!(error instanceof Error && 'code' in error && error.code === 'ESRCH')) throw error // all of it has ended
  }
}
