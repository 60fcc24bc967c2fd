import { describe, expect, it } from 'vitest'
import type { FolderId } from '../ids'
import type { Compiled } from './compile'
import { compile } from './compile'
import { findFolders } from './folders'
import { isOnlyWithout, parseQuery, termsIn } from './parse'
import type { Rule, MatchContext } from './rule'
import { recentFrom } from './fields/timeField'

const all = (...rules: Rule[]): Rule => ({ kind: 'all', rules })
const word = (text: string, prefix = false): Rule => ({ kind: 'word', text, prefix })

/** However the statement is broken into lines. */
function oneLine({ text, params }: Compiled): Pick<Compiled, 'text' | 'params'> {
  return { text: text.replaceAll(/\s+/g, ' '), params }
}

describe(parseQuery, () => {
  const parse = (text: string) => parseQuery(text, { typing: false })

  it.each<[string, Rule]>([
    ['berth lease', all(word('berth'), word('lease'))],
    ['"shore power" lease', all({ kind: 'phrase', words: ['shore', 'power'] }, word('lease'))],
    ['“shore power”', all({ kind: 'phrase', words: ['shore', 'power'] })],
    ['moor*', all(word('moor', true))],
    ['berth -signed', all(word('berth'), { kind: 'none', rules: [word('signed')] })],
    ['"lease"', all({ kind: 'phrase', words: ['lease'] })],
    [
      'berth -"shore power"',
      all(word('berth'), { kind: 'none', rules: [{ kind: 'phrase', words: ['shore', 'power'] }] }),
    ],
    ['Größe', all(word('grosse'))],
    ['"unclosed words', all({ kind: 'phrase', words: ['unclosed', 'words'] })],
    ['2026-10', all(word('2026'), word('10'))],
    ['& | :*', all()],
    ['', all()],
  ])('reads %j', (text, rule) => {
    expect(parse(text)).toEqual(rule)
  })

  it('takes the last word as a beginning while it is typed, until a blank follows', () => {
    expect(parseQuery('berth lea', { typing: true })).toEqual(all(word('berth'), word('lea', true)))
    expect(parseQuery('berth lea ', { typing: true })).toEqual(all(word('berth'), word('lea')))
  })
})

describe(termsIn, () => {
  it('gives the words that must be there, not those to leave out', () => {
    expect(termsIn(parseQuery('berth "shore power" -old', { typing: false })).map(({ text }) => text)).toEqual([
      'berth',
      'shore',
      'power',
    ])
  })
})

describe(isOnlyWithout, () => {
  it('tells a search that would list almost everything', () => {
    expect([
      isOnlyWithout(parseQuery('-old', { typing: false })),
      isOnlyWithout(parseQuery('new -old', { typing: false })),
      isOnlyWithout(all()),
    ]).toEqual([true, false, false])
  })
})

describe(compile, () => {
  const matchContext: MatchContext = {
    below: () => ['f1', 'f2'] as FolderId[],
    meaningOf: () => null,
    coloured: () => ['f2'] as FolderId[],
    now: '2026-03-31T12:00:00.000Z',
  }

  it('puts words that must all be there into one tsquery, and values into parameters', () => {
    expect(
      oneLine(compile(all(word('berth'), word('lea', true), { kind: 'star', on: true }), matchContext, 6)),
    ).toEqual({
      text:
        '(s.words @@ $6::tsquery AND EXISTS (SELECT FROM star WHERE star.plan_id = s.plan_id AND star.id = ' +
        's.document_id))',
      params: [`'.berth' & ('lea':* | '.lea' | '.le')`],
    })
  })

  it('numbers parameters through nested groups', () => {
    const rule = all(
      { kind: 'any', rules: [word('a'), { kind: 'place', folderId: 'f1' as FolderId, below: true }] },
      { kind: 'none', rules: [word('b')] },
    )
    expect(oneLine(compile(rule, matchContext, 2))).toEqual({
      text:
        '((s.words @@ $2::tsquery OR EXISTS (SELECT FROM placement p WHERE p.document_id = s.document_id AND ' +
        '(p.plan_id = s.plan_id) IS TRUE AND p.folder_id = ANY($3::uuid[]))) AND NOT (s.words @@ $4::tsquery))',
      params: ["'a'", ['f1', 'f2'], "'b'"],
    })
  })

  it('says what empty groups mean', () => {
    const text = (kind: 'all' | 'any' | 'none') => compile({ kind, rules: [] }, matchContext, 1).text
    expect([text('all'), text('any'), text('none')]).toEqual(['true', 'false', 'true'])
  })
})

describe(findFolders, () => {
  const folders = [
    ['1', 'quay office'],
    ['1.1', 'berth leases'],
    ['2', 'ropework class'],
    ['2.3', 'attendance'],
    ['2.3.1', 'lists'],
  ].map(([code = '', folded = '']) => ({ id: folded as FolderId, code, folded }))
  const found = (typed: string) => findFolders(folders, typed, 5).map(folder => folder.code)

  it.each([
    ['2.3', ['2.3', '2.3.1']],
    ['lease', ['1.1']],
    ['off', ['1']],
    ['berht leases', ['1.1']],
    ['atendance', ['2.3']],
    ['2.3 att', ['2.3']],
    ['zzz', []],
    ['', []],
  ])('finds %j', (typed, codes) => {
    expect(found(typed)).toEqual(codes)
  })
})

describe('a condition of one field', () => {
  const matchContext: MatchContext = {
    below: () => [],
    meaningOf: () => null,
    coloured: () => ['f2'] as FolderId[],
    now: '2026-03-31T12:00:00.000Z',
  }

  it.each<[Rule, string, unknown[]]>([
    [{ kind: 'text', field: 'remark', op: 'contains', value: 'paid' }, 'd.remark_folded LIKE $1::text', ['%paid%']],
    [{ kind: 'text', field: 'name', op: 'is', value: 'berth plan' }, 'd.folded = $1::text', ['berth plan']],
    [
      { kind: 'time', field: 'dated', from: '2026-01-01T00:00:00.000Z', before: null },
      '(s.dated_at IS NOT NULL AND s.dated_at >= $1::timestamptz)',
      ['2026-01-01T00:00:00.000Z'],
    ],
    [
      { kind: 'recent', field: 'opened', count: 1, unit: 'month' },
      'EXISTS (SELECT FROM visit v WHERE v.document_id = s.document_id AND (v.plan_id = s.plan_id) IS TRUE AND ' +
        '(v.at >= $1::timestamptz))',
      ['2026-02-28T12:00:00.000Z'],
    ],
    [{ kind: 'size', from: 10, before: 20 }, '(s.size >= $1::bigint AND s.size < $2::bigint)', [10, 20]],
    [
      { kind: 'empty', field: 'tags' },
      'NOT EXISTS (SELECT FROM tagging g WHERE g.target_id = s.document_id AND (g.plan_id = s.plan_id) IS TRUE)',
      [],
    ],
  ])('%j', (rule, text, params) => {
    expect(oneLine(compile(rule, matchContext, 1))).toEqual({ text, params })
  })
})

describe(recentFrom, () => {
  it.each<[number, 'day' | 'week' | 'month', string]>([
    [3, 'day', '2026-03-28'],
    [2, 'week', '2026-03-17'],
    [1, 'month', '2026-02-28'],
    [13, 'month', '2025-02-28'],
  ])('goes back %i %s', (count, unit, day) => {
    expect(recentFrom('2026-03-31T12:00:00.000Z', count, unit).slice(0, 10)).toBe(day)
  })
})
