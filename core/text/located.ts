// On which pages of a long document its words and their stems stand. Kept in buckets of words that begin alike: for a
// word only one of them has to be opened, however long the document is.

import { formsOf } from './forms'
import type { Language } from './languages'

/** Documents of fewer pages are looked through page by page. */
export const LONG_FROM_PAGES = 13
const [BUCKETS, BEGINNING] = [256, 3]
// What a position in a text-search vector of PostgreSQL can say, and how many one word can have.
const [LAST_PAGE, PAGES_OF_A_WORD] = [16_383, 255]

export interface LocatedBucket {
  readonly bucket: number
  /** A tsvector, whose positions are pages. */
  readonly words: string
}

/** The bucket of a word, of a stem (".leas"), or of every word that begins with three letters or more. */
export function bucketOf(entry: string): number {
  const from = entry.startsWith('.') ? 1 : 0
  let hash = 0
  for (let at = from; at < Math.min(entry.length, from + BEGINNING); at++)
    hash = (Math.imul(hash, 31) + entry.charCodeAt(at)) | 0
  return (hash >>> 0) % BUCKETS
}

/** Whether all words with this beginning are in one bucket. */
export function isBeginningLocated(beginning: string): boolean {
  return beginning.length >= BEGINNING
}

/** `folded` are its pages, the first one first; nothing where it is not long. */
export function locate(folded: readonly string[], language: Language | null): LocatedBucket[] {
  if (folded.length < LONG_FROM_PAGES) return []
  const pagesOf = new Map<string, number[]>()
  for (const [index, text] of folded.slice(0, LAST_PAGE).entries()) {
    for (const word of new Set(text.split(' '))) {
      if (word === '') continue
      for (const entry of [word, ...formsOf(word, language)]) note(pagesOf, entry, index + 1)
    }
  }
  const buckets = new Map<number, string[]>()
  for (const [entry, pages] of pagesOf) {
    const bucket = bucketOf(entry)
    const words = buckets.get(bucket)
    const word = `'${entry}':${pages.join(',')}`
    if (words) words.push(word)
    else buckets.set(bucket, [word])
  }
  return [...buckets].map(([bucket, words]) => ({ bucket, words: words.join(' ') }))
}

function note(pagesOf: Map<string, number[]>, entry: string, page: number): void {
  const pages = pagesOf.get(entry)
  if (!pages) pagesOf.set(entry, [page])
  else if (pages.at(-1) !== page && pages.length < PAGES_OF_A_WORD) pages.push(page)
}
