import { describe, expect, it } from 'vitest'
import { PART_KINDS, partCounts, partLabel } from './partNames'

describe(partLabel, () => {
  it('says where a hit stands in the words of the document', () => {
    expect([
      partLabel({ kind: 'page', name: '' }, 12),
      partLabel({ kind: 'sheet', name: 'Budget' }, 2),
      partLabel({ kind: 'notes', name: '4' }, 8),
      partLabel({ kind: 'message', name: 'Re: berths' }, 3),
      partLabel({ kind: 'embedded', name: 'Sheet1' }, 5),
    ]).toEqual(['p. 12', 'sheet Budget', 'notes to slide 4', 'message 3, Re: berths', 'an embedded document, Sheet1'])
  })

  it('says nothing in the text itself, and something everywhere else', () => {
    expect(PART_KINDS.filter(kind => partLabel({ kind, name: 'x' }, null) === '')).toEqual(['text'])
    expect(partLabel({ kind: 'text', name: '' }, 3)).toBe('p. 3')
  })
})

describe(partCounts, () => {
  it('counts what people count', () => {
    expect([
      partCounts([
        { kind: 'slide', count: 12 },
        { kind: 'notes', count: 9 },
      ]),
      partCounts([{ kind: 'page', count: 1 }]),
      partCounts([{ kind: 'message', count: 1204 }]),
      partCounts([{ kind: 'text', count: 8 }]),
    ]).toEqual(['12 slides', '1 page', '1,204 messages', ''])
  })
})
