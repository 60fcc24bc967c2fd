import { describe, expect, it } from 'vitest'
import { UUID_PATTERN } from '../../core/ids'
import { newId } from './actor'

describe(newId, () => {
  it('gives ids of version 7, each once, later ones after earlier ones, also within a millisecond', () => {
    const ids = Array.from({ length: 20_000 }, newId)
    expect(ids.filter(id => !UUID_PATTERN.test(id) || id[14] !== '7')).toEqual([])
    expect(new Set(ids).size).toBe(ids.length)
    expect([...ids].sort()).toEqual(ids)
    expect(Math.abs(parseInt((ids[0] ?? '').replaceAll('-', '').slice(0, 12), 16) - Date.now())).toBeLessThan(60_000)
  })

  it('ends in bytes of chance', () => {
    expect(new Set(Array.from({ length: 1000 }, () => newId().slice(-10))).size).toBe(1000)
  })
})
