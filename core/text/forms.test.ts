import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { areForms, entriesOf, formsOf, lexemesOf, pairsOf, stemsOf } from './forms'
import { marksIn, passageOf } from './passage'
import { foldedText } from './words'

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

  it.each([
    ['ru', 'договор договора договорами'],
    ['ru', 'новый новой нового'],
    ['uk', 'причал причалів'],
    ['el', 'σύμβαση συμβάσεων'],
    ['el', 'λιμάνι λιμανιού'],
    ['ar', 'كتاب الكتاب'],
    ['ar', 'موظف موظفين'],
  ] as const)('brings forms of %s to one stem, folded as they are indexed: %s', (language, words) => {
    const [first = '', ...others] = foldedText(words).split(' ')
    for (const other of others) {
      expect(formsOf(other, language)).toEqual(formsOf(first, language))
      expect(areForms(first, other)).toBe(true)
    }
  })

  it.each([
    'abcdefghijklmnopqrstuvwxyz',
    'абвгдежзиклмнопрстуфхцчшщъыьэюяєі',
    'αβγδεζηθικλμνξοπρστυφχψω',
    'ابتثجحخدذرزسشصضطظعغفقكلمنهويةىء',
  ])('gives stems of whatever is written with %s', alphabet => {
    const word = fc.string({ unit: fc.constantFrom(...alphabet), minLength: 3, maxLength: 14 })
    fc.assert(
      fc.property(word, some => {
        const forms = formsOf(some, null)
        expect(forms.length).toBeGreaterThan(0)
        expect(forms.every(form => form.startsWith('.'))).toBe(true)
      }),
      { numRuns: 3000 },
    )
  })

  it('takes a word in another script than its document by that script', () => {
    expect(formsOf('leases', 'ru')).toEqual(formsOf('leases', null))
    expect(formsOf('договора', 'en')).toEqual(formsOf('договора', null))
    expect(entriesOf('договора')).toEqual(['договора', '.договор'])
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
  it('are marked with the article of Arabic and without', () => {
    const text = 'إرسال الكتاب ثم كتاب'
    for (const want of ['كتاب', 'الكتاب'])
      expect(
        marksIn(text, [{ text: foldedText(want), prefix: false }]).map(([from, to]) => text.slice(from, to)),
      ).toEqual(['الكتاب', 'كتاب'])
  })

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
