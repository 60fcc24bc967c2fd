// A backup: a line that says what it is, PostgreSQL's own dump, and its SHA-256 at the end. Cut off or changed
// anywhere, it is known to be so before anything is touched.

import { createHash } from 'node:crypto'
import {
  closeSync,
  createReadStream,
  createWriteStream,
  openSync,
  readSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs'
import { pipeline } from 'node:stream/promises'
import { spawn } from 'node:child_process'
import { Transform } from 'node:stream'
import { join } from 'node:path'
import { fail } from './run.mjs'

const FIRST_LINE = 'Hembix backup 1\n'
const LAST_LINE = /^\nsha256 ([0-9a-f]{64})\n$/
const LAST_LINE_BYTES = 73
/** Backups of earlier versions are dumps alone. */
const DUMP_MARK = 'PGDMP'

/**
 * The address of a database as libpq's variables: a password on a command line could be read by everybody on the
 * machine.
 */
export function connectionEnv(url) {
  const { hostname, port, username, password, pathname } = new URL(url)
  return {
    PGHOST: hostname,
    PGPORT: port || '5432',
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  }
}

/** Writes everything into the file, which only its owner may read, and checks it. `{ bytes, sha256 }`. */
export async function writeBackup(programs, url, file) {
  const part = `${file}.part`
  try {
    const dump = startTool(
      join(programs, 'pg_dump'),
      ['--format=custom', '--no-owner', '--exclude-schema=pgboss'],
      url,
      'out',
    )
    const hash = createHash('sha256').update(FIRST_LINE)
    const out = createWriteStream(part, { mode: 0o600, flags: 'wx' })
    out.write(FIRST_LINE)
    const hashing = new Transform({
      transform(chunk, _, done) {
        hash.update(chunk)
        done(null, chunk)
      },
      flush(done) {
        this.push(`\nsha256 ${hash.digest('hex')}\n`)
        done()
      },
    })
    await Promise.all([pipeline(dump.stream, hashing, out), dump.ended])
    const facts = await verifyBackup(programs, part)
    renameSync(part, file)
    return facts
  } finally {
    rmSync(part, { force: true })
  }
}

/**
 * Reads the whole file and fails with one sentence when it is no sound backup. `{ bytes, sha256 }`; sha256 is null for
 * one of an earlier version.
 */
export async function verifyBackup(programs, file) {
  const { start, end, sha256 } = kindOf(file)
  if (sha256 !== null) {
    const hash = createHash('sha256')
    for await (const chunk of createReadStream(file, { end: end - 1 })) hash.update(chunk)
    if (hash.digest('hex') !== sha256)
      fail(`${file} was changed after it was written, or its disk is damaged. Use another backup.`)
  }
  const list = startTool(join(programs, 'pg_restore'), ['--list'], null, 'in')
  await Promise.all([
    pipeline(createReadStream(file, { start, end: end - 1 }), list.stream).catch(() => {
      /* it has read enough */
    }),
    list.ended,
  ]).catch(() => fail(`${file} is damaged: PostgreSQL cannot read it. Use another backup.`))
  return { bytes: statSync(file).size, sha256 }
}

/** Puts a backup that was verified into an empty database, all or nothing. */
export async function readBackup(programs, file, url) {
  const { start, end } = kindOf(file)
  const restore = startTool(
    join(programs, 'pg_restore'),
    ['--no-owner', '--exit-on-error', '--single-transaction', `--dbname=${connectionEnv(url).PGDATABASE}`],
    url,
    'in',
  )
  await Promise.all([
    pipeline(createReadStream(file, { start, end: end - 1 }), restore.stream).catch(() => {
      /* the tool says why */
    }),
    restore.ended,
  ])
}

/** Where the dump lies in the file (end is exclusive), and its hash. */
function kindOf(file) {
  const { size } = statSync(file)
  if (size === 0) fail(`${file} is empty. Use another backup.`)
  const handle = openSync(file, 'r')
  const read = (from, length) => {
    const bytes = Buffer.alloc(Math.max(0, Math.min(length, size - from)))
    readSync(handle, bytes, 0, bytes.length, Math.max(0, from))
    return bytes.toString('latin1')
  }
  try {
    const head = read(0, FIRST_LINE.length)
    if (head.startsWith(DUMP_MARK)) return { start: 0, end: size, sha256: null }
    if (head !== FIRST_LINE) fail(`${file} is no backup of Hembix. Name the file that "npm run backup" wrote.`)
    const sha256 = LAST_LINE.exec(read(size - LAST_LINE_BYTES, LAST_LINE_BYTES))?.[1]
    return sha256
      ? { start: FIRST_LINE.length, end: size - LAST_LINE_BYTES, sha256 }
      : fail(`${file} is cut off: its end is missing. Use another backup, or copy it again.`)
  } finally {
    closeSync(handle)
  }
}

function startTool(command, args, url, direction) {
  const child = spawn(command, args, {
    env: { ...process.env, ...(url === null ? {} : connectionEnv(url)) },
    stdio: [direction === 'in' ? 'pipe' : 'ignore', direction === 'out' ? 'pipe' : 'ignore', 'pipe'],
  })
  let words = ''
  child.stderr.on('data', chunk => {
    words = (words + chunk).slice(-2000)
  })
  const ended = new Promise((resolve, reject) => {
    child.on('error', reject)
    child.on('close', code =>
      code === 0 ? resolve() : reject(new Error(words.trim().split('\n')[0] || `it ended with ${code}`)),
    )
  })
  return { stream: direction === 'in' ? child.stdin : child.stdout, ended }
}
