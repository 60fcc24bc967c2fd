import { describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { FolderId } from '../ids'
import type { Asked } from './asked'
import { isNarrowed, NOTHING_ASKED, readAsked, ruleOf, writeAsked } from './asked'
import { narrowingRules, NOT_NARROWED } from './narrowing'
import { addPart, partsOf, unwrapPart, withoutPart, wrapPart } from './parts'
import { DEPTH_LIMIT, RULES_LIMIT, tryReadRule } from './readRule'
import type { Rule } from './rule'
import { STARTERS } from './starters'

const folder = v7() as FolderId
const ASKED: Asked = {
  q: 'berth -old', rule: { kind: 'any', rules: [{ kind: 'star', on: true }, { kind: 'recent', field: 'opened', count: 3, unit: 'week' }] }, sort: 'name', descending: false, group: 'type',
  narrowing: { ...NOT_NARROWED, types: { any: ['pdf'], without: ['mail'] }, places: { any: ['in-tray', folder], without: [] }, languages: { any: [], without: ['none'] }, span: { field: 'added', from: null, before: null, last: { count: 2, unit: 'month' } }, starred: false },
}

describe(readAsked, () => {
  it('gives what was written', () => {
    expect(readAsked(writeAsked(ASKED))).toEqual({ ok: true, asked: ASKED })
    expect(writeAsked(NOTHING_ASKED)).toEqual({})
    expect(readAsked({})).toEqual({ ok: true, asked: NOTHING_ASKED })
  })

  it('passes over values that are not known, and says what is wrong with a rule', () => {
    expect(readAsked({ types: 'pdf,films,-pdf', sort: 'luck', star: 'maybe', places: 'nowhere', last: 'soon', from: 'yesterday' })).toMatchObject({ asked: { sort: 'best', narrowing: { types: { any: ['pdf'], without: [] }, starred: null, span: null, places: { any: [] } } } })
    expect(readAsked({ rule: '{"kind":"all"' })).toEqual({ ok: false, why: 'it is cut off or damaged' })
    expect(readAsked({ rule: '{"kind":"colour"}' })).toEqual({ ok: false, why: 'one of its rules is not known' })
  })
})

describe('the searches that a plan begins with', () => {
  it.each(STARTERS.map(({ name, query }) => [name, query] as const))('%s is understood and asks something', (_, query) => {
    const read = readAsked(query)
    expect(read.ok && isNarrowed(read.asked)).toBe(true)
    expect(read.ok && writeAsked(read.asked)).toEqual(query)
  })
})

describe(ruleOf, () => {
  it('puts words, what narrows and rules together', () => {
    expect(ruleOf({ q: 'berth', narrowing: { ...NOT_NARROWED, starred: true }, rule: { kind: 'twin' } }, { typing: false })).toEqual({ kind: 'all', rules: [{ kind: 'word', text: 'berth', prefix: false }, { kind: 'star', on: true }, { kind: 'twin' }] })
  })

  it('knows whether anything but words is asked', () => {
    expect([isNarrowed(NOTHING_ASKED), isNarrowed(ASKED), isNarrowed({ ...NOTHING_ASKED, narrowing: { ...NOT_NARROWED, span: { field: 'added', from: null, before: null, last: null } } })]).toEqual([false, true, false])
  })
})

describe(narrowingRules, () => {
  it('widens in a group, narrows by groups, and leaves out', () => {
    expect(narrowingRules(ASKED.narrowing)).toEqual([
      { kind: 'type', anyOf: ['pdf'] }, { kind: 'none', rules: [{ kind: 'type', anyOf: ['mail'] }] },
      { kind: 'any', rules: [{ kind: 'place', folderId: null, below: true }, { kind: 'place', folderId: folder, below: true }] },
      { kind: 'none', rules: [{ kind: 'empty', field: 'language' }] }, { kind: 'recent', field: 'added', count: 2, unit: 'month' }, { kind: 'star', on: false },
    ])
    expect(narrowingRules({ ...NOT_NARROWED, starred: true }, 'starred')).toEqual([])
  })
})

describe(tryReadRule, () => {
  const deep = (depth: number): Rule => (depth === 0 ? { kind: 'twin' } : { kind: 'all', rules: [deep(depth - 1)] })

  it('folds texts and keeps what is sound', () => {
    expect(tryReadRule({ kind: 'text', field: 'name', op: 'is', value: 'Größe, B7', other: 1 })).toEqual({ ok: true, rule: { kind: 'text', field: 'name', op: 'is', value: 'grosse b7' } })
    expect(tryReadRule(deep(DEPTH_LIMIT))).toEqual({ ok: true, rule: deep(DEPTH_LIMIT) })
  })

  it.each<[unknown]>([
    [null], [{ kind: 'all' }], [{ kind: 'word', text: 'two words' }], [{ kind: 'place', folderId: 'x' }], [{ kind: 'time', field: 'changed', from: 'soon' }], [{ kind: 'time', field: 'changed', from: '+200000-01-01T00:00:00.000Z' }], [{ kind: 'size', from: -1, before: null }], [{ kind: 'type', anyOf: ['film'] }], [{ kind: 'text', field: 'body', op: 'is', value: '' }],
    [deep(DEPTH_LIMIT + 1)], [{ kind: 'any', rules: Array.from({ length: RULES_LIMIT + 1 }, () => ({ kind: 'twin' })) }], [{ kind: 'word', text: 'x'.repeat(501) }],
  ])('refuses %j in words', (value) => {
    expect(tryReadRule(value)).toMatchObject({ ok: false, why: expect.stringMatching(/\w+ \w+/) as string })
  })
})

describe('the parts of a rule', () => {
  const star: Rule = { kind: 'star', on: true }
  const twin: Rule = { kind: 'twin' }
  const rule: Rule = { kind: 'all', rules: [star, { kind: 'any', rules: [twin, star] }] }

  it('are named by their place', () => {
    expect(partsOf(rule).map(({ path, rule: part }) => `${path} ${part.kind}`)).toEqual([' all', '0 star', '1 any', '1.0 twin', '1.1 star'])
  })

  it('are wrapped, unwrapped, added and dropped without touching the others', () => {
    const wrapped = wrapPart(rule, '0', 'none')
    expect(wrapped).toEqual({ kind: 'all', rules: [{ kind: 'none', rules: [star] }, { kind: 'any', rules: [twin, star] }] })
    expect(unwrapPart(wrapped, '0')).toEqual(rule)
    expect(unwrapPart(rule, '1')).toEqual({ kind: 'all', rules: [star, twin, star] })
    expect(withoutPart(rule, '1.0')).toEqual({ kind: 'all', rules: [star, { kind: 'any', rules: [star] }] })
    expect(addPart(rule, '1', twin)).toEqual({ kind: 'all', rules: [star, { kind: 'any', rules: [twin, star, twin] }] })
    expect([withoutPart(rule, ''), withoutPart(rule, '7')]).toEqual([null, rule])
  })
})
