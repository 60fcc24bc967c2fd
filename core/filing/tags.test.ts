import { describe, expect, it } from 'vitest'
import type { TagId } from '../ids'
import type { Neighbour } from './tags'
import { suggestTags } from './tags'

const [dues, lease, urgent] = ['dues', 'lease', 'urgent'] as TagId[] as [TagId, TagId, TagId]
const like = (weight: number, ...tagIds: TagId[]): Neighbour => ({ name: `paper ${weight}`, weight, tagIds })
const names = (neighbours: Neighbour[], carried: TagId[] = []) =>
  suggestTags(neighbours, carried).map(({ tagId }) => tagId)

describe(suggestTags, () => {
  it('gives what most of the alike carry, with the one that is most alike as the reason', () => {
    const [first] = suggestTags([like(3, dues), like(2, dues), like(1, dues, urgent), like(1)], [])
    expect(first).toMatchObject({ tagId: dues, reason: 'as on “paper 3” and 2 more like it' })
    expect(first?.share).toBeCloseTo(14 / 15)
  })

  it('does not guess: not from one document, not where few of the alike carry it, not from nothing', () => {
    expect(names([like(3, dues), like(2), like(2)])).toEqual([])
    expect(names([like(3), like(3), like(3), like(1, lease), like(1, lease)])).toEqual([])
    expect(names([])).toEqual([])
    expect(names([like(0, dues), like(0, dues)])).toEqual([])
  })

  it('leaves out what is carried, and gives no more than three', () => {
    const [a, b] = ['a', 'b'] as TagId[] as [TagId, TagId]
    const all = [like(2, dues, lease, urgent, a, b), like(2, dues, lease, urgent, a, b)]
    expect(names(all, [dues])).toEqual([lease, urgent, a])
  })

  it('prefers what is very like to much that is a little like', () => {
    expect(names([like(4, lease), like(3, lease), ...Array.from({ length: 8 }, () => like(1, dues))])).toEqual([lease])
  })
})
