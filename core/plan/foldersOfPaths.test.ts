import { describe, expect, it } from 'vitest'
import type { FolderId } from '../ids'
import { foldersOfPaths } from './foldersOfPaths'

const counter = () => {
  let count = 0
  return () => `new${++count}` as FolderId
}

describe('foldersOfPaths', () => {
  it('makes each folder once, parents first, and leaves loose files where they are brought', () => {
    const { folders, folderIds } = foldersOfPaths(
      ['Photos/May/a.jpg', 'Photos/May/b.jpg', 'Photos/c.jpg', 'd.txt'],
      () => [],
      counter(),
    )
    expect(folders).toEqual([
      { id: 'new1', parentId: null, name: 'Photos' },
      { id: 'new2', parentId: 'new1', name: 'May' },
    ])
    expect(folderIds).toEqual(['new2', 'new2', 'new1', null])
  })

  it('uses folders that are there, whatever their case and accents', () => {
    const there: Record<string, { id: FolderId; name: string }[]> = {
      '': [{ id: 'p' as FolderId, name: 'PHOTOS' }],
      p: [{ id: 'e' as FolderId, name: 'Été' }],
    }
    const { folders, folderIds } = foldersOfPaths(
      ['photos/été/a.jpg', 'photos/June/b.jpg'],
      id => there[id ?? ''] ?? [],
      counter(),
    )
    expect(folders).toEqual([{ id: 'new1', parentId: 'p', name: 'June' }])
    expect(folderIds).toEqual(['e', 'new1'])
  })
})
