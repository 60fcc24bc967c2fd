import { describe, expect, it } from 'vitest'
import { storableTime } from './storableTime'

describe(storableTime, () => {
  it.each([
    ['2026-05-03', '2026-05-03T00:00:00.000Z'],
    ['0001-01-01T00:00:00Z', '0001-01-01T00:00:00.000Z'],
    ['0000-06-01T00:00:00Z', null],
    ['+275760-09-12T23:59:59Z', null],
    ['-000500-01-01T00:00:00Z', null],
    ['soon', null],
    ['', null],
  ] as const)('of “%s” is %s', (text, time) => {
    expect(storableTime(text)).toBe(time)
  })
})
