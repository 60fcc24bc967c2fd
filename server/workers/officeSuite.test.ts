import { mkdtempSync, writeFileSync, chmodSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

const folder = mkdtempSync(join(tmpdir(), 'suite-test-'))
const seen = join(folder, 'seen')

/** A program with the command line of the office suite. */
function program(body: string): string {
  const file = join(folder, 'suite.sh')
  writeFileSync(file, `#!/bin/sh\nprintf '%s\\n' "$@" >> ${seen}\nenv >> ${seen}\nfor last; do :; done\n${body}\n`)
  chmodSync(file, 0o755)
  return file
}

beforeEach(() => {
  vi.resetModules()
  writeFileSync(seen, '')
})
afterEach(() => vi.unstubAllEnvs())

async function suite(path: string) {
  vi.stubEnv('HEMBIX_OFFICE', path)
  return import('./officeSuite')
}

describe('the office suite', () => {
  it('sets office documents as pages, with settings of our own and nothing secret', async () => {
    vi.stubEnv('DATABASE_URL', 'postgres://secret')
    const { setAsPages, setsAsPages } = await suite(program('cp "$last" "${last%/*}/document.pdf"'))
    expect([setsAsPages('docx'), setsAsPages('odp'), setsAsPages('pdf'), setsAsPages('')]).toEqual([
      true,
      true,
      false,
      false,
    ])
    const set = await setAsPages('odt', Buffer.from('the pages'))
    expect(set).toEqual({ ended: null, outcome: { ok: true, pdf: Buffer.from('the pages') } })
    const words = readFileSync(seen, 'utf8')
    expect(words).toMatch(/UserInstallation=file:.*suite-/)
    expect(words).toMatch(/document\.odt\n/)
    expect(words).not.toContain('secret')
    const settings = /UserInstallation=(\S+)/.exec(words)?.[1] ?? ''
    expect(readFileSync(new URL(`${settings}/user/registrymodifications.xcu`), 'utf8')).toContain('MacroSecurityLevel')
  })

  it('says so where it makes no pages of a document, and does the next one', async () => {
    const { setAsPages } = await suite(program('grep -q broken "$last" || cp "$last" "${last%/*}/document.pdf"'))
    const [broken, sound] = await Promise.all([
      setAsPages('doc', Buffer.from('broken')),
      setAsPages('doc', Buffer.from('sound')),
    ])
    expect(broken).toEqual({ ended: null, outcome: { ok: false, reason: 'The office suite cannot open it.' } })
    expect(sound).toMatchObject({ outcome: { ok: true } })
  })

  it('is not there where it is not installed', async () => {
    const { setAsPages, setsAsPages } = await suite('')
    expect(setsAsPages('docx')).toBe(false)
    expect(await setAsPages('docx', Buffer.from('x'))).toMatchObject({ outcome: { ok: false } })
  })
})
