import { describe, expect, it } from 'vitest'
import type { FolderId, MeaningId } from '../ids'
import { buildTree } from '../tree/index'
import type { Tallies } from './groups'
import { countGroups } from './groups'

const tree = buildTree([
  { id: 'a' as FolderId, parentId: null },
  { id: 'b' as FolderId, parentId: 'a' as FolderId },
  { id: 'c' as FolderId, parentId: 'a' as FolderId },
])
const meaningOf = (id: FolderId) => (id === 'b' ? ('red' as MeaningId) : null)
const NOTHING: Tallies = {
  count: 0,
  extensions: {},
  origins: {},
  sizes: {},
  languages: {},
  months: {},
  tags: {},
  starred: 0,
  lying: [],
  spread: [],
}
const lying = (folderId: string | null, count = 1, meaningId: string | null = null) => ({
  folderId: folderId as FolderId | null,
  meaningId: meaningId as MeaningId | null,
  count,
})
const spread = (...folderIds: string[]) => ({ folderIds: folderIds as FolderId[], meaningId: null })
const counted = (tallies: Partial<Tallies>) => countGroups({ ...NOTHING, ...tallies }, tree, meaningOf)

describe(countGroups, () => {
  it('gathers extensions to types, and passes on what is counted as it is shown', () => {
    const same = {
      origins: { upload: 2, mail: 1 },
      sizes: { tiny: 3 },
      languages: { en: 2, none: 1 },
      months: { '2026-03': 2, '2026-04': 1 },
      tags: { t: 2, u: 1 },
      starred: 1,
    } as const
    expect(counted({ count: 4, extensions: { pdf: 1, docx: 1, odt: 1, '': 1 }, ...same })).toMatchObject({
      types: { pdf: 1, writing: 2, other: 1 },
      ...same,
    })
  })

  it('counts folders with all below, how many are filed, and colours of their own before those of the folder', () => {
    expect(
      counted({ lying: [lying('b', 2), lying('b', 3, 'blue'), lying('c'), lying(null, 4), lying(null, 1, 'blue')] }),
    ).toMatchObject({
      places: { a: 6, b: 5, c: 1 },
      filed: { one: 6, none: 5 },
      meanings: { red: 2, blue: 4, none: 5 },
    })
  })

  it('counts a document in two places of a branch once for the branch, with the colour of its home', () => {
    expect(counted({ spread: [spread('b', 'c'), spread('c', 'b')] })).toMatchObject({
      places: { a: 2, b: 2, c: 2 },
      filed: { several: 2 },
      meanings: { red: 1, none: 1 },
    })
  })

  it('adds those in one place and those in several', () => {
    expect(counted({ lying: [lying('b', 2), lying('a'), lying('gone')], spread: [spread('b', 'c')] }).places).toEqual({
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
          extensions: { pdf: 300 },
          origins: { mail: 300 },
          starred: 2,
          lying: [lying('b', 299), lying(null)],
        },
        tree,
        meaningOf,
        1 / 64,
      ),
    ).toMatchObject({
      types: { pdf: 19_000 },
      origins: { mail: 19_000 },
      starred: 130,
      places: { a: 19_000, b: 19_000 },
      filed: { one: 19_000, none: 64 },
      meanings: { red: 19_000, none: 64 },
    })
  })

  it('counts nothing in nothing', () => {
    expect(counted({})).toEqual({
      types: {},
      origins: {},
      filed: {},
      places: {},
      tags: {},
      months: {},
      starred: 0,
      sizes: {},
      languages: {},
      meanings: {},
    })
  })
})
