import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import { dateIn } from '../dates/index'
import type { FolderId } from '../ids'
import type { Numbering, NumberedPlan } from '../numbering/index'
import { NUMBER_STYLES, numberTree, paddedCodes, PLAIN_NUMBERING } from '../numbering/index'
import type { FolderRow } from '../rows/index'
import { childrenOf } from '../tree/index'
import { arrangedRows, placedRows, RENUMBER_MODES } from './index'
import { newFolder } from './newFolder'

const id = (text: string) => text as FolderId
const row = (name: string, orderKey: string, more: Partial<FolderRow> = {}) =>
  newFolder({ id: id(name), parentId: null, name, orderKey, ...more }, { now: '' })
const PLAN: NumberedPlan = { numbering: PLAIN_NUMBERING, childOrder: 'number' }
const TENS: NumberedPlan = { numbering: { ...PLAIN_NUMBERING, start: 10, step: 10 }, childOrder: 'number' }
const mapOf = (rows: readonly FolderRow[]) => new Map(rows.map(one => [one.id as string, one]))
const shown = (plan: NumberedPlan, rows: Iterable<FolderRow>, parent: FolderId | null = null) => {
  const { tree, codes } = numberTree(plan, rows, 'en')
  return childrenOf(tree, parent).map(folder => `${codes.get(folder.id)?.code ?? ''} ${folder.name}`)
}

function place(
  plan: NumberedPlan,
  rows: readonly FolderRow[],
  ids: string[],
  before: string | null,
  parentId: string | null = null,
) {
  const placed = placedRows(
    plan,
    mapOf(rows),
    ids.map(id),
    { parentId: parentId === null ? null : id(parentId), before: before === null ? null : id(before) },
    'en',
  )
  if (!placed.ok) return placed.code
  return shown(plan, new Map([...mapOf(rows), ...mapOf(placed.rows)]).values(), parentId === null ? null : id(parentId))
}

describe(placedRows, () => {
  const rows = [row('A', 'a0'), row('B', 'a1'), row('C', 'a2')]

  it('lets running numbers follow', () => {
    expect(place(PLAN, rows, ['C'], 'A')).toEqual(['1 C', '2 A', '3 B'])
    expect(place(PLAN, rows, ['A'], null)).toEqual(['1 B', '2 C', '3 A'])
  })

  it('gives 25 between 20 and 30, and the others keep theirs', () => {
    expect(place(TENS, [...rows, row('D', 'a3')], ['D'], 'C')).toEqual(['10 A', '20 B', '25 D', '30 C'])
    expect(place(TENS, rows, ['C'], 'A')).toEqual(['5 C', '10 A', '20 B'])
  })

  it('says when there is no number in between', () => {
    const tight = [row('A', 'a0', { number: 10 }), row('B', 'a1', { number: 11 }), row('C', 'a2', { number: 30 })]
    expect(place(TENS, tight, ['C'], 'B')).toBe('number.noRoom')
  })

  it('keeps a number that is held fixed, and says so when it stands in the way', () => {
    const fixed = [...rows, row('D', 'a3', { number: 9, numberFixed: true })]
    expect(place(PLAN, fixed, ['D'], 'A')).toEqual(['9 D', '10 A', '11 B', '12 C'])
    expect(
      place(PLAN, [row('A', 'a0', { number: 3 }), row('D', 'a3', { number: 9, numberFixed: true })], ['D'], 'A'),
    ).toBe('number.fixed')
    expect(place(PLAN, fixed, ['A'], 'D')).toEqual(['1 B', '2 C', '3 A', '9 D'])
  })

  it('keeps several together in the order given, also from another folder', () => {
    const nested = [...rows, row('X', 'a0', { parentId: id('A') }), row('Y', 'a1', { parentId: id('A') })]
    expect(place(PLAN, nested, ['X', 'Y'], 'B')).toEqual(['1 A', '2 X', '3 Y', '4 B', '5 C'])
    expect(place(PLAN, nested, ['A'], null, 'X')).toBe('folder.intoItself')
  })

  it('does not fight an order by name', () => {
    const byName = { ...PLAN, childOrder: 'name' as const }
    expect(place(byName, rows, ['C'], 'A')).toBe('order.itself')
    expect(place(byName, [...rows, row('X', 'a0', { parentId: id('A') })], ['X'], 'A')).toEqual([
      '1 A',
      '2 B',
      '3 C',
      '4 X',
    ])
  })
})

describe(arrangedRows, () => {
  const rows = [
    row('Week 10', 'a0', { number: 3 }),
    row('Week 2', 'a1', { number: 7 }),
    row('Week 1', 'a2', { number: 90, numberFixed: true }),
  ]
  const arranged = (renumber: (typeof RENUMBER_MODES)[number], given = rows, plan = PLAN) => {
    const result = arrangedRows(plan, given, { id: null, numbering: null, order: 'number', renumber, deep: true }, 'en')
    return shown(result.plan, result.folders)
  }

  it.each([
    ['keep', ['3 Week 10', '7 Week 2', '90 Week 1']],
    ['close', ['1 Week 10', '2 Week 2', '90 Week 1']],
    ['spread', ['10 Week 10', '20 Week 2', '90 Week 1']],
    ['name', ['90 Week 1', '91 Week 2', '92 Week 10']],
  ] as const)('%s', (mode, expected) => expect(arranged(mode)).toEqual(expected))

  it('follows the dates in names', () => {
    expect(
      arranged('dates', [
        row('Minutes of 3 May 2026', 'a0'),
        row('No date', 'a1'),
        row('2025 review', 'a2'),
        row('12.4.2026', 'a3'),
      ]),
    ).toEqual(['1 2025 review', '2 12.4.2026', '3 Minutes of 3 May 2026', '4 No date'])
  })

  it('writes running numbers down, so that they stay when one goes', () => {
    const kept = arrangedRows(
      PLAN,
      [row('A', 'a0'), row('B', 'a1')],
      { id: null, numbering: null, order: 'number', renumber: 'keep', deep: false },
      'en',
    )
    expect(
      shown(
        PLAN,
        kept.folders.filter(folder => folder.name !== 'A'),
      ),
    ).toEqual(['2 B'])
  })

  it('sets a scheme where it is inherited from, not on every level', () => {
    const nested = [row('A', 'a0'), row('b', 'a0', { parentId: id('A') }), row('c', 'a0', { parentId: id('b') })]
    const { plan, folders } = arrangedRows(
      PLAN,
      nested,
      { id: null, numbering: null, order: 'number', renumber: 'spread', deep: true },
      'en',
    )
    expect(plan.numbering.step).toBe(10)
    expect(folders.map(folder => folder.numbering)).toEqual([null, null, null])
    expect(shown(plan, folders, id('b'))).toEqual(['10.10.10 c'])
  })

  it('goes below only when asked', () => {
    const nested = [row('A', 'a0'), row('b', 'a0', { parentId: id('A'), number: 5 })]
    for (const deep of [true, false]) {
      const { folders } = arrangedRows(
        PLAN,
        nested,
        { id: null, numbering: null, order: 'number', renumber: 'close', deep },
        'en',
      )
      expect(folders.find(folder => folder.name === 'b')?.number).toBe(deep ? null : 5)
    }
  })
})

describe('random arranging under every scheme', () => {
  it.each(NUMBER_STYLES)('%s: codes are unique among siblings, order is kept, fixed numbers stay', style => {
    const random = seeded(style.length * 31 + style.charCodeAt(0))
    for (let round = 0; round < 25; round++) {
      const numbering: Numbering = {
        style,
        joined: random.next() < 0.7,
        start: random.pick([0, 1, 10]),
        step: random.pick([1, 1, 10]),
        joint: random.pick(['.', '-', '/']),
        skip: random.next() < 0.3 ? [2, 13] : [],
        text: random.pick(['U#', 'Q1, Q2, Q3']),
      }
      const plan: NumberedPlan = { numbering, childOrder: random.pick(['number', 'hand'] as const) }
      let rows: FolderRow[] = []
      for (let step = 0; step < 25; step++) {
        const parent = random.next() < 0.5 || rows.length === 0 ? null : random.pick(rows).id
        const siblings = childrenOf(numberTree(plan, rows, 'en').tree, parent)
        const before = random.next() < 0.4 || siblings.length === 0 ? null : random.pick(siblings).id
        const isNew = random.next() < 0.5 || rows.length === 0
        const moving = isNew
          ? row(`f${round}-${step}`, 'zz', {
              parentId: parent,
              childOrder: plan.childOrder,
              ...(random.next() < 0.15 ? { number: 200 + step, numberFixed: true } : {}),
            })
          : random.pick(rows)
        const present = mapOf(isNew ? [...rows, moving] : rows)
        const fixedBefore = [...present.values()].filter(one => one.numberFixed).map(one => [one.id, one.number])
        const placed = placedRows(plan, present, [moving.id], { parentId: parent, before }, 'en')
        if (!placed.ok) continue
        rows = [...new Map([...present, ...mapOf(placed.rows)]).values()]
        const after = childrenOf(numberTree(plan, rows, 'en').tree, parent).map(one => one.id)
        const last = before === null || before === moving.id
        expect(last ? after.at(-1) : after[after.indexOf(moving.id) + 1]).toBe(last ? moving.id : before)
        expect(rows.filter(one => one.numberFixed).map(one => [one.id, one.number])).toEqual(
          expect.arrayContaining(fixedBefore),
        )
        if (random.next() < 0.15)
          rows = [
            ...arrangedRows(
              plan,
              rows,
              {
                id: null,
                numbering,
                order: plan.childOrder,
                renumber: random.pick(RENUMBER_MODES.filter(mode => mode !== 'spread' && mode !== 'close')),
                deep: true,
              },
              'en',
            ).folders,
          ]
        const { codes, tree } = numberTree(plan, rows, 'en')
        for (const children of tree.children.values()) {
          const own = children.map(one => codes.get(one.id)?.number)
          expect(new Set(own).size).toBe(children.length)
          const written = children.map(one => codes.get(one.id)?.code)
          expect(style === 'none' ? children.length : new Set(written).size).toBe(children.length)
        }
      }
    }
  })
})

describe(paddedCodes, () => {
  it('sorts letter by letter as the plan stands', () => {
    const rows = [
      ...Array.from({ length: 12 }, (_, index) => row(`f${index}`, `a${String.fromCharCode(65 + index)}`)),
      row('child', 'a0', { parentId: id('f1') }),
    ]
    const numbered = numberTree(PLAN, rows, 'en')
    const codes = paddedCodes(numbered)
    expect([codes.get(id('f0')), codes.get(id('f11')), codes.get(id('child'))]).toEqual(['01', '12', '02.1'])
  })
})

describe(dateIn, () => {
  it.each([
    ['2026-03-04 Letter', '2026-03-04'],
    ['Report 2026-03', '2026-03'],
    ['4.3.2026', '2026-03-04'],
    ['of 4 March 2026', '2026-03-04'],
    ['Sept. 2025', '2025-09'],
    ['Taxes 2024', '2024'],
    ['Room 20267', null],
    ['none', null],
  ])('%s → %s', (name, date) => expect(dateIn(name)).toBe(date))
})
