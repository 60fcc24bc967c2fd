import { describe, expect, it } from 'vitest'
import { EMPTY_QUERY, NO_FACETS } from './index'
import type { SearchQuery } from './index'
import { relaxed, LOOSENED_MOST } from './relaxQuery'

const offers = (request: Partial<SearchQuery>) =>
  relaxed({ ...EMPTY_QUERY, ...request }).map(({ what, request: { q } }) => [
    'text' in what ? `${what.kind} ${what.text}` : 'group' in what ? what.group : what.kind,
    q,
  ])

describe(relaxed, () => {
  it('leaves out one word after the other', () => {
    expect(offers({ q: 'berth  lease' })).toEqual([
      ['word berth', 'lease'],
      ['word lease', 'berth'],
    ])
  })

  it('takes the words of a phrase apart before it leaves the phrase out', () => {
    expect(offers({ q: '“quay office” keys' })).toEqual([
      ['apart quay office', 'quay office keys'],
      ['word quay office', 'keys'],
      ['word keys', '“quay office”'],
    ])
    expect(offers({ q: '"quay office' })).toEqual([['apart quay office', 'quay office']])
    // One word in quotes has no words to take apart.
    expect(offers({ q: '"quay" keys' })).toEqual([
      ['word quay', 'keys'],
      ['word keys', '"quay"'],
    ])
  })

  it('no longer leaves out what is left out', () => {
    expect(offers({ q: 'berth -lease' })).toEqual([['leftOut lease', 'berth']])
    expect(offers({ q: 'berth -"quay office"' })).toEqual([['leftOut quay office', 'berth']])
  })

  it('never offers to ask for nothing, nor only for what is left out', () => {
    expect(offers({ q: 'berth' })).toEqual([])
    expect(offers({ q: '' })).toEqual([])
    expect(offers({ q: '- * "" ?' })).toEqual([])
    expect(offers({ facets: { ...NO_FACETS, starred: true } })).toEqual([])
  })

  it('drops each group of what narrows, and the rules', () => {
    const rule = { kind: 'type', anyOf: ['pdf'] } as const
    const request = {
      ...EMPTY_QUERY,
      q: 'berth',
      rule,
      facets: {
        ...NO_FACETS,
        types: { any: ['pdf'], without: [] },
        starred: false,
        span: { field: 'changed', from: null, before: null, last: { count: 2, unit: 'week' } },
      },
    } as const satisfies SearchQuery
    expect(offers(request).map(([what]) => what)).toEqual(['word berth', 'types', 'span', 'starred', 'rules'])
    const [, types] = relaxed(request)
    expect(types?.request).toEqual({ ...request, facets: { ...request.facets, types: { any: [], without: [] } } })
  })

  it('is bounded for long texts', () => {
    expect(offers({ q: 'a b c d e f g h i j k l m n o p q r s t' })).toHaveLength(LOOSENED_MOST)
  })
})
