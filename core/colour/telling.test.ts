import { describe, expect, it } from 'vitest'
import {
  betterInk,
  ciede2000,
  confusables,
  contrast,
  distance,
  FIRST_MEANINGS,
  INKS,
  leastDistance,
  standsOut,
  VISIONS,
} from './index'

describe(ciede2000, () => {
  // Pairs of the test data that the authors of the implementation notes published (Sharma et al. 2005, table 1).
  it.each([
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
    [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
    [[50, 2.8361, -74.02], [50, 0, -82.7485], 3.4412],
    [[50, 2.5, 0], [50, 0, -2.5], 4.3065],
    [[50, 2.5, 0], [73, 25, -18], 27.1492],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
  ] as const)('%j and %j are %f apart', (a, b, expected) => {
    expect(ciede2000(a, b)).toBeCloseTo(expected, 4)
    expect(ciede2000(b, a)).toBeCloseTo(expected, 4)
  })
})

describe(distance, () => {
  it('is nothing between a colour and itself, however it is seen', () => {
    for (const vision of [null, ...VISIONS]) expect(distance('#44AA99', '#44AA99', vision)).toBe(0)
  })

  it('shrinks between red and green where red or green cones are missing', () => {
    const [red, green] = ['#A03030', '#4B6A1E']
    expect(distance(red, green, 'deuteranopia')).toBeLessThan(distance(red, green) / 2)
    expect(leastDistance(red, green).vision).toMatch(/protanopia|deuteranopia/)
  })
})

describe(confusables, () => {
  const meaning = (id: string, ink: string, pattern = 'full') => ({ id, name: id, ink, pattern })

  it('finds none in the inks that a new plan has', () => {
    expect(
      confusables(FIRST_MEANINGS.map(({ name, ink, closed }) => meaning(name, ink, closed ? 'slant' : 'full'))),
    ).toEqual([])
  })

  it('names the pair, who sees it so, and an ink that is better', () => {
    const [pair, ...others] = confusables([meaning('a', '#A03030'), meaning('b', '#4B6A1E'), meaning('c', '#332288')])
    expect([pair?.a, pair?.b, others]).toEqual(['a', 'b', []])
    expect(INKS as readonly string[]).toContain(pair?.better)
    expect(
      confusables([meaning('a', '#A03030'), meaning('b', pair?.better ?? '#A03030'), meaning('c', '#332288')]),
    ).toEqual([])
  })

  it('takes a pattern for telling enough', () => {
    expect(confusables([meaning('a', '#A03030'), meaning('b', '#A03030', 'dots')])).toEqual([])
  })
})

describe(betterInk, () => {
  it('gives the ink that is furthest from the others, and none when all are taken', () => {
    expect(betterInk([])).toBe(INKS[0])
    expect(betterInk(INKS)).toBeNull()
  })
})

describe(standsOut, () => {
  it('measures against paper as WCAG does', () => {
    expect(standsOut('#332288')).toEqual({ ratio: contrast('#332288', '#F4F1EA'), enough: true })
    expect(standsOut('#E0E0A0').enough).toBe(false)
  })
})
