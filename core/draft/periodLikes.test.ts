import { describe, expect, it } from 'vitest'
import { folderRow } from '../../tests/support/rows'
import type { FolderId } from '../ids'
import { draftDifference, nextPeriod, startDraft } from './index'
import { numberTree } from '../numbering/index'

const PADDED = { style: '01', joined: true, start: 1, step: 1 } as const
const folders = [
  folderRow('office', { name: 'Office', number: 1 }),
  folderRow('year', { name: 'Year 2026', number: 2, numbering: PADDED, childOrder: 'name' }),
  folderRow('autumn', {
    name: 'Autumn 2026',
    parentId: 'year' as FolderId,
    number: 1,
    numbering: { ...PADDED, style: 'A' },
  }),
  folderRow('archive', { name: 'Archive', number: 9, numbering: { style: '1', joined: true, start: 1, step: 1 } }),
]
const plan = { numbering: { style: '1', joined: true, start: 1, step: 1 }, childOrder: 'number' } as const
const present = { plan, folders, meanings: [], counts: {}, locale: 'en' }
const { tree, codes } = numberTree(plan, folders, 'en')

function drafted(archiveId: FolderId | null) {
  const lines = nextPeriod(
    startDraft(tree, () => null, null),
    'year' as FolderId,
    { grades: false, archiveId, closed: null, number: codes.get('year' as FolderId)?.number ?? null },
  )
  const { rows, drafted: made } = draftDifference(present, null, lines, (_, index) => `new-${index}`, {
    period: { branchId: 'year' as FolderId, grades: false, name: 'Year 2027' },
  })
  return {
    shown: rows.map(row => `${row.code} ${row.name} ${row.states.join()}`.trim()),
    likes: made.map(({ likeId }) => likeId ?? null),
  }
}

describe('the next period', () => {
  it('is numbered inside as the old one is, which keeps its number in the archive', () => {
    expect(drafted('archive' as FolderId)).toEqual({
      shown: [
        '1 Office',
        '2 Year 2027 new',
        '2.01 Autumn 2027 new',
        '9 Archive',
        '9.2 Year 2026 moved',
        '9.2.01 Autumn 2026',
      ],
      likes: [null, 'year', 'autumn', null, null, null],
    })
  })

  it('continues behind the others where the old one stays, which is not touched', () => {
    expect(drafted(null).shown).toEqual([
      '1 Office',
      '2 Year 2026',
      '2.01 Autumn 2026',
      '9 Archive',
      '10 Year 2027 new',
      '10.01 Autumn 2027 new',
    ])
  })
})
