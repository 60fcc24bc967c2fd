import { expect, it } from 'vitest'
import { hashOfPassphrase, unlockedToken } from './passphrase'

// Made with another implementation: node:crypto, scryptSync('bowline', 'salt', 32, { N: 16384, r: 8, p: 1 }).
const EXPECTED = '633bf1057e1f9c6b363e8597976d2ca5047e3501ae28df93177775d7c3e3158c'

it('is scrypt (RFC 7914) of the passphrase and the id of the link', () => {
  expect(hashOfPassphrase('bowline', 'salt')).toBe(EXPECTED)
  expect(hashOfPassphrase('bowline', 'other')).not.toBe(EXPECTED)
  expect(hashOfPassphrase('ﬁg', 'salt')).toBe(hashOfPassphrase('fig', 'salt'))
})

it('opens with a token of both', () => {
  expect(unlockedToken('a', 'b')).toMatch(/^[\da-f]{64}$/)
  expect(new Set([unlockedToken('a', 'b'), unlockedToken('b', 'b'), unlockedToken('a', 'c')]).size).toBe(3)
})
