import { LRUCache } from 'lru-cache'
import type { IndexedText } from '../../../core/text/index'
import { foldedText, indexedText, languageOf } from '../../../core/text/index'
import { withTransaction } from '../../db/client'
import { writeLocated } from '../../db/sql/bestPages'
import type { ScanClaim } from '../../db/sql/claims'
import { refreshWordsOfBlob } from '../../db/sql/derived'
import { notifyWork } from '../../db/sql/notify'
import { bodiesOf, holdReading, notifyHolders, writeFacts } from '../../db/sql/reading'
import type { ScanQueue } from '../../db/sql/scans'
import {
  chosenLanguages,
  dropScanPage,
  scanPageAgain,
  scanQueue,
  setRecognising,
  somePages,
  writeScanPage,
} from '../../db/sql/scans'
import { keepTextWords } from '../../db/sql/textWords'
import type { Actor } from '../actor'
import { contentOf, READER_VERSION, READING_LIMIT_BYTES } from './keepReading'
import type { Opened } from './openGuarded'
import { openGuarded } from './openGuarded'

/** Languages that can be recognised: the code of the recogniser for that of core/text. */
const RECOGNISED = { en: 'eng', de: 'deu', fr: 'fra', es: 'spa' } as const
const A_SHARE = 0.08
const LANGUAGES_VALID_MS = 10 * 60_000

interface Recognised {
  readonly text: string
  readonly words: readonly object[]
  readonly confidence: number
}

/** What opens documents, given by whoever calls: each in a process of its own. */
export interface PageReaders {
  readonly draw: (
    planId: string,
    extension: string,
    content: AsyncIterable<Uint8Array>,
    page: number,
  ) => Promise<Opened<{ ok: true; picture: Uint8Array } | { ok: false; reason: string }>>
  readonly recognise: (planId: string, png: Uint8Array, languages: readonly string[]) => Promise<Opened<Recognised>>
  readonly index: (planId: string, bodies: readonly string[]) => Promise<IndexedText>
}

/**
 * Recognises the text of a claimed page. One that cannot be recognised costs itself only: the others of its document go
 * on.
 */
export async function recogniseClaimed(claim: ScanClaim, readers: PageReaders): Promise<void> {
  const { blobId, page, planId } = claim
  if (claim.size === 0 || claim.size > READING_LIMIT_BYTES) return giveUpPage(claim)
  const languages = await languagesOf(planId)
  const guarded = await openGuarded(blobId, `page ${page}`, async (): Promise<Opened<Recognised | null>> => {
    const drawn = await readers.draw(planId, claim.extension, contentOf(claim), page)
    if (drawn.ended !== null) return drawn
    if (!drawn.outcome.ok) return { ended: null, outcome: null }
    return readers.recognise(planId, drawn.outcome.picture, languages)
  })
  if (guarded.kind === 'again') return scanPageAgain(blobId, page)
  if (guarded.kind === 'failed' || guarded.outcome === null) return giveUpPage(claim)
  return keepPage(claim, guarded.outcome, readers)
}

/** Makes the recognised words those of the page, so that the document is found by them. */
async function keepPage(
  { blobId, planId, page }: ScanClaim,
  { text, words, confidence }: Recognised,
  readers: PageReaders,
): Promise<void> {
  const body = text.replaceAll('\0', '').trim()
  await withTransaction(async transaction => {
    // Pages of one document are written one after the other.
    if (!(await holdReading(transaction, blobId))) return
    await writeScanPage(transaction, blobId, { page, body, folded: foldedText(body), words, confidence })
    const { facts, lexemes, located } = await readers.index(planId, await bodiesOf(transaction, blobId))
    await writeFacts(transaction, blobId, facts, lexemes, { reader: READER_VERSION, located: located.length > 0 })
    await writeLocated(transaction, blobId, located)
    await keepTextWords(transaction, blobId, indexedText([body]).words)
    await refreshWordsOfBlob(transaction, blobId)
  })
  await notifyHolders(blobId, 'reading')
}

async function giveUpPage({ blobId, page }: ScanClaim): Promise<void> {
  await dropScanPage(blobId, page)
  await notifyHolders(blobId, 'reading')
}

const known = new LRUCache<string, readonly string[]>({ max: 1000, ttl: LANGUAGES_VALID_MS })

/** As the person chose, else what the plan mostly holds, English with it. */
export async function languagesOf(planId: string): Promise<readonly string[]> {
  const languages = await chosenLanguages(planId)
  if (languages && languages.length > 0) return languages
  const cached = known.get(planId)
  if (cached) return cached
  const found = (await somePages(planId)).map(languageOf).filter(language => language !== null)
  const count = (language: string) => found.filter(one => one === language).length
  const likely = (Object.keys(RECOGNISED) as (keyof typeof RECOGNISED)[])
    .filter(language => count(language) > found.length * A_SHARE)
    .sort((a, b) => count(b) - count(a))
    .map(language => RECOGNISED[language])
  const chosen = likely.includes('eng') ? likely : [...likely, 'eng']
  known.set(planId, chosen)
  return chosen
}

export interface Recognising extends ScanQueue {
  /** Those that are used now. */
  readonly used: readonly string[]
}

export async function readRecognising(actor: Actor): Promise<Recognising> {
  return { ...(await scanQueue(actor.planId)), used: await languagesOf(actor.planId) }
}

/** Pauses or goes on, and in which languages; null: as the plan mostly holds. */
export async function setRecognition(
  actor: Actor,
  recognising: boolean,
  languages: readonly string[] | null,
): Promise<Recognising> {
  await setRecognising(actor.planId, recognising, languages)
  await notifyWork(null)
  return readRecognising(actor)
}
