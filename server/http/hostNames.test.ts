import { describe, expect, it } from 'vitest'
import { isKnownHost, nameIn, namesFrom } from './hostNames'

describe(nameIn, () => {
  it.each([
    ['localhost:3000', 'localhost'],
    ['[::1]:80', '::1'],
    ['Plans.Quay.example', 'plans.quay.example'],
    ['a b', null],
    ['<script>', null],
    [undefined, null],
    ['x:99999999', null],
  ] as const)('of %s is %s', (host, name) => {
    expect(nameIn(host)).toBe(name)
  })
})

describe(isKnownHost, () => {
  it('knows this machine, what is listed, and nothing else', () => {
    const names = namesFrom(' plans.quay.example, Other.example ')
    expect(
      ['127.0.0.1:3000', 'localhost', 'plans.quay.example:443', 'other.example', 'evil.example', ''].map(host =>
        isKnownHost(host, names),
      ),
    ).toEqual([true, true, true, true, false, false])
  })
})
