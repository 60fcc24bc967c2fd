import { describe, expect, it } from 'vitest'
import {
  betterInk,
  confusables,
  contrast,
  distance,
  FIRST_MEANINGS,
  freshInk,
  INKS,
  leastDistance,
  standsOut,
  VISIONS,
} from './index'

describe(distance, () => {
  // By the formula of Sharma, Wu and Dalal (2005) on the L*a*b* of these colours.
  it.each([
    ['#FFFFFF', '#000000', 100],
    ['#FF0000', '#00FF00', 86.6082],
    ['#0000FF', '#FFFF00', 103.427],
    ['#44AA99', '#332288', 54.01],
  ])('tells %s from %s by %f', (a, b, expected) => {
    expect(distance(a, b)).toBeCloseTo(expected, 1)
  })

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

describe('an ink for one more colour', () => {
  it('is never one that is taken, however many there are', () => {
    const taken: string[] = []
    for (let count = 0; count < 40; count++) {
      const ink = freshInk(taken)
      expect(ink).toMatch(/^#[0-9A-F]{6}$/)
      expect(taken).not.toContain(ink)
      taken.push(ink)
    }
  })

  it('is of the published set while that has one that is told apart', () => {
    expect(INKS as readonly string[]).toContain(freshInk(INKS.slice(0, 5)))
    expect(INKS as readonly string[]).not.toContain(freshInk(INKS))
    expect(standsOut(freshInk(INKS)).enough).toBe(true)
  })
})
