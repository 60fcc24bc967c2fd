import { describe, expect, it } from 'vitest'
import type { FolderId, MeaningId, TagId } from '../ids'
import type { Names } from './notation'
import { calledInWords, parseTyped, printRule } from './notation'
import type { Rule } from './rule'

const names: Names = {
  folder: text => (/^1\.2/.test(text) ? ('f12' as FolderId) : null),
  folderText: () => '1.2 Dues',
  tag: text => (text === 'signed' ? ('t1' as TagId) : text === 'urgent' ? ('t2' as TagId) : null),
  tagText: id => ({ t1: 'signed', t2: 'urgent' })[id as string] ?? '',
  meaning: text => (text.toLowerCase() === 'office' ? ('m1' as MeaningId) : null),
  meaningText: () => 'Office',
}
const parse = (text: string) => {
  const typed = parseTyped(text, { typing: false }, names)
  return typed.ok ? typed.rule : typed.why
}

describe(parseTyped, () => {
  it.each<[string, Rule[]]>([
    [
      'berth {type pdf or table}',
      [
        { kind: 'word', text: 'berth', prefix: false },
        { kind: 'type', anyOf: ['pdf', 'table'] },
      ],
    ],
    [
      '{in 1.2 Dues} -{tag signed}',
      [
        { kind: 'place', folderId: 'f12' as FolderId, below: true },
        { kind: 'none', rules: [{ kind: 'tag', anyOf: ['t1' as TagId] }] },
      ],
    ],
    ['{inside 1.2 Dues}', [{ kind: 'place', folderId: 'f12' as FolderId, below: false }]],
    ['{in tray}', [{ kind: 'place', folderId: null, below: true }]],
    ['{changed last 2 weeks}', [{ kind: 'recent', field: 'changed', count: 2, unit: 'week' }]],
    ['{opened last month}', [{ kind: 'recent', field: 'opened', count: 1, unit: 'month' }]],
    [
      '{added 2026-03}',
      [{ kind: 'time', field: 'added', from: '2026-03-01T00:00:00.000Z', before: '2026-04-01T00:00:00.000Z' }],
    ],
    [
      '{dated 2026-12 to 2027}',
      [{ kind: 'time', field: 'dated', from: '2026-12-01T00:00:00.000Z', before: '2028-01-01T00:00:00.000Z' }],
    ],
    [
      '{changed since 2026-02-28}',
      [{ kind: 'time', field: 'changed', from: '2026-02-28T00:00:00.000Z', before: null }],
    ],
    ['{changed before 2026}', [{ kind: 'time', field: 'changed', from: null, before: '2026-01-01T00:00:00.000Z' }]],
    ['{larger 2 MB}', [{ kind: 'size', from: 2_000_000, before: null }]],
    ['{smaller 1.5 KB}', [{ kind: 'size', from: null, before: 1500 }]],
    ['{size 1 MB to 2 GB}', [{ kind: 'size', from: 1_000_000, before: 2_000_000_000 }]],
    ['{colour Office or none}', [{ kind: 'meaning', anyOf: ['m1' as MeaningId, null] }]],
    ['{came by mail or scan}', [{ kind: 'origin', anyOf: ['mail', 'scan'] }]],
    ['{remark Größe}', [{ kind: 'text', field: 'remark', op: 'contains', value: 'grosse' }]],
    ['{name starts berth}', [{ kind: 'text', field: 'name', op: 'starts', value: 'berth' }]],
    [
      '{any {star} {filed several times}}',
      [
        {
          kind: 'any',
          rules: [
            { kind: 'star', on: true },
            { kind: 'filed', anyOf: ['several'] },
          ],
        },
      ],
    ],
    [
      '{no tags} {same bytes} {without words or not readable}',
      [{ kind: 'empty', field: 'tags' }, { kind: 'twin' }, { kind: 'reading', anyOf: ['wordless', 'failed'] }],
    ],
    ['{language German', [{ kind: 'language', anyOf: ['de'] }]],
  ])('reads %j', (text, rules) => {
    expect(parse(text)).toEqual({ kind: 'all', rules })
  })

  it.each([
    ['{tag nowhere}', 'there is no tag “nowhere”'],
    ['{type}', 'say which type: {type …}'],
    ['{larger much}', 'write sizes as {larger 2 MB}'],
    [
      '{changed soon}',
      'write times as {changed last 2 weeks}, {changed since 2026-03-01} or {changed 2026-03 to 2026-05}',
    ],
    ['{wrong thing}', '“{wrong …}” is not understood'],
    ['{remark}', 'say what the remark contains: {remark contains …}'],
  ])('says what of %j it does not understand', (text, why) => {
    expect(parse(text)).toBe(why)
  })
})

describe(printRule, () => {
  it.each([
    'berth lea* "shore power"',
    '{type pdf or table} -{tag signed or urgent}',
    '{in 1.2 Dues} {inside 1.2 Dues} {in tray}',
    '{changed last 2 weeks} {opened last 1 month}',
    '{changed 2026-03-01 to 2026-03-31} {dated on 2026-02-28} {added since 2026-01-01} {opened before 2026-01-01}',
    '{larger 2 MB} {smaller 1.5 KB} {size 1 MB to 2 GB}',
    '{any {star} {all word {no star}}} {none {twice} {never opened}}'.replace('{twice} ', '{filed once} '),
    '{colour Office or none} {came by mail or scan} {language German or French} {remark contains paid}',
    '{same bytes} {read or never read} {no remark}',
  ])('writes %s as it was typed', text => {
    const rule = parse(text)
    expect(typeof rule === 'string' ? rule : printRule(rule, names)).toBe(text)
  })
})

describe(calledInWords, () => {
  it.each([
    ['berth lease', 'berth lease'],
    ['lease {type pdf} -{tag signed}', 'lease, type pdf, not tag signed'],
    ['{any {star} {tag urgent}}', 'any of star or tag urgent'],
    ['{none {star} {all word {no star}}}', 'none of star or all of word and no star'],
    ['', ''],
  ])('calls %j %j', (notation, words) => {
    expect(calledInWords(notation)).toBe(words)
  })
})
