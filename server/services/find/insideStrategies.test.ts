import { describe, expect, it } from 'vitest'
import { INSIDE_STRATEGIES, planInside } from './insideStrategies'

describe(planInside, () => {
  it('finds all where they are few, whatever the plan holds', () => {
    expect([planInside(0, 0), planInside(8000, 1_000_000), planInside(8000, 9000)]).toEqual([['all'], ['all'], ['all']])
  })

  it('looks among the newest where many are expected among far more', () => {
    expect(planInside(8001, 1_000_000)).toEqual(['recent', 'all', 'walk'])
  })

  it('walks where every few documents is one', () => {
    expect([planInside(125_001, 1_000_000), planInside(125_000, 1_000_000)[0]]).toEqual([['walk'], 'recent'])
  })

  it('has an end whatever the strategies before could not tell', () => {
    for (const expected of [8001, 50_000, 900_000]) expect(planInside(expected, 100_000).at(-1)).toBe('walk')
    expect(Object.keys(INSIDE_STRATEGIES).sort()).toEqual(['all', 'recent', 'walk'])
  })
})
