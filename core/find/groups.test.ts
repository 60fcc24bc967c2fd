import { describe, expect, it } from 'vitest'
import type { FolderId, TagId } from '../ids'
import { buildTree } from '../tree/index'
import type { Fact } from './groups'
import { countGroups } from './groups'

const tree = buildTree([{ id: 'a' as FolderId, parentId: null }, { id: 'b' as FolderId, parentId: 'a' as FolderId }, { id: 'c' as FolderId, parentId: 'a' as FolderId }])
const fact = (more: Partial<Fact>): Fact => ({ extension: 'pdf', origin: 'upload', month: '2026-03', starred: false, folderIds: [], tagIds: [], ...more })

describe(countGroups, () => {
  it('counts each group by itself', () => {
    expect(countGroups([
      fact({ starred: true, folderIds: ['b' as FolderId], tagIds: ['t' as TagId, 'u' as TagId] }),
      fact({ extension: 'docx', origin: 'mail', month: '2026-04' }),
      fact({ extension: 'odt', folderIds: ['c' as FolderId], tagIds: ['t' as TagId] }),
    ], tree)).toEqual({
      types: { pdf: 1, writing: 2 }, origins: { upload: 2, mail: 1 }, filed: { none: 1, one: 2 }, places: { a: 2, b: 1, c: 1 }, tags: { t: 2, u: 1 }, months: { '2026-03': 2, '2026-04': 1 }, starred: 1,
    })
  })

  it('counts a document in two places of a branch once for the branch', () => {
    expect(countGroups([fact({ folderIds: ['b', 'c'] as FolderId[] })], tree)).toMatchObject({ places: { a: 1, b: 1, c: 1 }, filed: { several: 1 } })
  })

  it('counts nothing in nothing', () => {
    expect(countGroups([], tree)).toEqual({ types: {}, origins: {}, filed: {}, places: {}, tags: {}, months: {}, starred: 0 })
  })
})
