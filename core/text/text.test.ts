import { describe, expect, it } from 'vitest'
import { editDistance, forgivenErrors } from './distance'
import { marksIn, passageOf } from './passage'
import { foldedText, wordsOf } from './words'

describe(foldedText, () => {
  it.each([
    ['Größe & MASS', 'grosse mass'],
    ['l’Été à Œuvre', 'l ete a oeuvre'],
    ['2026-10-01_Berth.lease', '2026 10 01 berth lease'],
    ['ﬁne ①', 'fine 1'],
    ['!!!', ''],
    ['Ångström Łódź', 'angstrom lodz'],
    ['ΛΙΜΆΝΙ της', 'λιμανι τησ'],
    ['שָׁלוֹם', 'שלום'],
    ['كِتَابٌ أحمد', 'كتاب احمد'],
    ['हिन्दी की', 'हिन्दी की'],
    ['港口 B7', '港 口 b7'],
    ['ガッコウ ｶﾞ', 'が っ こ う が'],
    ['항구는', '항 구 는'],
    ['ท่าเรือ', 'ท่ า เ รื อ'],
  ])('folds %j', (text, folded) => {
    expect(foldedText(text)).toBe(folded)
  })

  it('gives the same for composed and decomposed accents', () => {
    expect(foldedText('e\u0301te\u0301')).toBe(foldedText('été'))
  })
})

describe(wordsOf, () => {
  it('says where each word stands', () => {
    expect(wordsOf('Öl, fenders')).toEqual([
      { text: 'ol', from: 0, to: 2 },
      { text: 'fenders', from: 4, to: 11 },
    ])
  })

  it('cuts what is too long to be a word', () => {
    expect(wordsOf('a'.repeat(500))[0]?.text).toHaveLength(64)
  })
})

describe(editDistance, () => {
  it.each([
    ['lease', 'lease', 0],
    ['laese', 'lease', 1],
    ['leas', 'lease', 1],
    ['leasse', 'lease', 1],
    ['lxxse', 'lease', 2],
    ['abc', 'xyz', 3],
  ])('counts %s → %s as %i', (a, b, distance) => {
    expect(editDistance(a, b, 2)).toBe(distance)
  })

  it('forgives more in longer words', () => {
    expect([3, 4, 7, 8].map(forgivenErrors)).toEqual([0, 1, 1, 2])
  })
})

describe(passageOf, () => {
  it('of a very long text ends where all words stand together, and marks what stands beside', () => {
    const far = `${'power and other words, '.repeat(4000)}the Shore has power; shore, `
    const passage = passageOf(`${far}${'shore power '.repeat(3)}${'words '.repeat(200_000)}`, [
      { text: 'shore', prefix: false },
      { text: 'power', prefix: false },
    ])
    expect(passage?.marks.map(([from, to]) => passage.text.slice(from, to).toLowerCase())).toEqual(
      expect.arrayContaining(['power', 'shore']),
    )
    expect(passage?.text).toContain('the Shore has')
  })

  it('finds words whatever their accents, case and script, and no others', () => {
    const marked = (text: string, ...want: string[]) =>
      marksIn(
        text,
        want.map(word => ({ text: word, prefix: false })),
      ).map(([from, to]) => text.slice(from, to))
    expect(marked('Ångström or angstrom, Öl, ÖLS', 'angstrom')).toEqual(['Ångström', 'angstrom'])
    expect(marked('Йод и йод, Иод', 'иод')).toEqual(['Йод', 'йод', 'Иод'])
    expect(marked('ſtraße, STRASSE', 'strasse')).toEqual(['ſtraße', 'STRASSE'])
    expect(marked('北港口 and port', '港', '口')).toEqual(['港', '口'])
  })

  const terms = [
    { text: 'shore', prefix: false },
    { text: 'pow', prefix: true },
  ]

  it('shows the words around the densest spot and marks the hits', () => {
    const text =
      `Shore first. ${'Some other words stand here. '.repeat(20)}The shore   power is metered. ` +
      `${'And more words follow. '.repeat(20)}`
    const passage = passageOf(text, terms)
    expect(passage?.marks.map(([from, to]) => passage.text.slice(from, to))).toEqual(['shore', 'power'])
    expect(passage?.text.startsWith('… ') && passage.text.endsWith(' …')).toBe(true)
  })

  it('gives nothing where no word is found', () => {
    expect(passageOf('nothing here', terms)).toBeNull()
  })
})

describe(marksIn, () => {
  it('marks signs of scripts without spaces where they stand together', () => {
    const terms = [
      { text: '港', prefix: false },
      { text: '口', prefix: false },
    ]
    expect(marksIn('港湾の口と港口', terms)).toEqual([
      [5, 6],
      [6, 7],
    ])
  })

  it('marks whole words and beginnings, accents apart', () => {
    expect(
      marksIn('Été power', [
        { text: 'ete', prefix: false },
        { text: 'pow', prefix: true },
      ]),
    ).toEqual([
      [0, 3],
      [4, 9],
    ])
  })
})
