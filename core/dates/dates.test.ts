import { describe, expect, it } from 'vitest'
import { contrast, meaningOf, stripesOf, textOn } from '../colour/index'
import { sizeText } from '../formats/index'
import type { FolderId, MeaningId } from '../ids'
import { branchOf, buildTree, isInside, outlineOf, pathOf, totalsBelow } from '../tree/index'
import { agoText, daysBetween } from './dates'

describe(agoText, () => {
  const now = new Date(2026, 10, 25, 12, 0).getTime()
  const before = (minutes: number) => new Date(now - minutes * 60_000).toISOString()

  it('says how long ago in words, then the date', () => {
    expect([
      agoText(before(0), now),
      agoText(before(1), now),
      agoText(before(59), now),
      agoText(before(180), now),
      agoText(before(24 * 60), now),
      agoText(before(3 * 24 * 60), now),
      agoText(before(30 * 24 * 60), now),
    ]).toEqual(['just now', '1 minute ago', '59 minutes ago', 'today, 09:00', 'yesterday', '3 days ago', '26 Oct 2026'])
  })

  it('counts days of the calendar, not spans of 24 hours', () => {
    expect(daysBetween(new Date(2026, 10, 24, 23, 59).toISOString(), new Date(2026, 10, 25, 0, 1).getTime())).toBe(1)
  })
})

describe(sizeText, () => {
  it.each([
    [0, '0 B'],
    [999, '999 B'],
    [1000, '1 KB'],
    [183_600, '184 KB'],
    [1_240_000, '1.2 MB'],
    [999_600, '1.0 MB'],
    [42_000_000, '42 MB'],
    [1_073_741_824, '1.1 GB'],
  ])('writes %i as %s', (bytes, text) => {
    expect(sizeText(bytes)).toBe(text)
  })
})

interface F {
  id: FolderId
  parentId: FolderId | null
  meaningId: MeaningId | null
}
const f = (id: string, parentId: string | null = null, meaningId: string | null = null): F => ({
  id: id as FolderId,
  parentId: parentId as FolderId | null,
  meaningId: meaningId as MeaningId | null,
})
const tree = buildTree([f('a', null, 'office'), f('b', 'a'), f('c', 'b', 'urgent'), f('d')])

describe(buildTree, () => {
  it('names cycles, missing parents and duplicates', () => {
    const { faults } = buildTree([f('x', 'y'), f('y', 'x'), f('z', 'nobody'), f('z')])
    expect(faults.map(fault => fault.kind).sort()).toEqual(['cycle', 'duplicate', 'missingParent'])
  })
})

describe('walks of the tree', () => {
  it('go up, down and through', () => {
    expect(pathOf(tree, 'c' as FolderId).map(folder => folder.id)).toEqual(['a', 'b', 'c'])
    expect(branchOf(tree, 'a' as FolderId).map(folder => folder.id)).toEqual(['a', 'b', 'c'])
    expect(outlineOf(tree, folder => folder.id !== 'b').map(({ folder, depth }) => `${folder.id}${depth}`)).toEqual([
      'a0',
      'b1',
      'd0',
    ])
    expect([
      isInside(tree, 'c' as FolderId, 'a' as FolderId),
      isInside(tree, 'd' as FolderId, 'a' as FolderId),
    ]).toEqual([true, false])
  })

  it('sum over a folder and all below', () => {
    expect([...totalsBelow(tree, () => 1)].sort()).toEqual([
      ['a', 3],
      ['b', 2],
      ['c', 1],
      ['d', 1],
    ])
  })
})

describe('colour', () => {
  it('is inherited until a folder has its own', () => {
    expect([
      stripesOf(tree, 'c' as FolderId),
      meaningOf(tree, 'b' as FolderId),
      meaningOf(tree, 'd' as FolderId),
    ]).toEqual([['office', 'office', 'urgent'], 'office', null])
  })

  it('has contrast as WCAG 2 defines it', () => {
    expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21)
    expect([textOn('#332288'), textOn('#CDB75B')]).toEqual(['#FFFFFF', '#000000'])
  })
})
