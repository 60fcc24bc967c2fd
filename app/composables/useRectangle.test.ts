import { describe, expect, it } from 'vitest'
import { touches } from './useRectangle'

const box = (left: number, top: number, right: number, bottom: number) => ({ left, top, right, bottom })

describe(touches, () => {
  it.each([
    ['crosses', box(0, 0, 10, 10), box(5, 5, 20, 20), true],
    ['lies inside of', box(2, 2, 3, 3), box(0, 0, 10, 10), true],
    ['lies beside', box(0, 0, 10, 10), box(10, 0, 20, 10), false],
    ['lies above', box(0, 0, 10, 10), box(0, 11, 10, 20), false],
  ] as const)('tells when one box %s another', (_, a, b, expected) => {
    expect([touches(a, b), touches(b, a)]).toEqual([expected, expected])
  })
})
