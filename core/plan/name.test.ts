import { describe, expect, it } from 'vitest'
import { checkName, nameFromFile, nextFreeName } from './name'

describe(checkName, () => {
  it('tidies blanks and keeps letters of all scripts', () => {
    expect(checkName('  Berth   leases ')).toEqual({ ok: true, name: 'Berth leases' })
    expect(checkName('Größe 図面 שלום')).toEqual({ ok: true, name: 'Größe 図面 שלום' })
  })
})

describe(nameFromFile, () => {
  it.each([
    ['Minutes.PDF', 'Minutes', 'pdf'],
    ['archive.tar.gz', 'archive.tar', 'gz'],
    ['.hidden', '.hidden', ''],
    ['no extension', 'no extension', ''],
    ['../../etc/passwd', '..-..-etc-passwd', ''],
    ['a\u0000b\u202E.txt', 'a b', 'txt'],
    ['....', 'unnamed', ''],
    ['what. is this', 'what. is this', ''],
  ])('makes %j fit', (file, name, extension) => {
    expect(nameFromFile(file)).toEqual({ name, extension })
  })

  it('cuts a name that is too long', () => {
    expect(nameFromFile(`${'x'.repeat(400)}.txt`).name).toHaveLength(200)
  })
})

describe(nextFreeName, () => {
  it('counts up, also from a count that is there', () => {
    const taken = new Set(['Minutes', 'Minutes (2)'])
    expect([
      nextFreeName('Other', name => taken.has(name)),
      nextFreeName('Minutes', name => taken.has(name)),
      nextFreeName('Minutes (2)', name => taken.has(name)),
    ]).toEqual(['Other', 'Minutes (3)', 'Minutes (3)'])
  })
})
