// Backups: whole, private, and refused in one sentence when they are not what they should be.

import { execFileSync, spawnSync } from 'node:child_process'
import {
  chmodSync,
  copyFileSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { connectionEnv } from '../../scripts/lib/backupFile.mjs'
import { backUpIfDue } from '../../scripts/lib/plannedBackup.mjs'
import { findPostgres } from '../../scripts/lib/postgres.mjs'
import type { Client } from '../support/client'
import { newClient, PASSWORD } from '../support/client'

const folder = mkdtempSync(join(tmpdir(), 'hembix-backup-'))
const url = process.env.DATABASE_URL ?? ''
const programs = findPostgres() ?? ''
const file = join(folder, 'all.backup')
let client: Client & { email: string }
let written = ''

afterAll(() => {
  rmSync(folder, { recursive: true, force: true })
})

/** Runs a command of the project; exit code and what it said. */
function script(
  name: string,
  args: readonly string[],
  env: Record<string, string> = {},
): { code: number | null; output: string } {
  const { status, stdout, stderr } = spawnSync(process.execPath, [`scripts/${name}.mjs`, ...args], {
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: url, ...env },
  })
  return { code: status, output: `${stdout}${stderr}` }
}

const sql = (database: string, statement: string) =>
  execFileSync(join(programs, 'psql'), ['-X', '-q', '-t', '-A', '-c', statement], {
    encoding: 'utf8',
    env: { ...process.env, ...connectionEnv(url), PGDATABASE: database },
  }).trim()

beforeAll(async () => {
  client = await newClient()
  await client.upload('kept.txt', 'what is backed up')
  written = script('backup', [file]).output
})

describe('a backup', () => {
  it('may be read by its owner only, holds its own hash, and is verified', () => {
    expect(written).toMatch(/^Backed up to .*all\.backup \(\d+ MB, checked, SHA-256 [0-9a-f]{64}\)/)
    expect((statSync(file).mode & 0o777).toString(8)).toBe('600')
    expect(script('backup', ['--verify', file])).toMatchObject({
      code: 0,
      output: expect.stringContaining('is whole') as string,
    })
    expect(readdirSync(folder)).toEqual(['all.backup'])
  })

  it('that is cut, changed, empty or something else is refused in one sentence, before anything is touched', () => {
    const spoilt = (name: string, spoil: (path: string) => void) => {
      const path = join(folder, name)
      copyFileSync(file, path)
      chmodSync(path, 0o600)
      spoil(path)
      const [verified, restored] = [script('backup', ['--verify', path]), script('restore', [path])]
      expect([verified.code, restored.code, restored.output]).toEqual([1, 1, verified.output])
      expect(verified.output.trim().split('\n')).toHaveLength(1)
      expect(verified.output).not.toMatch(/postgres:\/\/|password/)
      return verified.output
    }
    expect(
      spoilt('cut.backup', path => {
        truncateSync(path, statSync(path).size - 40)
      }),
    ).toContain('is cut off')
    expect(
      spoilt('changed.backup', path => {
        const bytes = readFileSync(path)
        bytes[5000] = (bytes[5000] ?? 0) ^ 1
        writeFileSync(path, bytes)
      }),
    ).toContain('was changed')
    expect(
      spoilt('empty.backup', path => {
        truncateSync(path, 0)
      }),
    ).toContain('is empty')
    expect(
      spoilt('foreign.backup', path => {
        writeFileSync(path, 'a letter')
      }),
    ).toContain('is no backup of Hembix')
  })

  it('is not restored over accounts, but whole into an empty database, also one of an earlier version', () => {
    expect(script('restore', [file]).output).toContain('holds accounts already')
    const older = join(folder, 'older.backup')
    execFileSync(
      join(programs, 'pg_dump'),
      ['--format=custom', '--no-owner', '--exclude-schema=pgboss', `--file=${older}`],
      { env: { ...process.env, ...connectionEnv(url) } },
    )
    for (const [database, backup] of [
      ['restored', file],
      ['restored_older', older],
    ] as const) {
      sql('postgres', `CREATE DATABASE ${database}`)
      const target = new URL(url)
      target.pathname = `/${database}`
      expect(script('restore', [backup], { DATABASE_URL: target.href })).toEqual({
        code: 0,
        output: 'Restored. Start Hembix with: npm start\n',
      })
      expect(sql(database, `SELECT count(*) FROM document WHERE name = 'kept'`)).toBe(
        sql(connectionEnv(url).PGDATABASE, `SELECT count(*) FROM document WHERE name = 'kept'`),
      )
      sql('postgres', `DROP DATABASE ${database}`)
    }
  })

  it("is planned once a day, seven are kept, and others' files are left alone", async () => {
    const planned = join(folder, 'planned')
    const day = (number: number, hour = 3) => new Date(Date.UTC(2026, 10, number, hour))
    expect(await backUpIfDue(programs, url, planned, day(1))).toBe('hembix-2026-11-01T03-00-00.backup')
    expect(await backUpIfDue(programs, url, planned, day(1, 23))).toBeNull()
    writeFileSync(join(planned, 'mine.backup'), 'by hand')
    utimesSync(join(planned, 'mine.backup'), 0, 0)
    for (let number = 2; number <= 9; number++) await backUpIfDue(programs, url, planned, day(number))
    expect(readdirSync(planned)).toEqual([
      ...[3, 4, 5, 6, 7, 8, 9].map(number => `hembix-2026-11-0${number}T03-00-00.backup`),
      'last-backup.json',
      'mine.backup',
    ])
    expect(JSON.parse(readFileSync(join(planned, 'last-backup.json'), 'utf8'))).toMatchObject({
      at: day(9).toISOString(),
      file: 'hembix-2026-11-09T03-00-00.backup',
    })
  })
})

describe('npm run account', () => {
  it('lists, resets, locks, unlocks and deletes', async () => {
    const signIn = async (password: string) => {
      const { status, body } = await client.send<{ code?: string }>('POST', '/api/session', {
        email: client.email,
        password,
      })
      return body.code ?? status
    }
    expect(script('account', ['list']).output).toMatch(new RegExp(`^${client.email}  made .*  1 documents, `, 'm'))
    const { output } = script('account', ['reset', client.email])
    const password = /: ([a-z2-9-]{23})$/m.exec(output)?.[1] ?? ''
    expect([await signIn(PASSWORD), await signIn(password)]).toEqual(['session.wrong', 200])
    script('account', ['lock', client.email])
    expect([(await client.get('/api/plan')).status, await signIn(password)]).toEqual([401, 'session.locked'])
    script('account', ['unlock', client.email])
    expect(await signIn(password)).toBe(200)
    expect(script('account', ['delete', client.email]).output).toContain('--yes')
    expect(script('account', ['delete', client.email, '--yes']).output).toContain('was deleted with 1 documents')
    expect([await signIn(password), script('account', ['reset', client.email]).output]).toEqual([
      'session.wrong',
      `There is no account ${client.email}. See them with: npm run account -- list\n`,
    ])
    expect(script('account', []).output).toContain('Say what to do')
  })
})
