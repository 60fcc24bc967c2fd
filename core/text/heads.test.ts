import { describe, expect, it } from 'vitest'
import { headsOf } from './heads'

describe(headsOf, () => {
  it.each([
    ['marked ones of Markdown', '# Berth plan\nText below it.\n## Winter\nmore', ['Berth plan', 'Winter']],
    ['the first line of a page', 'Notice to skippers\nThe quay is closed on Monday.', ['Notice to skippers']],
    ['short lines alone', 'Dear all,\n\nSafety first\n\nWear your life jacket.\n\nso it goes\n\nend', ['Safety first']],
    ['none in a plain letter', 'Dear Sir, I write to you about the berth that I have had.\nYours', []],
    ['no lines of numbers', '2026 14\n\n12\n\n', []],
  ])('finds %s', (_, page, heads) => {
    expect(headsOf([page])).toEqual(heads)
  })

  it('takes no longer for a line that has many before it', () => {
    const column = Array.from({ length: 200_000 }, () => 'a').join('\n')
    expect(headsOf([column])).toEqual(['a'])
  })

  it('looks at each page, and stops where it is enough', () => {
    expect(headsOf(['One\nx y.', 'Two\nz.'])).toEqual(['One', 'Two'])
    expect(headsOf(Array.from({ length: 500 }, () => 'A heading of some length'))).toHaveLength(83)
  })
})
