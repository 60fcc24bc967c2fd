import type { IndexedText, PageText, PartName, TickCount } from '../../../core/text/index'
import { blobStore } from '../../db/blobStore'
import { withTransaction } from '../../db/client'
import type { ReadingClaim } from '../../db/sql/claims'
import { refreshWordsOfBlob } from '../../db/sql/derived'
import { notifyWork } from '../../db/sql/notify'
import { writeLocated } from '../../db/sql/bestPages'
import { failReading, holdReading, notifyHolders, waitAgain, writeFacts, writePages } from '../../db/sql/reading'
import { addScanPages, recognisedPages } from '../../db/sql/scans'
import { keepTextWords } from '../../db/sql/textWords'
import { forgetThumbnail } from '../../db/sql/thumbnails'
import type { Opened } from './openGuarded'
import { openGuarded } from './openGuarded'

/** Above this a document is found by its name only. */
export const READING_LIMIT_BYTES = 64 * 1024 * 1024
/** Raised when readers read better than before: what older ones read is read again in the background. */
export const READER_VERSION = 7

/** What a reader makes of a document. */
export interface ReadText extends IndexedText {
  readonly pages: readonly (PageText & PartName)[]
  readonly paged: boolean
  /** Pages (from 1) that may be pictures of text and are put on the list to be recognised. */
  readonly scans: readonly number[]
  /** Of check lists. */
  readonly ticks: TickCount
}

/** Opens a document in a process of its own, given by whoever calls: this layer knows no format. */
export type Read = (
  planId: string,
  extension: string,
  content: AsyncIterable<Uint8Array>,
  recognised: readonly { page: number; body: string }[],
) => Promise<Opened<({ ok: true } & ReadText) | { ok: false; reason: string }>>

/** The bytes of a whole content as they come from the store. */
export function contentOf({
  blobId,
  size,
}: {
  readonly blobId: string
  readonly size: number
}): AsyncIterable<Uint8Array> {
  return blobStore.read(blobId, 0, size - 1)
}

/** Reads the words of a document that was claimed. Whatever it does to its reader, it costs only itself. */
export async function readClaimed(claim: ReadingClaim, read: Read): Promise<void> {
  const { blobId, planId, extension, size } = claim
  await notifyHolders(blobId, 'reading')
  if (size > READING_LIMIT_BYTES)
    return giveUpReading(blobId, 'It is larger than 64 MB; documents of this size are found by their name only.')
  const recognised = await recognisedPages(blobId)
  const guarded = await openGuarded(blobId, 'reading', () => read(planId, extension, contentOf(claim), recognised))
  if (guarded.kind === 'again') return waitAgain(blobId)
  if (guarded.kind === 'failed') return giveUpReading(blobId, guarded.reason)
  return guarded.outcome.ok
    ? keepReading(
        blobId,
        guarded.outcome,
        recognised.map(({ page }) => page),
      )
    : giveUpReading(blobId, guarded.outcome.reason)
}

/**
 * Pages that were recognised keep their words when a document is only read again by newer readers: that takes seconds
 * for each.
 */
async function keepReading(
  blobId: string,
  { pages, facts, lexemes, words, located, paged, scans, ticks }: ReadText,
  recognised: readonly number[],
): Promise<void> {
  const known = recognised.filter(page => scans.includes(page))
  await withTransaction(async transaction => {
    if (!(await holdReading(transaction, blobId))) return // deleted for good meanwhile
    await writePages(transaction, blobId, { pages, paged, ticks })
    await writeFacts(transaction, blobId, facts, lexemes, { reader: READER_VERSION, located: located.length > 0 })
    await writeLocated(transaction, blobId, located)
    await addScanPages(
      transaction,
      blobId,
      scans.filter(page => !known.includes(page)),
      known,
    )
    await keepTextWords(transaction, blobId, words)
    await refreshWordsOfBlob(transaction, blobId)
    await forgetThumbnail(transaction, blobId)
    if (scans.length > known.length) await notifyWork(transaction)
  })
  await notifyHolders(blobId, 'reading')
}

async function giveUpReading(blobId: string, reason: string): Promise<void> {
  await failReading(blobId, reason)
  await notifyHolders(blobId, 'reading')
}
