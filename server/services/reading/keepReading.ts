import { datesIn } from '../../../core/dates/index'
import type { Language } from '../../../core/text/index'
import { foldedText, formsOf, headsOf, languageOf, pairsOf } from '../../../core/text/index'
import { readWhole } from '../../db/blobStore'
import { withTransaction } from '../../db/client'
import { refreshWordsOfBlob } from '../../db/sql/derived'
import { notify } from '../../db/sql/journal'
import { addScanPages, recognisedPages } from '../../db/sql/scans'
import type { ReadFacts } from '../../db/sql/reading'
import { documentsOfBlob, failReading, readingToDo, writeFacts, writePages } from '../../db/sql/reading'
import { forgetThumbnail } from '../../db/sql/thumbnails'
import { keepTextWords } from '../../db/sql/textWords'

/** Above this a document is found by its name only; readers hold the whole file in memory. */
export const READING_LIMIT_BYTES = 64 * 1024 * 1024
// A tsvector holds at most 1 MB; what stands behind is still shown, only not found by its words.
const LEXEME_LIMIT_BYTES = 900_000
/** Raised when readers read better than before: what older ones read is read again in the background. */
export const READER_VERSION = 2
const [SAMPLE_PAGES, SAMPLE_LENGTH, HEAD_PAGES, TEXT_WORDS_LIMIT] = [5, 8000, 40, 5000]

export interface Taken { readonly extension: string; readonly size: number; readonly bytes: Buffer | null }

/** Takes the bytes for reading; `bytes` is null above the limit, the whole is null when they are gone. */
export async function takeReading(blobId: string): Promise<Taken | null> {
  const asked = await readingToDo(blobId)
  if (!asked) return null
  await tellWindows(blobId)
  return { ...asked, bytes: asked.size > READING_LIMIT_BYTES ? null : await readWhole(blobId, asked.size) }
}

export interface WasRead {
  readonly pages: readonly string[]
  readonly paged: boolean
  /** Pages (from 1) that may be pictures of text and are put on the list to be recognised. */
  readonly scans?: readonly number[]
  readonly title?: string
  readonly author?: string
}

/** Pages that were recognised keep their words when a document is only read again by newer readers: that takes seconds for each. */
export async function keepReading(blobId: string, { pages: bodies, paged, scans = [], title = '', author = '' }: WasRead): Promise<void> {
  const isScan = new Set(scans)
  const recognised = new Map(scans.length > 0 ? (await recognisedPages(blobId)).filter(({ page }) => isScan.has(page)).map(({ page, body }) => [page, body]) : [])
  const pages = bodies.map((read, index) => {
    // PostgreSQL's text cannot hold the null character.
    const body = (recognised.get(index + 1) ?? read).replaceAll('\0', '')
    return { page: index + 1, body, folded: foldedText(body) }
  })
  const facts = factsOf(pages.map(page => page.body), title, author)
  const words = lexemes(pages.map(page => page.folded), facts.language)
  await withTransaction(async (transaction) => {
    await writePages(transaction, blobId, pages, paged)
    await writeFacts(transaction, blobId, facts, words, READER_VERSION)
    await addScanPages(transaction, blobId, scans.filter(page => !recognised.has(page)), [...recognised.keys()])
    await keepTextWords(transaction, blobId, wordsOfPages(pages.map(page => page.folded)))
    await refreshWordsOfBlob(transaction, blobId)
    await forgetThumbnail(transaction, blobId)
  })
  await tellWindows(blobId)
}

/** What the text of a document says of itself: its language, its headings, the first day written in it. */
export function factsOf(bodies: readonly string[], title: string, author: string): ReadFacts {
  const sample = bodies.slice(0, SAMPLE_PAGES).join('\n').slice(0, SAMPLE_LENGTH)
  const language = languageOf(sample)
  const [day] = datesIn(sample, { monthFirst: false })
  const heads = foldedText([title, ...headsOf(bodies.slice(0, HEAD_PAGES))].join(' '))
  return { language, title, author, heads, datedAt: day ? `${day.date}T00:00:00.000Z` : null }
}

/** Words by which typing errors are forgiven: letters only, neither very short nor very long. */
export function wordsOfPages(folded: readonly string[]): string[] {
  const words = new Set<string>()
  for (const page of folded) {
    for (const word of page.split(' ')) if (/^\p{L}{4,24}$/u.test(word)) words.add(word)
    if (words.size > TEXT_WORDS_LIMIT) break
  }
  return [...words].sort()
}

export async function giveUpReading(blobId: string, reason: string): Promise<void> {
  await failReading(blobId, reason)
  await tellWindows(blobId)
}

/** The words of folded texts, their forms and pairs, up to what an index entry holds. */
export function lexemes(folded: readonly string[], language: Language | null): string[] {
  const [all, seen] = [new Set<string>(), new Set<string>()]
  let bytes = 0
  const add = (lexeme: string): void => {
    if (bytes > LEXEME_LIMIT_BYTES || all.has(lexeme)) return
    bytes += Buffer.byteLength(lexeme) + 8
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

export async function tellWindows(blobId: string): Promise<void> {
  const documents = await documentsOfBlob(blobId)
  for (const { id, planId } of documents) await notify(null, { type: 'reading', planId, documentId: id })
}
