import { describe, expect, it } from 'vitest'
import type { FolderId } from '../ids'
import { placesTogether } from './index'

const place = (folderId: string, share: number) => ({ folderId: folderId as FolderId, share, reason: 'shares “dues”' })

describe('places for several documents', () => {
  it('are those of the only one, as they are', () => {
    expect(placesTogether([[place('a', 0.4), place('b', 0.1)]])).toEqual([place('a', 0.4), place('b', 0.1)])
    expect(placesTogether([])).toEqual([])
  })

  it('are the likeliest on the mean, with how many of them it is the first for', () => {
    const found = placesTogether([
      [place('a', 0.9), place('b', 0.1)],
      [place('b', 0.6), place('c', 0.2)],
      [place('d', 0.05)],
    ])
    expect(found.map(({ folderId, reason }) => `${folderId} ${reason}`)).toEqual([
      'a for 1 of them the likeliest',
      'b for 1 of them the likeliest',
      'c possible for 1 of them',
    ])
    expect(found[0]?.share).toBeCloseTo(0.3)
  })
})
