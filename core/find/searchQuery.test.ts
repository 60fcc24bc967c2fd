import { describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { FolderId } from '../ids'
import type { SearchQuery } from './searchQuery'
import { hasFacets, EMPTY_QUERY, parseSearchQuery, ruleOf, printSearchQuery } from './searchQuery'
import { facetRules, NO_FACETS, rulesOfFacet, withoutFacet } from './facetSelection'
import { addPart, partsOf, unwrapPart, withoutPart, wrapPart } from './parts'
import { DEPTH_LIMIT, RULES_LIMIT, tryReadRule } from './readRule'
import type { Rule } from './rule'
import { ORIGINS } from '../rows/index'
import { READY_VIEWS } from './readyViews'
import { STARTERS } from './starters'

const folder = v7() as FolderId
const ASKED: SearchQuery = {
  q: 'berth -old',
  rule: {
    kind: 'any',
    rules: [
      { kind: 'star', on: true },
      { kind: 'recent', field: 'opened', count: 3, unit: 'week' },
    ],
  },
  sort: 'name',
  descending: false,
  group: 'type',
  facets: {
    ...NO_FACETS,
    types: { any: ['pdf'], without: ['mail'] },
    places: { any: ['in-tray', folder], without: [] },
    languages: { any: [], without: ['none'] },
    span: { field: 'added', from: null, before: null, last: { count: 2, unit: 'month' } },
    starred: false,
  },
}

describe(parseSearchQuery, () => {
  it('gives what was written', () => {
    expect(parseSearchQuery(printSearchQuery(ASKED))).toEqual({ ok: true, request: ASKED })
    expect(printSearchQuery(EMPTY_QUERY)).toEqual({})
    expect(parseSearchQuery({})).toEqual({ ok: true, request: EMPTY_QUERY })
  })

  it('passes over values that are not known, and says what is wrong with a rule', () => {
    expect(
      parseSearchQuery({
        types: 'pdf,films,-pdf',
        sort: 'luck',
        star: 'maybe',
        places: 'nowhere',
        last: 'soon',
        from: 'yesterday',
      }),
    ).toMatchObject({
      request: {
        sort: 'best',
        facets: { types: { any: ['pdf'], without: [] }, starred: null, span: null, places: { any: [] } },
      },
    })
    expect(parseSearchQuery({ rule: '{"kind":"all"' })).toEqual({ ok: false, why: 'it is cut off or damaged' })
    expect(parseSearchQuery({ rule: '{"kind":"colour"}' })).toEqual({ ok: false, why: 'one of its rules is not known' })
  })
})

describe('the searches that a plan begins with', () => {
  it.each(STARTERS.map(({ name, query }) => [name, query] as const))(
    '%s is understood and asks something',
    (_, query) => {
      const read = parseSearchQuery(query)
      expect(read.ok && hasFacets(read.request)).toBe(true)
      expect(read.ok && printSearchQuery(read.request)).toEqual(query)
    },
  )
})

describe('the views that everybody has', () => {
  it('are understood; but for everything, each asks for some ways in, and together for all of them', () => {
    const read = READY_VIEWS.map(({ query }) => parseSearchQuery(query))
    expect(read.map(one => one.ok && hasFacets(one.request))).toEqual([false, true, true])
    expect(READY_VIEWS.flatMap(({ query }) => query.ways?.split(',') ?? []).sort()).toEqual([...ORIGINS].sort())
  })
})

describe(ruleOf, () => {
  it('puts words, what narrows and rules together', () => {
    expect(
      ruleOf({ q: 'berth', facets: { ...NO_FACETS, starred: true }, rule: { kind: 'twin' } }, { typing: false }),
    ).toEqual({
      kind: 'all',
      rules: [{ kind: 'word', text: 'berth', prefix: false }, { kind: 'star', on: true }, { kind: 'twin' }],
    })
  })

  it('knows whether anything but words is asked', () => {
    expect([
      hasFacets(EMPTY_QUERY),
      hasFacets(ASKED),
      hasFacets({
        ...EMPTY_QUERY,
        facets: { ...NO_FACETS, span: { field: 'added', from: null, before: null, last: null } },
      }),
    ]).toEqual([false, true, false])
  })
})

describe(facetRules, () => {
  it('widens in a group, narrows by groups, and leaves out', () => {
    expect(facetRules(ASKED.facets)).toEqual([
      {
        kind: 'any',
        rules: [
          { kind: 'place', folderId: null, below: true },
          { kind: 'place', folderId: folder, below: true },
        ],
      },
      { kind: 'type', anyOf: ['pdf'] },
      { kind: 'none', rules: [{ kind: 'type', anyOf: ['mail'] }] },
      { kind: 'recent', field: 'added', count: 2, unit: 'month' },
      { kind: 'star', on: false },
      { kind: 'none', rules: [{ kind: 'empty', field: 'language' }] },
    ])
    expect(rulesOfFacet(ASKED.facets, 'starred')).toEqual([{ kind: 'star', on: false }])
    expect(facetRules(withoutFacet({ ...NO_FACETS, starred: true }, 'starred'))).toEqual([])
  })
})

describe(tryReadRule, () => {
  const deep = (depth: number): Rule => (depth === 0 ? { kind: 'twin' } : { kind: 'all', rules: [deep(depth - 1)] })

  it('folds texts and keeps what is sound', () => {
    expect(tryReadRule({ kind: 'text', field: 'name', op: 'is', value: 'Größe, B7', other: 1 })).toEqual({
      ok: true,
      rule: { kind: 'text', field: 'name', op: 'is', value: 'grosse b7' },
    })
    expect(tryReadRule(deep(DEPTH_LIMIT))).toEqual({ ok: true, rule: deep(DEPTH_LIMIT) })
  })

  it.each<[unknown]>([
    [null],
    [{ kind: 'all' }],
    [{ kind: 'word', text: 'two words' }],
    [{ kind: 'place', folderId: 'x' }],
    [{ kind: 'time', field: 'changed', from: 'soon' }],
    [{ kind: 'time', field: 'changed', from: '+200000-01-01T00:00:00.000Z' }],
    [{ kind: 'size', from: -1, before: null }],
    [{ kind: 'type', anyOf: ['film'] }],
    [{ kind: 'text', field: 'body', op: 'is', value: '' }],
    [deep(DEPTH_LIMIT + 1)],
    [{ kind: 'any', rules: Array.from({ length: RULES_LIMIT + 1 }, () => ({ kind: 'twin' })) }],
    [{ kind: 'word', text: 'x'.repeat(501) }],
  ])('refuses %j in words', value => {
    expect(tryReadRule(value)).toMatchObject({ ok: false, why: expect.stringMatching(/\w+ \w+/) as string })
  })
})

describe('the parts of a rule', () => {
  const star: Rule = { kind: 'star', on: true }
  const twin: Rule = { kind: 'twin' }
  const rule: Rule = { kind: 'all', rules: [star, { kind: 'any', rules: [twin, star] }] }

  it('are named by their place', () => {
    expect(partsOf(rule).map(({ path, rule: part }) => `${path} ${part.kind}`)).toEqual([
      ' all',
      '0 star',
      '1 any',
      '1.0 twin',
      '1.1 star',
    ])
  })

  it('are wrapped, unwrapped, added and dropped without touching the others', () => {
    const wrapped = wrapPart(rule, '0', 'none')
    expect(wrapped).toEqual({
      kind: 'all',
      rules: [
        { kind: 'none', rules: [star] },
        { kind: 'any', rules: [twin, star] },
      ],
    })
    expect(unwrapPart(wrapped, '0')).toEqual(rule)
    expect(unwrapPart(rule, '1')).toEqual({ kind: 'all', rules: [star, twin, star] })
    expect(withoutPart(rule, '1.0')).toEqual({ kind: 'all', rules: [star, { kind: 'any', rules: [star] }] })
    expect(addPart(rule, '1', twin)).toEqual({ kind: 'all', rules: [star, { kind: 'any', rules: [twin, star, twin] }] })
    expect([withoutPart(rule, ''), withoutPart(rule, '7')]).toEqual([null, rule])
  })
})
