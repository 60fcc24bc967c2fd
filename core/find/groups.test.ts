import { describe, expect, it } from 'vitest'
import type { FolderId, MeaningId, TagId } from '../ids'
import { buildTree } from '../tree/index'
import type { Fact } from './groups'
import { countGroups } from './groups'

const tree = buildTree([{ id: 'a' as FolderId, parentId: null }, { id: 'b' as FolderId, parentId: 'a' as FolderId }, { id: 'c' as FolderId, parentId: 'a' as FolderId }])
const fact = (more: Partial<Fact>): Fact => ({ extension: 'pdf', origin: 'upload', size: 1000, language: 'en', meaningId: null, month: '2026-03', starred: false, folderIds: [], tagIds: [], ...more })

const meaningOf = (id: FolderId) => (id === 'b' ? 'red' as MeaningId : null)

describe(countGroups, () => {
  it('counts each group by itself', () => {
    expect(countGroups([
      fact({ starred: true, folderIds: ['b' as FolderId], tagIds: ['t' as TagId, 'u' as TagId] }),
      fact({ extension: 'docx', origin: 'mail', month: '2026-04' }),
      fact({ extension: 'odt', folderIds: ['c' as FolderId], tagIds: ['t' as TagId] }),
    ], tree, meaningOf)).toEqual({
      types: { pdf: 1, writing: 2 }, origins: { upload: 2, mail: 1 }, filed: { none: 1, one: 2 }, places: { a: 2, b: 1, c: 1 }, tags: { t: 2, u: 1 }, months: { '2026-03': 2, '2026-04': 1 }, starred: 1,
      sizes: { tiny: 3 }, languages: { en: 3 }, meanings: { red: 1, none: 2 },
    })
  })

  it('counts a document in two places of a branch once for the branch', () => {
    expect(countGroups([fact({ folderIds: ['b', 'c'] as FolderId[] })], tree, meaningOf)).toMatchObject({ places: { a: 1, b: 1, c: 1 }, filed: { several: 1 } })
  })

  it('adds those in one place and those in several', () => {
    const lying = (...ids: string[]) => fact({ folderIds: ids as FolderId[] })
    expect(countGroups([lying('b'), lying('b', 'c'), lying('a'), lying('b'), lying('gone')], tree, meaningOf).places).toEqual({ a: 4, b: 3, c: 1, gone: 1 })
  })

  it('counts nothing in nothing', () => {
    expect(countGroups([], tree, meaningOf)).toEqual({ types: {}, origins: {}, filed: {}, places: {}, tags: {}, months: {}, starred: 0, sizes: {}, languages: {}, meanings: {} })
  })
})
