import { describe, expect, it } from 'vitest'
import { withoutSpecks } from './specks'

const WIDTH = 1240
/** White, with dark squares of a side at these places. */
function page(...spots: readonly [x: number, y: number, side: number][]) {
  const points = new Uint8Array(WIDTH * 40).fill(255)
  for (const [x, y, side] of spots)
    for (let dy = 0; dy < side; dy++) for (let dx = 0; dx < side; dx++) points[(y + dy) * WIDTH + x + dx] = 90
  return { width: WIDTH, height: 40, points }
}

describe(withoutSpecks, () => {
  it('takes dust away and leaves full stops and letters', () => {
    expect(withoutSpecks(page([100, 10, 2], [1238, 38, 2], [300, 10, 4], [500, 10, 20]))).toEqual(
      page([300, 10, 4], [500, 10, 20]).points,
    )
  })

  it('leaves small spots that touch a letter', () => {
    const given = page([500, 10, 20], [520, 30, 2])
    expect(withoutSpecks(given)).toEqual(given.points)
  })

  it('leaves a page without dust as it is', () => {
    expect(withoutSpecks(page())).toEqual(page().points)
  })
})
