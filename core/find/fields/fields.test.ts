import { describe, expect, it } from 'vitest'
import type { TagId } from '../../ids'
import { parseTyped, printRule } from '../notation'
import { tryReadRule } from '../readRule'
import type { Rule } from '../rule'
import type { Names } from './field'
import { FACETS, fieldOf, FIELDS } from './registry'

const TAG = '0190a0f0-0000-7000-8000-000000000001' as TagId
const names: Names = {
  folder: () => null,
  folderText: () => '',
  tag: text => (text === 'urgent' ? TAG : null),
  tagText: () => 'urgent',
  meaning: () => null,
  meaningText: () => '',
}

describe.each(FIELDS.map(field => [field.name, field] as const))('the field %s', (_, field) => {
  const fresh = field.fresh()

  it('knows its own rules, and reads them from JSON as they were', () => {
    expect(fieldOf(fresh)?.key).toBe(field.key)
    expect(tryReadRule(JSON.parse(JSON.stringify(fresh)))).toEqual({ ok: true, rule: fresh })
  })

  it('reads in the notation what it prints', () => {
    if (!field.isComplete(fresh) || field.key === 'word') return
    const text = printRule(fresh, names)
    expect(parseTyped(text, { typing: false }, names)).toEqual({ ok: true, rule: { kind: 'all', rules: [fresh] } })
  })
})

describe('the fields', () => {
  it('have keys and rules of their own', () => {
    const [keys, rules] = [FIELDS.map(({ key }) => key), FIELDS.flatMap(field => field.rules)]
    expect([new Set(keys).size, new Set(rules).size]).toEqual([keys.length, rules.length])
  })

  it('are asked only when they say something', () => {
    const silent = FIELDS.filter(field => !field.isComplete(field.fresh())).map(({ key }) => key)
    expect(silent).toEqual(['word', 'inside', 'name', 'tag', 'sender', 'author', 'remark', 'number'])
  })
})

describe.each([
  ['{format odt or .DOCX}', { kind: 'format', anyOf: ['odt', 'docx'] }],
  ['{author is Maria Lund}', { kind: 'text', field: 'author', op: 'is', value: 'maria lund' }],
  ['{text Shore Power}', { kind: 'inside', words: ['shore', 'power'] }],
  ['{no author}', { kind: 'empty', field: 'author' }],
  ['{no star}', { kind: 'star', on: false }],
  ['{came by mail or scan}', { kind: 'origin', anyOf: ['mail', 'scan'] }],
] as const satisfies readonly (readonly [string, Rule])[])('%s', (text, rule) => {
  it('is read', () => {
    expect(parseTyped(text, { typing: false }, names)).toEqual({ ok: true, rule: { kind: 'all', rules: [rule] } })
  })
})

describe.each([
  ['{format o.d.t}', 'there is no format “o.d.t”'],
  ['{format}', 'say which format: {format …}'],
  ['{text}', 'say which words stand inside: {text …}'],
  ['{tag gone}', 'there is no tag “gone”'],
  ['{luck}', '“{luck}” is not understood'],
])('%s', (text, why) => {
  it('is said not to be understood', () => {
    expect(parseTyped(text, { typing: false }, names)).toEqual({ ok: false, why })
  })
})

describe('the facets', () => {
  it('stand in the panel in an order of their own, with names in the URL that no other has', () => {
    const [orders, params] = [FACETS.map(({ order }) => order), FACETS.flatMap(facet => facet.params)]
    expect([new Set(orders).size, new Set(params).size]).toEqual([orders.length, params.length])
  })

  it.each(FACETS.map(facet => [facet.key, facet] as const))('%s asks nothing where nothing is chosen', (_, facet) => {
    expect(facet.rules(facet.none)).toEqual([])
    expect(facet.read(() => '')).toEqual(facet.none)
    expect(Object.values(facet.print(facet.none)).every(text => text === '')).toBe(true)
  })
})
