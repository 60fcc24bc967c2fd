import { describe, expect, it } from 'vitest'
import { areForms, entriesOf, formsOf, lexemesOf, pairsOf, stemsOf } from './forms'
import { marksIn, passageOf } from './passage'

describe(formsOf, () => {
  it('brings forms of a language to one stem, and leaves numbers alone', () => {
    expect(formsOf('leases', 'en')).toEqual(formsOf('lease', 'en'))
    expect(formsOf('vertrage', 'de')).toEqual(formsOf('vertrag', 'de'))
    expect(formsOf('factures', 'fr')).toEqual(formsOf('facture', 'fr'))
    expect(formsOf('contratos', 'es')).toEqual(formsOf('contrato', 'es'))
    expect([formsOf('2026', 'en'), formsOf('b7', 'en'), formsOf('moorings', null)]).toEqual([
      [],
      [],
      ['.moor', '.mooring', '.moorings'],
    ])
  })

  it('makes the entries of the index: words, and their stems in the language of the document', () => {
    expect([...lexemesOf(['moorings', '', 'b7', 'moorings'], 'en')]).toEqual(['moorings', '.moor', 'b7'])
  })
})

describe('what is looked up', () => {
  it('is the stems of a word, which every text that holds the word holds, or the word itself', () => {
    for (const language of [null, 'en', 'de', 'fr', 'es'] as const) {
      for (const word of ['moorings', 'vertrage', 'factures', 'contratos', 'no', '2026', 'b7'])
        expect([...lexemesOf([word], language)].some(lexeme => entriesOf(word).includes(lexeme))).toBe(true)
    }
    expect([entriesOf('b7'), entriesOf('no')]).toEqual([['b7'], ['no']])
  })

  it('are pairs of neighbours for a phrase, which hardly ever share a mark', () => {
    const words = Array.from({ length: 3000 }, (_, index) => `w${index}`)
    const marks = pairsOf(words)
    expect([marks.length, pairsOf(['alone']), pairsOf([])]).toEqual([2999, [], []])
    expect(marks.every(mark => /^=[\w-]{3}$/.test(mark))).toBe(true)
    expect(new Set(marks).size).toBeGreaterThan(2950)
    expect(pairsOf(['the', 'shore', 'power'])).toContain(pairsOf(['shore', 'power'])[0])
    expect(pairsOf(['power', 'shore'])).not.toEqual(pairsOf(['shore', 'power']))
  })
})

describe(areForms, () => {
  it.each([
    ['lease', 'leases', true],
    ['buoy', 'buoys', true],
    ['vertrag', 'vertrage', true],
    ['lease', 'least', false],
    ['b7', 'b7', true],
    ['b7', 'b8', false],
  ])('%s and %s: %s', (one, other, are) => {
    expect(areForms(one, other)).toBe(are)
  })
})

describe('hits', () => {
  it('are marked in every form', () => {
    const text = 'Both leases end; the lease of B7 is leasehold.'
    const marked = (prefix: boolean) =>
      marksIn(text, [{ text: 'lease', prefix }]).map(([from, to]) => text.slice(from, to))
    expect([marked(false), marked(true)]).toEqual([
      ['leases', 'lease'],
      ['leases', 'lease', 'leasehold'],
    ])
    expect(passageOf(text, [{ text: 'leasing', prefix: false }])?.marks).toHaveLength(2)
    expect(stemsOf('leases')).toEqual(['leas'])
  })
})
