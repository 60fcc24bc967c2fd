import { describe, expect, it } from 'vitest'
import { bucketOf, isBeginningLocated, locate, LONG_FROM_PAGES } from './located'

const pages = (count: number, text: (page: number) => string) =>
  Array.from({ length: count }, (_, index) => text(index + 1))

describe(locate, () => {
  it('says on which pages each word and its stem stands', () => {
    const buckets = locate(
      pages(LONG_FROM_PAGES, page => (page % 2 === 0 ? 'leases of the quay' : 'rope')),
      'en',
    )
    const words = buckets.map(({ words: all }) => all).join(' ')
    expect(words).toContain("'leases':2,4,6,8,10,12")
    expect(words).toContain("'.leas':2,4,6,8,10,12")
    expect(words).toContain("'rope':1,3,5,7,9,11,13")
  })

  it('leaves short documents out, and pages of a word that no vector can hold', () => {
    expect(
      locate(
        pages(LONG_FROM_PAGES - 1, () => 'rope'),
        null,
      ),
    ).toEqual([])
    const [first] = locate(
      pages(400, () => 'rope'),
      'en',
    ).filter(({ words }) => words.includes("'rope'"))
    expect(/'rope':([\d,]+)/.exec(first?.words ?? '')?.[1]?.split(',')).toHaveLength(255)
  })

  it('puts words that begin alike, and their stems, into one bucket', () => {
    expect([bucketOf('leases'), bucketOf('.leas')]).toEqual([bucketOf('lea'), bucketOf('lea')])
    expect([isBeginningLocated('le'), isBeginningLocated('lea')]).toEqual([false, true])
  })
})
