import { describe, expect, it } from 'vitest'
import { inSlots, openSlots, takeSlots } from './slots'

describe(takeSlots, () => {
  it('refuses above the limit of any key and takes none then', () => {
    const first = takeSlots({ 'streams of a': 2, streams: 3 })
    const second = takeSlots({ 'streams of a': 2, streams: 3 })
    expect(() => takeSlots({ 'streams of a': 2, streams: 3 })).toThrow('Too many of these are open')
    const other = takeSlots({ 'streams of b': 2, streams: 3 })
    expect(() => takeSlots({ 'streams of b': 2, streams: 3 })).toThrow('Too many of these are open')
    for (const giveBack of [first, first, second, other]) giveBack() // giving back twice counts once
    expect([...openSlots()]).toEqual([])
  })
})

describe(inSlots, () => {
  it('gives its places back also when the work fails', async () => {
    await expect(inSlots({ one: 1 }, () => Promise.reject(new Error('broken')))).rejects.toThrow('broken')
    expect(await inSlots({ one: 1 }, () => Promise.resolve('works'))).toBe('works')
  })
})
