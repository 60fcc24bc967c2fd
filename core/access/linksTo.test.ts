import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import type { FolderId, ShareLinkId } from '../ids'
import { buildTree } from '../tree/index'
import { linksGained, linksTo } from './linksTo'

const NOW = '2026-12-01T00:00:00.000Z'
const id = (text: string) => text as FolderId
const folder = (name: string, parentId: string | null) => ({ id: id(name), parentId: parentId as FolderId | null })
const link = (name: string, target: 'folder' | 'document', targetId: string, until: string | null = null) => ({
  id: name as ShareLinkId,
  target,
  targetId,
  until,
})
const tree = buildTree([
  folder('class', null),
  folder('handouts', 'class'),
  folder('week', 'handouts'),
  folder('a', null),
])

describe('links to a thing', () => {
  const links = [
    link('1', 'folder', 'class'),
    link('2', 'folder', 'handouts', '2026-11-01T00:00:00.000Z'),
    link('3', 'document', 'd'),
    link('4', 'folder', 'a', '2027-01-01T00:00:00.000Z'),
  ]
  const say = (reach: ReturnType<typeof linksTo>) => reach.map(({ link: one, by }) => `${one.id} by ${by ?? 'itself'}`)

  it('are its own and those of every folder above every place, while they are in force', () => {
    expect(say(linksTo({ kind: 'document', id: 'd', folderIds: [id('week'), id('a')] }, tree, links, NOW))).toEqual([
      '3 by itself',
      '4 by a',
      '1 by class',
    ])
    expect(say(linksTo({ kind: 'folder', id: id('week') }, tree, links, NOW))).toEqual(['1 by class'])
    expect(say(linksTo({ kind: 'folder', id: id('class') }, tree, links, NOW))).toEqual(['1 by itself'])
    expect(linksTo({ kind: 'document', id: 'other', folderIds: [null] }, tree, links, NOW)).toEqual([])
  })

  it('that a move brings are those of the new place that the old one had not', () => {
    const gained = (before: (string | null)[], after: (string | null)[]) =>
      linksGained(before as FolderId[], after as FolderId[], tree, links, NOW).map(({ link: one }) => one.id)
    expect(gained([null], ['week'])).toEqual(['1'])
    expect(gained(['class'], ['week'])).toEqual([])
    expect(gained(['week'], ['a'])).toEqual(['4'])
  })

  it('agree with asking every folder above, one after the other', () => {
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
      const found = linksTo({ kind: 'document', id: 'd', folderIds: places }, grown, some, NOW)
      expect(new Set(found.map(({ link: one }) => one.id))).toEqual(new Set(mayRead.map(one => one.id)))
      expect(found.length).toBe(mayRead.length)
    }
  })
})
