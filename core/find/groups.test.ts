import { describe, expect, it } from 'vitest'
import type { FolderId, MeaningId } from '../ids'
import { buildTree } from '../tree/index'
import { FACET_KEYS } from './facetSelection'
import type { Tallies } from './groups'
import { countGroups } from './groups'

const tree = buildTree([
  { id: 'a' as FolderId, parentId: null },
  { id: 'b' as FolderId, parentId: 'a' as FolderId },
  { id: 'c' as FolderId, parentId: 'a' as FolderId },
])
const meaningOf = (id: FolderId) => (id === 'b' ? ('red' as MeaningId) : null)
const NOTHING: Tallies = { count: 0, values: {}, rows: {}, places: [] }
const lying = (folderId: string | null, count = 1, meaningId: string | null = null) => ({
  folderIds: (folderId === null ? [] : [folderId]) as FolderId[],
  meaningId: meaningId as MeaningId | null,
  count,
})
const spread = (...folderIds: string[]) => ({ folderIds: folderIds as FolderId[], meaningId: null, count: 1 })
const counted = (tallies: Partial<Tallies>) => countGroups({ ...NOTHING, ...tallies }, tree, meaningOf)

describe(countGroups, () => {
  it('gathers extensions to types, and passes on what is counted as it is shown', () => {
    const values = {
      extension: { pdf: 1, docx: 1, odt: 1, '': 1 },
      origin: { upload: 2, mail: 1 },
      size_class: { tiny: 3 },
      language: { en: 2, none: 1 },
      month: { '2026-03': 2, '2026-04': 1 },
      author: { 'M. Lund': 2 },
    }
    expect(counted({ count: 4, values, rows: { tags: { t: 2, u: 1 }, starred: { yes: 1 } } })).toMatchObject({
      types: { pdf: 1, writing: 2, other: 1 },
      formats: values.extension,
      origins: values.origin,
      sizes: values.size_class,
      languages: values.language,
      span: values.month,
      authors: values.author,
      tags: { t: 2, u: 1 },
      starred: { yes: 1 },
    })
  })

  it('tells the most frequent of values that nobody lists', () => {
    const many = Object.fromEntries(Array.from({ length: 40 }, (_, index) => [`ext${index}`, index + 1]))
    const { formats, types } = counted({ values: { extension: many } })
    expect([Object.keys(formats).length, Math.min(...Object.values(formats)), types]).toEqual([12, 29, { other: 820 }])
  })

  it('counts folders with all below, how many are filed, and colours of their own before those of the folder', () => {
    expect(
      counted({ places: [lying('b', 2), lying('b', 3, 'blue'), lying('c'), lying(null, 4), lying(null, 1, 'blue')] }),
    ).toMatchObject({
      places: { a: 6, b: 5, c: 1 },
      filed: { one: 6, none: 5 },
      meanings: { red: 2, blue: 4, none: 5 },
    })
  })

  it('counts a document in two places of a branch once for the branch, with the colour of its home', () => {
    expect(counted({ places: [spread('b', 'c'), spread('c', 'b')] })).toMatchObject({
      places: { a: 2, b: 2, c: 2 },
      filed: { several: 2 },
      meanings: { red: 1, none: 1 },
    })
  })

  it('adds those in one place and those in several', () => {
    expect(counted({ places: [lying('b', 2), lying('a'), lying('gone'), spread('b', 'c')] }).places).toEqual({
      a: 4,
      b: 3,
      c: 1,
      gone: 1,
    })
  })

  it('estimates all from a share of them', () => {
    expect(
      countGroups(
        {
          ...NOTHING,
          count: 300,
          values: { extension: { pdf: 300 }, origin: { mail: 300 } },
          rows: { starred: { yes: 2 } },
          places: [lying('b', 299), lying(null)],
        },
        tree,
        meaningOf,
        1 / 64,
      ),
    ).toMatchObject({
      types: { pdf: 19_000 },
      origins: { mail: 19_000 },
      starred: { yes: 130 },
      places: { a: 19_000, b: 19_000 },
      filed: { one: 19_000, none: 64 },
      meanings: { red: 19_000, none: 64 },
    })
  })

  it('counts nothing in nothing', () => {
    expect(counted({})).toEqual(Object.fromEntries(FACET_KEYS.map(key => [key, {}])))
  })
})
