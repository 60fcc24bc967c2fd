import { describe, expect, it } from 'vitest'
import { folderRow, NOW } from '../../tests/support/rows'
import type { FolderId } from '../ids'
import { buildTree } from '../tree/index'
import { foldersForOne } from './index'

const id = (text: string) => text as FolderId
const tree = buildTree([
  folderRow('class'),
  ...['per', 'odo', 'all', 'both', 'over'].map(name => folderRow(name, { parentId: id('class') })),
  folderRow('elsewhere'),
])
const to = (targetId: string, who: 'person' | 'group' | 'link', whoId: string | null, until: string | null = null) => ({
  ...{ id: `${targetId} ${whoId}`, target: 'folder' as const, targetId, who, whoId, until },
})

describe('folders for one person', () => {
  it('are those below that nobody else was given, however often', () => {
    const given = [
      ...[to('per', 'person', 'p'), to('per', 'person', 'p', '2027-01-01T00:00:00.000Z'), to('odo', 'person', 'o')],
      ...[to('all', 'group', 'g'), to('both', 'person', 'p'), to('both', 'link', null), to('elsewhere', 'person', 'p')],
      ...[to('over', 'person', 'p', '2020-01-01T00:00:00.000Z'), to('class', 'person', 'p')],
    ]
    expect(foldersForOne(id('class'), tree, given, NOW)).toEqual(['per', 'odo'])
    expect(foldersForOne(id('per'), tree, given, NOW)).toEqual([])
  })
})
