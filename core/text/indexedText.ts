// What is derived from the text of a document once it is read: folded pages, the facts that it states, and the words
// by which it is found.

import { datesIn } from '../dates/index'
import { formsOf, pairsOf } from './forms'
import { headsOf } from './heads'
import type { Language } from './languages'
import { languageOf } from './language'
import type { LocatedBucket } from './located'
import { locate } from './located'
import { foldedText } from './words'

export interface PageText {
  readonly page: number
  readonly body: string
  readonly folded: string
}

export interface ReadFacts {
  readonly language: Language | null
  readonly title: string
  readonly author: string
  /** Folded. */
  readonly heads: string
  /** ISO 8601: the first day written in it. */
  readonly datedAt: string | null
}

export interface IndexedText {
  readonly pages: readonly PageText[]
  readonly facts: ReadFacts
  /** Words, their stems and hashes of neighbouring words. */
  readonly lexemes: readonly string[]
  /** Words by which typing errors are forgiven. */
  readonly words: readonly string[]
  /** Of a long document, on which pages its words stand. */
  readonly located: readonly LocatedBucket[]
}

// A tsvector holds at most 1 MB; what stands behind is still shown, only not found by its words.
const LEXEME_LIMIT_BYTES = 900_000
const [SAMPLE_PAGES, SAMPLE_LENGTH, HEAD_PAGES, WORDS_LIMIT] = [5, 8000, 40, 5000]

/** `bodies` are the pages in their order; title and author as the file carries them, empty where it does not. */
export function indexedText(bodies: readonly string[], { title = '', author = '' } = {}): IndexedText {
  const pages = bodies.map((given, index) => {
    const body = given.replaceAll('\0', '').replace(/\p{Surrogate}/gu, '\ufffd') // PostgreSQL's text holds neither
    return { page: index + 1, body, folded: foldedText(body) }
  })
  const facts = factsOf(
    pages.map(({ body }) => body),
    title,
    author,
  )
  const folded = pages.map(page => page.folded)
  return {
    pages,
    facts,
    lexemes: lexemesOfPages(folded, facts.language),
    words: wordsOfPages(folded),
    located: locate(folded, facts.language),
  }
}

function factsOf(bodies: readonly string[], title: string, author: string): ReadFacts {
  const sample = bodies.slice(0, SAMPLE_PAGES).join('\n').slice(0, SAMPLE_LENGTH)
  const [day] = datesIn(sample, { monthFirst: false })
  const heads = foldedText([title, ...headsOf(bodies.slice(0, HEAD_PAGES))].join(' '))
  return { language: languageOf(sample), title, author, heads, datedAt: day ? `${day.date}T00:00:00.000Z` : null }
}

/** Letters only, neither very short nor very long. */
function wordsOfPages(folded: readonly string[]): string[] {
  const words = new Set<string>()
  for (const page of folded) {
    for (const word of page.split(' ')) if (/^\p{L}{4,24}$/u.test(word)) words.add(word)
    if (words.size > WORDS_LIMIT) break
  }
  return [...words].sort()
}

/** Up to what an index entry holds. */
function lexemesOfPages(folded: readonly string[], language: Language | null): string[] {
  const [all, seen] = [new Set<string>(), new Set<string>()]
  let bytes = 0
  const add = (lexeme: string): void => {
    if (bytes > LEXEME_LIMIT_BYTES || all.has(lexeme)) return
    bytes += utf8Length(lexeme) + 8
    all.add(lexeme)
  }
  for (const page of folded) {
    const words = page.split(' ').filter(word => word !== '')
    for (const word of words) {
      if (seen.has(word)) continue
      seen.add(word)
      for (const lexeme of [word, ...formsOf(word, language)]) add(lexeme)
    }
    for (const pair of pairsOf(words)) add(pair)
  }
  return [...all]
}

function utf8Length(text: string): number {
  let bytes = 0
  for (const letter of text) {
    const code = letter.codePointAt(0) ?? 0
    bytes += code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4
  }
  return bytes
}
