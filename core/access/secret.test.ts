import { expect, it } from 'vitest'
import { hashOfSecret, SECRET_BYTES, SECRET_PATTERN, secretFrom } from './secret'

it('is 22 letters that any address can hold', () => {
  for (const fill of [0, 255, 251, 62])
    expect(secretFrom(new Uint8Array(SECRET_BYTES).fill(fill))).toMatch(SECRET_PATTERN)
})

it('is kept as SHA-256 (FIPS 180-4, the example "abc")', () => {
  expect(hashOfSecret('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad')
})
