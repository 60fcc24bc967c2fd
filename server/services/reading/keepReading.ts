import { foldedText } from '../../../core/text/index'
import { readWhole } from '../../db/blobStore'
import { withTransaction } from '../../db/client'
import { refreshWordsOfBlob } from '../../db/sql/derived'
import { notify } from '../../db/sql/journal'
import { addScanPages } from '../../db/sql/scans'
import { documentsOfBlob, failReading, readingToDo, writePages } from '../../db/sql/reading'

/** Above this a document is found by its name only; readers hold the whole file in memory. */
export const READING_LIMIT_BYTES = 64 * 1024 * 1024
// A tsvector holds at most 1 MB; what stands behind is still shown, only not found by its words.
const LEXEME_LIMIT_BYTES = 900_000

export interface Taken { readonly extension: string; readonly size: number; readonly bytes: Buffer | null }

/** Takes the bytes for reading; `bytes` is null above the limit, the whole is null when they are gone. */
export async function takeReading(blobId: string): Promise<Taken | null> {
  const asked = await readingToDo(blobId)
  if (!asked) return null
  await tellWindows(blobId)
  return { ...asked, bytes: asked.size > READING_LIMIT_BYTES ? null : await readWhole(blobId, asked.size) }
}

/** `scans`: pages (from 1) that may be pictures of text and are put on the list to be recognised. */
export async function keepReading(blobId: string, bodies: readonly string[], paged: boolean, scans: readonly number[] = []): Promise<void> {
  // PostgreSQL's text cannot hold the null character.
  const pages = bodies.map((body, index) => ({ page: index + 1, body: body.replaceAll('\0', ''), folded: foldedText(body) }))
  await withTransaction(async (transaction) => {
    await writePages(transaction, blobId, pages, paged, lexemes(pages.map(page => page.folded)))
    await addScanPages(transaction, blobId, scans)
    await refreshWordsOfBlob(transaction, blobId)
  })
  await tellWindows(blobId)
}

export async function giveUpReading(blobId: string, reason: string): Promise<void> {
  await failReading(blobId, reason)
  await tellWindows(blobId)
}

/** The words of folded texts, up to what an index entry holds. */
export function lexemes(folded: readonly string[]): string[] {
  const words = new Set<string>()
  let bytes = 0
  for (const page of folded) {
    for (const word of page.split(' ')) {
      if (word === '' || words.has(word)) continue
      bytes += Buffer.byteLength(word) + 8
      if (bytes > LEXEME_LIMIT_BYTES) return [...words]
      words.add(word)
    }
  }
  return [...words]
}

export async function tellWindows(blobId: string): Promise<void> {
  const documents = await documentsOfBlob(blobId)
  for (const { id, planId } of documents) await notify(null, { type: 'reading', planId, documentId: id })
}
