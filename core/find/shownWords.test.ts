import { describe, expect, it } from 'vitest'
import { leavesIn } from './rule'
import { shownWords } from './shownWords'

describe('words where they are shown', () => {
  it('stand in the name or inside', () => {
    expect(shownWords('Rabbit ', ['rabbits'])).toEqual([
      { kind: 'word', text: 'rabbit', prefix: false },
      {
        kind: 'any',
        rules: [
          { kind: 'all', rules: ['remark', 'sender', 'tags'].map(field => ({ kind: 'empty', field })) },
          { kind: 'text', field: 'name', op: 'contains', value: 'rabbit' },
          { kind: 'inside', words: ['rabbit'] },
        ],
      },
    ])
  })

  it.each([
    ['rabbit', ['urgent'], false],
    ['rabbit', ['for review', 'rabbiting'], true],
    ['rabbit', ['兎'], true],
    ['兎', ['urgent'], true],
    ['兎', [], false],
  ])('"%s" among the tags %j may stand in one: %s', (word, tags, isTagged) => {
    const fields = shownWords(word, tags).flatMap(rule =>
      leavesIn(rule).flatMap(leaf => (leaf.kind === 'empty' ? [leaf.field] : [])),
    )
    expect(fields.includes('tags')).toBe(isTagged)
  })

  it('are phrases as they are', () => {
    expect(shownWords('"out of the hole"', [])).toEqual([{ kind: 'phrase', words: ['out', 'of', 'the', 'hole'] }])
  })

  it('are not those to be left out', () => {
    const kinds = (typed: string) => shownWords(typed, []).flatMap(rule => leavesIn(rule).map(({ kind }) => kind))
    expect(shownWords('-secret', [])).toEqual([])
    expect(kinds('rope -secret -"for my eyes"')).toEqual(['word', 'empty', 'empty', 'text', 'inside'])
    expect(shownWords(' ', [])).toEqual([])
  })
})
