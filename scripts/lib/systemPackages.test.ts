import { describe, expect, it } from 'vitest'
import { hasProgram, howToInstall } from './systemPackages.mjs'

const WANTED = { title: 'PostgreSQL', name: 'postgresql', sign: '"pg_config" is found' }

describe(howToInstall, () => {
  it.each([
    [{ root: true, apt: true }, 'PostgreSQL is not installed. Install it once with: apt-get install postgresql'],
    [{ root: false, apt: true }, 'PostgreSQL is not installed. Install it once with: sudo apt-get install postgresql'],
    [
      { root: false, apt: false },
      'PostgreSQL is not installed, and this system has no apt-get to install it with. Install it with the ' +
        'system\'s own packages, so that "pg_config" is found, and start again.',
    ],
  ])('%o: says it in a sentence', (system, sentence) => {
    expect(howToInstall(WANTED, system)).toBe(sentence)
  })
})

describe(hasProgram, () => {
  it('tells a program that is there, whatever it answers, from one that is not', () => {
    expect([hasProgram('node'), hasProgram('false'), hasProgram('no-such-program-anywhere')]).toEqual([
      true,
      true,
      false,
    ])
  })
})
