import { describe, expect, it } from 'vitest'
import { indexedText } from './index'

describe(indexedText, () => {
  it('numbers and folds pages, and states what the text says of itself', () => {
    const { pages, facts } = indexedText(
      ['# Berth leases\n\nThe holder pays quarterly dues for the berth, signed on 3 May 2026.', 'Größe'],
      { title: 'Leases', author: 'Orla Venn' },
    )
    expect(pages.map(({ page, folded }) => [page, folded])).toEqual([
      [1, 'berth leases the holder pays quarterly dues for the berth signed on 3 may 2026'],
      [2, 'grosse'],
    ])
    expect(facts).toEqual({
      language: 'en',
      title: 'Leases',
      author: 'Orla Venn',
      heads: 'leases berth leases grosse',
      datedAt: '2026-05-03T00:00:00.000Z',
    })
  })

  it('gives words, stems and pairs once each, and words of letters for typing errors', () => {
    const { lexemes, words } = indexedText(['leases leases 4417', 'leases'])
    expect(new Set(lexemes).size).toBe(lexemes.length)
    expect(lexemes).toEqual(expect.arrayContaining(['leases', '.leas', '4417']))
    expect(words).toEqual(['leases'])
  })

  it('keeps nothing that the database cannot hold', () => {
    expect(indexedText(['a\0b \ud800c']).pages[0]?.body).toBe('ab \ufffdc')
  })

  it('stops at what an index entry holds, and goes on reading', () => {
    const page = Array.from({ length: 120_000 }, (_, index) => `word${index}`).join(' ')
    const { lexemes, pages } = indexedText([page, 'last'])
    expect(lexemes.reduce((sum, lexeme) => sum + lexeme.length + 8, 0)).toBeLessThan(920_000)
    expect(pages).toHaveLength(2)
  })
})
