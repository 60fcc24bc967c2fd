import { describe, expect, it } from 'vitest'
import { exactly, findsForms, quotedWords } from './exactly'
import { wordQuery } from './fields/words'
import { parseQuery } from './parse'

describe(exactly, () => {
  it('asks for the words as typed, and leaves out what is left out in all its forms', () => {
    const rule = exactly({ kind: 'all', rules: [parseQuery('leases -ropes', { typing: false })] })
    expect(JSON.stringify(rule)).toContain('"text":"leases","prefix":false,"exact":true')
    expect(JSON.stringify(rule)).not.toContain('"text":"ropes","prefix":false,"exact"')
  })

  it('compiles to the words alone', () => {
    expect(wordQuery({ kind: 'word', text: 'leases', prefix: false, exact: true })).toBe("'leases'")
    expect(wordQuery({ kind: 'word', text: 'lea', prefix: true, exact: true })).toBe("'lea':*")
    expect(wordQuery({ kind: 'word', text: 'leases', prefix: false })).toContain("'.leas'")
  })
})

describe(quotedWords, () => {
  it.each([
    ['leases quay', '"leases" "quay"'],
    ['"north quay" leases -old boll*', '"north quay" "leases" -old boll*'],
    ['north-quay 港口', '"north" "quay" 港口'],
    ['', ''],
  ])('%s → %s', (typed, quoted) => {
    expect(quotedWords(typed)).toBe(quoted)
  })
})

describe(findsForms, () => {
  it('is true for words that have other forms, until they stand in quotes', () => {
    const asks = (text: string) => findsForms(parseQuery(text, { typing: false }))
    expect([asks('leases'), asks('"leases"'), asks('2026'), asks(quotedWords('leases quay'))]).toEqual([
      true,
      false,
      false,
      false,
    ])
  })
})
