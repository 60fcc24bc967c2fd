import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { jsonDepth } from './jsonText'

describe(jsonDepth, () => {
  it.each([
    ['1', 0],
    ['[]', 1],
    ['{"a":[{"b":1}]}', 3],
    ['"[[[["', 0],
    [String.raw`["\"[[", [1]]`, 2],
    ['[[[', 3],
  ] as const)('of %s is %d', (text, depth) => {
    expect(jsonDepth(text, 64)).toBe(depth)
  })

  it('stops looking behind its limit', () => {
    expect(jsonDepth('['.repeat(1_000_000), 64)).toBe(65)
  })

  it('agrees with a walk through the value', () => {
    const depthOf = (value: unknown): number =>
      typeof value === 'object' && value !== null ? 1 + Math.max(0, ...Object.values(value).map(depthOf)) : 0
    fc.assert(fc.property(fc.jsonValue(), value => jsonDepth(JSON.stringify(value), 1000) === depthOf(value)))
  })
})
