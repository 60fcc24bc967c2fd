import { describe, expect, it } from 'vitest'
import { areForms, formsOf, lexemesOf, stemsOf } from './forms'
import { marksIn, passageOf } from './passage'

describe(formsOf, () => {
  it('brings forms of a language to one stem, and leaves numbers alone', () => {
    expect(formsOf('leases', 'en')).toEqual(formsOf('lease', 'en'))
    expect(formsOf('vertrage', 'de')).toEqual(formsOf('vertrag', 'de'))
    expect(formsOf('factures', 'fr')).toEqual(formsOf('facture', 'fr'))
    expect(formsOf('contratos', 'es')).toEqual(formsOf('contrato', 'es'))
    expect([formsOf('2026', 'en'), formsOf('b7', 'en'), formsOf('moorings', null)]).toEqual([[], [], ['.en.moor', '.de.mooring', '.fr.mooring', '.es.moorings']])
  })

  it('makes the entries of the index: words, and their stems in the language of the document', () => {
    expect([...lexemesOf(['moorings', '', 'b7', 'moorings'], 'en')]).toEqual(['moorings', '.en.moor', 'b7'])
  })
})

describe(areForms, () => {
  it.each([['lease', 'leases', true], ['buoy', 'buoys', true], ['vertrag', 'vertrage', true], ['lease', 'least', false], ['b7', 'b7', true], ['b7', 'b8', false]])('%s and %s: %s', (one, other, are) => {
    expect(areForms(one, other)).toBe(are)
  })
})

describe('hits', () => {
  it('are marked in every form', () => {
    const text = 'Both leases end; the lease of B7 is leasehold.'
    const marked = (prefix: boolean) => marksIn(text, [{ text: 'lease', prefix }]).map(([from, to]) => text.slice(from, to))
    expect([marked(false), marked(true)]).toEqual([['leases', 'lease'], ['leases', 'lease', 'leasehold']])
    expect(passageOf(text, [{ text: 'leasing', prefix: false }])?.marks).toHaveLength(2)
    expect(stemsOf('leases')).toEqual(['leas'])
  })
})
