import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import { editDistance, foldedText, marksIn, passageOf, wordsOf } from './index'

/** Optimal string alignment by its definition, without the shortcuts. */
function plainDistance(a: string, b: string): number {
  const table = Array.from({ length: a.length + 1 }, (_, i) =>
    Array.from({ length: b.length + 1 }, (__, j) => (i === 0 ? j : j === 0 ? i : 0)),
  )
  const at = (i: number, j: number) => table[i]?.[j] ?? 0
  for (let i = 1; i <= a.length; i++) {
    for (let j = 1; j <= b.length; j++) {
      const swapped = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1] ? at(i - 2, j - 2) + 1 : Infinity
      const line = table[i]
      if (line)
        line[j] = Math.min(
          at(i - 1, j) + 1,
          at(i, j - 1) + 1,
          at(i - 1, j - 1) + (a[i - 1] === b[j - 1] ? 0 : 1),
          swapped,
        )
    }
  }
  return at(a.length, b.length)
}

const random = seeded(77)
const word = (letters: string, most: number) =>
  Array.from({ length: random.int(0, most) }, () => random.pick([...letters])).join('')

describe(editDistance, () => {
  it('is the plain distance up to the limit, and limit + 1 above', () => {
    for (let round = 0; round < 3000; round++) {
      const [a, b, limit] = [word('abc', 7), word('abc', 7), random.int(0, 4)]
      expect(editDistance(a, b, limit), `${a} ${b} ${limit}`).toBe(Math.min(plainDistance(a, b), limit + 1))
    }
  })

  it('is the same in both directions', () => {
    for (let round = 0; round < 500; round++) {
      const [a, b] = [word('lease', 8), word('lease', 8)]
      expect(editDistance(a, b, 9)).toBe(editDistance(b, a, 9))
    }
  })
})

const SCRAPS = [
  'berth',
  'Ångström',
  'Straße',
  'naïve',
  ' ',
  '\n\n',
  '—',
  '(2)',
  'é',
  '2026-10-01',
  '日本',
  '\u202E',
  '.',
  'quay',
]
const scrap = () =>
  Array.from({ length: random.int(1, 60) }, () => random.pick(SCRAPS)).join(random.pick([' ', '', ' ']))

describe('random texts', () => {
  it('fold to the same when folded again', () => {
    for (let round = 0; round < 500; round++) {
      const folded = foldedText(scrap())
      expect(foldedText(folded)).toBe(folded)
    }
  })

  it('have words in order, each cut from where it says it stands', () => {
    for (let round = 0; round < 500; round++) {
      const text = scrap()
      let last = 0
      for (const found of wordsOf(text)) {
        expect(found.from).toBeGreaterThanOrEqual(last)
        expect(found.to).toBeGreaterThan(found.from)
        expect(wordsOf(text.slice(found.from, found.to)).map(each => each.text)).toContain(found.text)
        last = found.to
      }
    }
  })

  it('give passages whose marks are the sought words', () => {
    const terms = [
      { text: 'berth', prefix: false },
      { text: 'qu', prefix: true },
    ]
    for (let round = 0; round < 400; round++) {
      const text = scrap()
      const passage = passageOf(text, terms)
      expect(passage === null).toBe(marksIn(text, terms).length === 0)
      for (const [from, to] of passage?.marks ?? [])
        expect(foldedText(passage?.text.slice(from, to) ?? '')).toMatch(/^(berth.?|qu.*)$/)
    }
  })
})
