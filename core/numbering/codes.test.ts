import { describe, expect, it } from 'vitest'
import type { FolderId } from '../ids'
import { childrenOf } from '../tree/index'
import type { NumberedFolder } from './codes'
import { codedName, numberTree } from './codes'
import type { Numbering, NumberStyle } from './numbering'
import { isNumberingSound, PLAIN_NUMBERING, writeNumber } from './numbering'

const folder = (id: string, more: Partial<NumberedFolder> = {}): NumberedFolder => ({
  id: id as FolderId,
  parentId: null,
  name: id,
  orderKey: id,
  number: null,
  numbering: null,
  childOrder: 'number',
  ...more,
})
const write = (number: number, style: NumberStyle, more: Partial<Numbering> = {}) =>
  writeNumber(number, { ...PLAIN_NUMBERING, style, ...more })
const PLAN = { numbering: PLAIN_NUMBERING, childOrder: 'number' as const }

function codesOf(
  folders: NumberedFolder[],
  plan: { numbering: Numbering; childOrder: 'number' | 'name' } = PLAN,
): Record<string, string> {
  const { codes } = numberTree(plan, folders, 'en')
  return Object.fromEntries(folders.map(({ id }) => [id, codes.get(id)?.code ?? '?']))
}

describe(numberTree, () => {
  it('numbers children in order and joins their code to the parent’s', () => {
    expect(
      codesOf([
        folder('a'),
        folder('b'),
        folder('b1', { parentId: 'b' as FolderId }),
        folder('b2', { parentId: 'b' as FolderId }),
      ]),
    ).toEqual({ a: '1', b: '2', b1: '2.1', b2: '2.2' })
  })

  it('goes on after an own number', () => {
    expect(codesOf([folder('a'), folder('b', { number: 9 }), folder('c')])).toEqual({ a: '1', b: '9', c: '10' })
  })

  it('stands folders by their number', () => {
    const { tree } = numberTree(PLAN, [folder('a', { number: 5 }), folder('b', { number: 2 })], 'en')
    expect(childrenOf(tree, null).map(child => child.id)).toEqual(['b', 'a'])
  })

  it('orders by name as people do where a folder says so', () => {
    const children = ['Week 10', 'Week 2', 'week 1'].map((name, index) =>
      folder(String(index), { name, parentId: 'top' as FolderId }),
    )
    const { tree } = numberTree(PLAN, [folder('top', { childOrder: 'name' }), ...children], 'en')
    expect(childrenOf(tree, 'top' as FolderId).map(child => child.name)).toEqual(['week 1', 'Week 2', 'Week 10'])
  })

  it('stands what changed last first, and lets the numbers be', () => {
    const { tree, codes } = numberTree(
      { ...PLAN, childOrder: 'changed' },
      [
        folder('a', { changedAt: '2026-01-01' }),
        folder('b', { changedAt: '2026-03-01' }),
        folder('c', { changedAt: '2026-02-01' }),
      ],
      'en',
    )
    expect(childrenOf(tree, null).map(child => `${codes.get(child.id)?.code} ${child.id}`)).toEqual([
      '2 b',
      '3 c',
      '1 a',
    ])
  })

  it('keeps chosen folders first, leaves others out of the numbers, passes numbers over', () => {
    const numbering: Numbering = { ...PLAIN_NUMBERING, skip: [2] }
    const { tree, codes } = numberTree(
      { numbering, childOrder: 'number' },
      [
        folder('a'),
        folder('z', { numbered: false }),
        folder('b'),
        folder('c', { first: true }),
        folder('y', { numbered: false }),
        folder('below', { parentId: 'y' as FolderId }),
      ],
      'en',
    )
    expect(childrenOf(tree, null).map(child => `${codes.get(child.id)?.code} ${child.id}`)).toEqual([
      '4 c',
      '1 a',
      '3 b',
      ' y',
      ' z',
    ])
    expect(codes.get('below' as FolderId)?.code).toBe('')
  })

  it('joins as it is told, pads to a width, and writes own text', () => {
    const numbering: Numbering = { style: '01', joined: true, start: 1, step: 1, joint: '-', width: 3 }
    expect(
      codesOf([
        folder('a', { numbering }),
        folder('x', { parentId: 'a' as FolderId }),
        folder('y', { parentId: 'a' as FolderId, label: 'Q1' }),
      ]),
    ).toEqual({ a: '1', x: '1-001', y: '1-Q1' })
  })

  it('never gives two siblings the same number', () => {
    expect(codesOf([folder('a', { number: 2 }), folder('b', { number: 2 }), folder('c'), folder('d')])).toEqual({
      a: '2',
      b: '3',
      c: '4',
      d: '5',
    })
  })

  it('inherits numbering until a folder sets its own', () => {
    const letters: Numbering = { style: 'A', joined: false, start: 1, step: 1 }
    expect(
      codesOf([
        folder('a', { numbering: letters }),
        folder('x', { parentId: 'a' as FolderId }),
        folder('y', { parentId: 'x' as FolderId }),
      ]),
    ).toEqual({ a: '1', x: 'A', y: 'A' })
  })

  it('gives no code where nothing is numbered', () => {
    expect(codesOf([folder('a')], { numbering: { ...PLAIN_NUMBERING, style: 'none' }, childOrder: 'number' })).toEqual({
      a: '',
    })
  })

  it('counts in steps from the first number', () => {
    expect(
      codesOf([folder('a'), folder('b')], {
        numbering: { style: '01', joined: true, start: 10, step: 10 },
        childOrder: 'number',
      }),
    ).toEqual({ a: '10', b: '20' })
  })
})

describe(writeNumber, () => {
  it('writes digits, padded digits and letters past Z', () => {
    expect([
      write(3, '1'),
      write(3, '01'),
      write(12, '01'),
      write(3, 'A'),
      write(26, 'A'),
      write(27, 'A'),
      write(703, 'A'),
      write(0, 'A'),
      write(3, 'none'),
    ]).toEqual(['3', '03', '12', 'C', 'Z', 'AA', 'AAA', '0', ''])
    expect([
      write(27, 'a'),
      write(4, 'I'),
      write(1994, 'i'),
      write(0, 'I'),
      write(2026, 'year'),
      write(7, '01', { width: 4 }),
    ]).toEqual(['aa', 'IV', 'mcmxciv', '0', '2026', '0007'])
  })
})

describe('own text', () => {
  const quarters: Numbering = { style: 'own', joined: true, start: 1, step: 1, text: 'Q1, Q2, Q3' }

  it('is written at the number’s place in the row, behind the last the number itself; or with the number in it', () => {
    expect([1, 3, 4].map(number => write(number, 'own', quarters))).toEqual(['Q1', 'Q3', '4'])
    expect([10, 20, 15].map(number => write(number, 'own', { ...quarters, start: 10, step: 10 }))).toEqual([
      'Q1',
      'Q2',
      '15',
    ])
    expect(write(7, 'own', { text: 'U#' })).toBe('U7')
  })

  it('belongs to one level; below, folders are counted again', () => {
    expect(
      codesOf([
        folder('a', { numbering: quarters }),
        folder('b', { parentId: 'a' as FolderId }),
        folder('c', { parentId: 'b' as FolderId }),
      ]),
    ).toEqual({ a: '1', b: '1.Q1', c: '1.Q1.1' })
  })

  it.each([
    ['U#', true],
    ['Q1, Q2', true],
    ['Q', false],
    ['', false],
    ['Q1, Q1', false],
    ['1, 2', false],
    ['#, A', false],
    ['A.B, C', false],
    ['averylongtext#', false],
  ])('%j is %s', (text, sound) => {
    expect(isNumberingSound({ ...quarters, text })).toBe(sound)
  })
})

describe(codedName, () => {
  it('puts the code in front, where there is one', () => {
    expect([codedName('2.3', 'Handouts'), codedName('', 'Handouts')]).toEqual(['2.3 Handouts', 'Handouts'])
  })
})
