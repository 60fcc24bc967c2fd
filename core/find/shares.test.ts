import { describe, expect, test } from 'vitest'
import { estimated, provesMore, shareFor, shareProving, SHARES } from './shares'

describe('a share', () => {
  test('is the smallest that holds enough of what is expected', () => {
    expect(shareFor(2_000_000, 5000)).toBe(1 / 256)
    expect(shareFor(100_000, 5000)).toBe(1 / 16)
    expect(shareFor(10_000, 5000)).toBe(1 / 2)
    expect(shareFor(9_999, 5000)).toBeNull()
    expect(shareFor(0, 1)).toBeNull()
  })

  test('shares are halves of halves and leave room for each other', () => {
    expect(SHARES.reduce((sum, share) => sum + share, 0)).toBeLessThan(1)
    for (const [index, share] of SHARES.entries()) expect(share).toBe((SHARES[index - 1] ?? 1) / 2)
  })
})

describe('more than so many', () => {
  test('is proved by far more than the share would hold, and by no luck', () => {
    expect(provesMore(78, 1 / 128, 10_000)).toBe(false)
    expect(provesMore(150, 1 / 128, 10_000)).toBe(false)
    expect(provesMore(200, 1 / 128, 10_000)).toBe(true)
    expect(provesMore(5_400, 1 / 2, 10_000)).toBe(false)
    expect(provesMore(5_600, 1 / 2, 10_000)).toBe(true)
  })

  test('is looked for in the smallest share that should tell, the larger the nearer', () => {
    expect([1_000_000, 32_000, 14_000, 12_500, 10_000, 0].map(expected => shareProving(expected, 10_000))).toEqual([
      1 / 256,
      1 / 128,
      1 / 4,
      null,
      null,
      null,
    ])
  })

  test('is said by no share that a set of exactly so many falls into', () => {
    let seed = 7
    const random = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647
    for (const share of SHARES) {
      for (let round = 0; round < 20; round++) {
        let found = 0
        for (let hit = 0; hit < 10_000; hit++) if (random() < share) found++
        expect(provesMore(found, share, 10_000)).toBe(false)
      }
    }
  })
})

test('an estimate has two digits that mean something; what is whole is exact', () => {
  expect(estimated(3_690, 1 / 128)).toBe(470_000)
  expect(estimated(5, 1 / 8)).toBe(40)
  expect(estimated(0, 1 / 8)).toBe(0)
  expect(estimated(12_345, 1)).toBe(12_345)
})
