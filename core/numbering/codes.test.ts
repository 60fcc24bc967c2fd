import { describe, expect, it } from 'vitest'
import type { FolderId } from '../ids'
import { childrenOf } from '../tree/index'
import type { NumberedFolder } from './codes'
import { codedName, numberTree } from './codes'
import type { Numbering } from './numbering'
import { PLAIN_NUMBERING, writeNumber } from './numbering'

const folder = (id: string, more: Partial<NumberedFolder> = {}): NumberedFolder => ({
  id: id as FolderId, parentId: null, name: id, orderKey: id, number: null, numbering: null, childOrder: 'number', ...more,
})
const PLAN = { numbering: PLAIN_NUMBERING, childOrder: 'number' as const }

function codesOf(folders: NumberedFolder[], plan: { numbering: Numbering; childOrder: 'number' | 'name' } = PLAN): Record<string, string> {
  const { codes } = numberTree(plan, folders, 'en')
  return Object.fromEntries(folders.map(({ id }) => [id, codes.get(id)?.code ?? '?']))
}

describe(numberTree, () => {
  it('numbers children in order and joins their code to the parent’s', () => {
    expect(codesOf([folder('a'), folder('b'), folder('b1', { parentId: 'b' as FolderId }), folder('b2', { parentId: 'b' as FolderId })]))
      .toEqual({ a: '1', b: '2', b1: '2.1', b2: '2.2' })
  })

  it('goes on after an own number', () => {
    expect(codesOf([folder('a'), folder('b', { number: 9 }), folder('c')])).toEqual({ a: '1', b: '9', c: '10' })
  })

  it('stands folders by their number', () => {
    const { tree } = numberTree(PLAN, [folder('a', { number: 5 }), folder('b', { number: 2 })], 'en')
    expect(childrenOf(tree, null).map(child => child.id)).toEqual(['b', 'a'])
  })

  it('orders by name as people do where a folder says so', () => {
    const children = ['Week 10', 'Week 2', 'week 1'].map((name, index) => folder(String(index), { name, parentId: 'top' as FolderId }))
    const { tree } = numberTree(PLAN, [folder('top', { childOrder: 'name' }), ...children], 'en')
    expect(childrenOf(tree, 'top' as FolderId).map(child => child.name)).toEqual(['week 1', 'Week 2', 'Week 10'])
  })

  it('stands what changed last first, and lets the numbers be', () => {
    const { tree, codes } = numberTree({ ...PLAN, childOrder: 'changed' }, [folder('a', { changedAt: '2026-01-01' }), folder('b', { changedAt: '2026-03-01' }), folder('c', { changedAt: '2026-02-01' })], 'en')
    expect(childrenOf(tree, null).map(child => `${codes.get(child.id)?.code} ${child.id}`)).toEqual(['2 b', '3 c', '1 a'])
  })

  it('keeps chosen folders first, leaves others out of the numbers, passes numbers over', () => {
    const numbering: Numbering = { ...PLAIN_NUMBERING, skip: [2] }
    const { tree, codes } = numberTree({ numbering, childOrder: 'number' }, [folder('a'), folder('z', { numbered: false }), folder('b'), folder('c', { first: true }), folder('y', { numbered: false }), folder('below', { parentId: 'y' as FolderId })], 'en')
    expect(childrenOf(tree, null).map(child => `${codes.get(child.id)?.code} ${child.id}`)).toEqual(['4 c', '1 a', '3 b', ' y', ' z'])
    expect(codes.get('below' as FolderId)?.code).toBe('')
  })

  it('joins as it is told, pads to a width, and writes own text', () => {
    const numbering: Numbering = { style: '01', joined: true, start: 1, step: 1, joint: '-', width: 3 }
    expect(codesOf([folder('a', { numbering }), folder('x', { parentId: 'a' as FolderId }), folder('y', { parentId: 'a' as FolderId, label: 'Q1' })])).toEqual({ a: '1', x: '1-001', y: '1-Q1' })
  })

  it('never gives two siblings the same number', () => {
    expect(codesOf([folder('a', { number: 2 }), folder('b', { number: 2 }), folder('c'), folder('d')])).toEqual({ a: '2', b: '3', c: '4', d: '5' })
  })

  it('inherits numbering until a folder sets its own', () => {
    const letters: Numbering = { style: 'A', joined: false, start: 1, step: 1 }
    expect(codesOf([folder('a', { numbering: letters }), folder('x', { parentId: 'a' as FolderId }), folder('y', { parentId: 'x' as FolderId })]))
      .toEqual({ a: '1', x: 'A', y: 'A' })
  })

  it('gives no code where nothing is numbered', () => {
    expect(codesOf([folder('a')], { numbering: { ...PLAIN_NUMBERING, style: 'none' }, childOrder: 'number' })).toEqual({ a: '' })
  })

  it('counts in steps from the first number', () => {
    expect(codesOf([folder('a'), folder('b')], { numbering: { style: '01', joined: true, start: 10, step: 10 }, childOrder: 'number' })).toEqual({ a: '10', b: '20' })
  })
})

describe(writeNumber, () => {
  it('writes digits, padded digits and letters past Z', () => {
    expect([writeNumber(3, '1'), writeNumber(3, '01'), writeNumber(12, '01'), writeNumber(3, 'A'), writeNumber(26, 'A'), writeNumber(27, 'A'), writeNumber(703, 'A'), writeNumber(0, 'A'), writeNumber(3, 'none')])
      .toEqual(['3', '03', '12', 'C', 'Z', 'AA', 'AAA', '0', ''])
    expect([writeNumber(27, 'a'), writeNumber(4, 'I'), writeNumber(1994, 'i'), writeNumber(0, 'I'), writeNumber(2026, 'year'), writeNumber(7, '01', 4)]).toEqual(['aa', 'IV', 'mcmxciv', '0', '2026', '0007'])
  })
})

describe(codedName, () => {
  it('puts the code in front, where there is one', () => {
    expect([codedName('2.3', 'Handouts'), codedName('', 'Handouts')]).toEqual(['2.3 Handouts', 'Handouts'])
  })
})
