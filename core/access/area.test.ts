import { describe, expect, it } from 'vitest'
import { folderRow } from '../../tests/support/rows'
import type { FolderId } from '../ids'
import { buildTree } from '../tree/index'
import { areaOf } from './index'

describe('the area of a folder', () => {
  const folders = [
    folderRow('office', { area: true }),
    folderRow('class', { parentId: 'office' as FolderId, area: true }),
    folderRow('term', { parentId: 'class' as FolderId }),
    folderRow('home'),
  ]
  const tree = buildTree(folders)

  it.each([
    ['term', 'class'],
    ['class', 'class'],
    ['office', 'office'],
    ['home', undefined],
    [null, undefined],
  ])('of %s is %s', (id, area) => {
    expect(areaOf(tree, id as FolderId | null)?.id).toBe(area)
  })
})
