import { describe, expect, it } from 'vitest'
import type { NameRules, Renamable } from './index'
import { newNames, NO_RULES } from './index'

const paper = (name: string, more: Partial<Renamable> = {}): Renamable => ({
  id: name,
  name,
  extension: 'txt',
  changedAt: '2026-03-04T05:06:07.000Z',
  folder: 'Leases',
  sender: '',
  ...more,
})
const named = (names: string[], rules: Partial<NameRules>) =>
  newNames(
    names.map(name => paper(name)),
    { ...NO_RULES, ...rules },
    [],
  ).map(({ name }) => name)

describe(newNames, () => {
  it.each<[Partial<NameRules>, string]>([
    [{}, 'Berth lease (final) (2)'],
    [{ find: 'lease', replace: 'letter' }, 'Berth letter (final) (2)'],
    [{ find: '(', replace: '[' }, 'Berth lease [final) [2)'],
    [{ find: '$&', replace: 'x' }, 'Berth lease (final) (2)'],
    [{ find: '(\\w+) lease', replace: '$1s', expression: true }, 'Berths (final) (2)'],
    [{ tidy: true }, 'Berth lease'],
    [{ letters: 'UPPER' }, 'BERTH LEASE (FINAL) (2)'],
    [{ letters: 'Sentence', tidy: true }, 'Berth lease'],
    [{ date: 'changed', tidy: true }, '2026-03-04 Berth lease'],
    [{ date: 'name' }, 'Berth lease (final) (2)'],
    [{ pattern: '{number} {name}, {folder}', tidy: true, start: 9, digits: 3 }, '009 Berth lease, Leases'],
  ])('%j', (rules, name) => expect(named(['Berth lease (final) (2)'], rules)).toEqual([name]))

  it('counts on, and puts the day of a name in front once', () => {
    expect(named(['a', 'b'], { pattern: '{number} {name}' })).toEqual(['01 a', '02 b'])
    expect(named(['of 4.3.2026', '2026-03-04 there'], { date: 'name' })).toEqual([
      '2026-03-04 of 4.3.2026',
      '2026-03-04 there',
    ])
  })

  it('says what cannot be a name, and what would be there twice', () => {
    expect(
      newNames([paper('a'), paper('b')], { ...NO_RULES, find: 'a', replace: 'b' }, []).map(({ clashes }) => clashes),
    ).toEqual([true, true])
    expect(
      newNames([paper('a')], { ...NO_RULES, find: 'a', replace: 'B' }, [{ name: 'b', extension: 'txt' }])[0]?.clashes,
    ).toBe(true)
    expect(newNames([paper('a')], { ...NO_RULES, find: 'a', replace: 'x/y' }, [])[0]?.wrong).toContain('cannot hold')
    expect(() => newNames([paper('a')], { ...NO_RULES, find: '(', expression: true }, [])).toThrow(SyntaxError)
  })
})
