import { describe, expect, it } from 'vitest'
import { confidence, CONFIDENT } from './confidence'

describe('how sure a suggestion is', () => {
  it('grows with its share, and with what lies there', () => {
    expect(confidence(0.9, 10)).toBeGreaterThan(confidence(0.6, 10))
    expect(confidence(0.6, 10)).toBeGreaterThan(confidence(0.6, 1))
  })

  it('stays within what can be said', () => {
    for (const share of [0, 1, Number.MIN_VALUE])
      for (const members of [0, 1_000_000]) {
        const said = confidence(share, members)
        expect(said > 0 && said < 1).toBe(true)
      }
  })

  it('is not enough to choose for a person while little is filed', () => {
    expect(confidence(0.5, 1)).toBeLessThan(CONFIDENT)
    expect(confidence(0.95, 12)).toBeGreaterThan(CONFIDENT)
  })
})
