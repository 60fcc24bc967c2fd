import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import type { FolderId } from '../ids'
import type { Role } from '../rows/index'
import { buildTree } from '../tree/index'
import { differenceOfPlaces } from './difference'
import type { Given } from './reach'
import { reaching } from './reach'

const NOW = '2026-12-01T00:00:00.000Z'
const id = (text: string) => text as FolderId
const folder = (name: string, parentId: string | null) => ({ id: id(name), parentId: parentId as FolderId | null })
const link = (name: string, target: Given['target'], targetId: string, until: string | null = null) => ({
  id: name,
  target,
  targetId,
  until,
  who: 'link' as const,
  whoId: null,
  role: 'read' as const,
})
const tree = buildTree([
  folder('class', null),
  folder('handouts', 'class'),
  folder('week', 'handouts'),
  folder('a', null),
])

describe('what reaches a thing', () => {
  const given = [
    link('1', 'folder', 'class'),
    link('2', 'folder', 'handouts', '2026-11-01T00:00:00.000Z'),
    link('3', 'document', 'd'),
    link('4', 'folder', 'a', '2027-01-01T00:00:00.000Z'),
    link('5', 'plan', 'p'),
  ]
  const say = (reach: ReturnType<typeof reaching>) =>
    reach.map(({ given: one, by }) => `${one.id} by ${by ?? 'itself'}`)

  it('is its own and that of every folder above every place, while it is in force', () => {
    expect(say(reaching({ kind: 'document', id: 'd', folderIds: [id('week'), id('a')] }, tree, given, NOW))).toEqual([
      '3 by itself',
      '4 by a',
      '1 by class',
      '5 by plan',
    ])
    expect(say(reaching({ kind: 'folder', id: id('week') }, tree, given, NOW))).toEqual(['1 by class', '5 by plan'])
    expect(say(reaching({ kind: 'folder', id: id('class') }, tree, given, NOW))).toEqual(['1 by itself', '5 by plan'])
  })

  it('is nothing of the plan while it lies in the In-tray', () => {
    expect(say(reaching({ kind: 'document', id: 'other', folderIds: [null] }, tree, given, NOW))).toEqual([])
    expect(say(reaching({ kind: 'document', id: 'd', folderIds: [null] }, tree, given, NOW))).toEqual(['3 by itself'])
  })

  it('by a move is what the new place has and the old one had not, and the other way round', () => {
    const moved = (before: (string | null)[], after: (string | null)[]) => {
      const { gained, lost } = differenceOfPlaces(before as FolderId[], after as FolderId[], { tree, now: NOW }, given)
      return [gained.map(({ given: one }) => one.id), lost.map(({ given: one }) => one.id)]
    }
    expect(moved([null], ['week'])).toEqual([['1', '5'], []])
    expect(moved(['class'], ['week'])).toEqual([[], []])
    expect(moved(['week'], ['a'])).toEqual([['4'], ['1']])
    expect(moved(['week'], [null])).toEqual([[], ['1', '5']])
  })
})

describe('who gains and who loses by a move', () => {
  const grant = (name: string, targetId: string, role: Role) =>
    ({ ...link(name, 'folder', targetId), who: 'person', whoId: 'per', role }) as const
  const moved = (...given: ReturnType<typeof grant>[]) => {
    const { gained, lost } = differenceOfPlaces([id('week')], [id('a')], { tree, now: NOW }, given)
    return [gained.map(({ given: one }) => one.id), lost.map(({ given: one }) => one.id)]
  }

  it('is not whoever has as much at both places by two grants', () => {
    expect(moved(grant('1', 'week', 'read'), grant('2', 'a', 'read'))).toEqual([[], []])
    expect(moved(grant('1', 'week', 'read'), grant('2', 'a', 'edit'))).toEqual([['2'], []])
    expect(moved(grant('1', 'week', 'edit'), grant('2', 'a', 'read'))).toEqual([[], ['1']])
  })
})

describe('what reaches things in random plans', () => {
  it('agrees with asking every folder above, one after the other', () => {
    const random = seeded(20)
    for (let turn = 0; turn < 60; turn++) {
      const folders = Array.from({ length: 12 }, (_, index) =>
        folder(`f${index}`, index === 0 || random.next() < 0.2 ? null : `f${random.int(0, index - 1)}`),
      )
      const grown = buildTree(folders)
      const some = Array.from({ length: 8 }, (_, index) =>
        random.next() < 0.3
          ? link(`l${index}`, 'document', 'd')
          : link(`l${index}`, 'folder', `f${random.int(0, 11)}`, random.pick([null, '2026-01-01', '2027-01-01'])),
      )
      const places = [id(`f${random.int(0, 11)}`), id(`f${random.int(0, 11)}`)]
      const mayRead = some.filter(one => {
        if (one.until !== null && one.until <= NOW) return false
        if (one.target === 'document') return one.targetId === 'd'
        return places.some(place => {
          for (let at: FolderId | null = place; at !== null; at = grown.byId.get(at)?.parentId ?? null)
            if (at === one.targetId) return true
          return false
        })
      })
      const found = reaching({ kind: 'document', id: 'd', folderIds: places }, grown, some, NOW)
      expect(new Set(found.map(({ given: one }) => one.id))).toEqual(new Set(mayRead.map(one => one.id)))
      expect(found.length).toBe(mayRead.length)
    }
  })
})
