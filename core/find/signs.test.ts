import { describe, expect, it } from 'vitest'
import { parseQuery } from './parse'

describe('scripts without spaces', () => {
  it.each([
    ['港口', [{ kind: 'phrase', words: ['港', '口'] }]],
    ['港', [{ kind: 'word', text: '港', prefix: false }]],
    [
      'B7港口 2026',
      [
        { kind: 'word', text: 'b7', prefix: false },
        { kind: 'phrase', words: ['港', '口'] },
        { kind: 'word', text: '2026', prefix: true },
      ],
    ],
    ['berth', [{ kind: 'word', text: 'berth', prefix: true }]],
  ])('%s is looked for as typed', (typed, rules) => {
    expect(parseQuery(typed, { typing: true })).toEqual({ kind: 'all', rules })
  })
})
