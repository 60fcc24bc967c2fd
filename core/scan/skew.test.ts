import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import { cropOf, skewOf, UNCUT } from './skew'

/** A made-up page: dark lines of words on grey paper, fallen by some degrees, with specks. */
function page(degrees: number, { width = 600, height = 800, left = 92, top = 120, noise = 0 } = {}) {
  const points = new Uint8Array(width * height).fill(220)
  const random = seeded(7)
  const slope = Math.tan((degrees * Math.PI) / 180)
  for (let line = 0; line < 18; line++) {
    for (let x = left; x < width - 80; x++) {
      if (Math.floor(x / 23) % 4 === 3) continue
      for (let thick = 0; thick < 7; thick++) {
        const y = Math.round(top + line * 30 + thick + (x - width / 2) * slope)
        if ((x + thick) % 3 !== 0 && y >= 0 && y < height) points[y * width + x] = 40
      }
    }
  }
  for (let speck = 0; speck < noise; speck++) points[Math.floor(random.next() * points.length)] = 60
  return { width, height, points }
}

describe(skewOf, () => {
  it.each([-6.5, -2, -0.4, 0, 0.7, 1.5, 5])('finds %d degrees to within a tenth or so, also among specks', degrees => {
    expect(Math.abs(skewOf(page(degrees)) - degrees)).toBeLessThan(0.15)
    expect(Math.abs(skewOf(page(degrees, { noise: 2000 })) - degrees)).toBeLessThan(0.25)
  })

  it('leaves an empty page as it is', () => {
    expect(skewOf({ width: 300, height: 400, points: new Uint8Array(120_000).fill(235) })).toBe(0)
  })
})

describe(cropOf, () => {
  it('cuts to what is written with a margin, and not at all where nothing is', () => {
    const { left, top, bottom } = cropOf(page(0, { left: 46, top: 40 }))
    expect([left, top]).toEqual([expect.closeTo(46 / 600 - 0.03, 2), expect.closeTo(40 / 800 - 0.03, 2)])
    expect(bottom).toBe(0.08)
    expect(cropOf({ width: 300, height: 400, points: new Uint8Array(120_000).fill(235) })).toEqual(UNCUT)
  })
})
