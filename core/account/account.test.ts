import { describe, expect, it } from 'vitest'
import { networkOf, waitBeforeAttempt, waitText } from './index'

const NONE = { count: 0, sinceLastMs: null }
const attempts = (count: number, sinceLastMs = 0) => ({ count, sinceLastMs })

describe(waitBeforeAttempt, () => {
  it('takes the first few at once, then each twice as late as the one before', () => {
    const waits = [0, 5, 6, 7, 8, 10, 16, 60].map(
      count => waitBeforeAttempt({ here: attempts(count), network: NONE, account: NONE }) / 1000,
    )
    expect(waits).toEqual([0, 0, 1, 2, 4, 16, 900, 900])
  })

  it('counts the time that has passed', () => {
    expect(waitBeforeAttempt({ here: attempts(8, 1500), network: NONE, account: NONE })).toBe(2500)
    expect(waitBeforeAttempt({ here: attempts(8, 4000), network: NONE, account: NONE })).toBe(0)
  })

  it('delays a person whose account others guess at by seconds only', () => {
    expect(waitBeforeAttempt({ here: NONE, network: NONE, account: attempts(10_000) })).toBe(4000)
    expect(waitBeforeAttempt({ here: NONE, network: attempts(10_000), account: NONE })).toBe(300_000)
  })
})

describe(waitText, () => {
  it.each([
    [1, 'a second'],
    [40_000, '40 seconds'],
    [90_000, '2 minutes'],
    [900_000, '15 minutes'],
  ] as const)('of %d is %s', (ms, text) => {
    expect(waitText(ms)).toBe(text)
  })
})

describe(networkOf, () => {
  it.each([
    ['192.0.2.77', '192.0.2.0/24'],
    ['::ffff:192.0.2.77', '192.0.2.0/24'],
    ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::/64'],
    ['2001:db8::1', '2001:db8:0:0::/64'],
    ['::1', '0:0:0:0::/64'],
    ['', ''],
  ] as const)('of %s is %s', (address, network) => {
    expect(networkOf(address)).toBe(network)
  })
})
