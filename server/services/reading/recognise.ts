import { foldedText, languageOf } from '../../../core/text/index'
import { readWhole } from '../../db/blobStore'
import { withTransaction } from '../../db/client'
import { refreshWordsOfBlob } from '../../db/sql/derived'
import type { ScanQueue, ScanTask } from '../../db/sql/scans'
import { chosenLanguages, dropScanPage, scanQueue, setRecognising, somePages, takeScanPage, writeScanPage } from '../../db/sql/scans'
import type { Actor } from '../actor'
import { bodiesOf, writeFacts } from '../../db/sql/reading'
import { keepTextWords } from '../../db/sql/textWords'
import { factsOf, lexemes, READER_VERSION, READING_LIMIT_BYTES, tellWindows, wordsOfPages } from './keepReading'

/** Languages that can be recognised: the code of the recogniser for that of core/text. */
export const RECOGNISED = { en: 'eng', de: 'deu', fr: 'fra', es: 'spa' } as const
const A_SHARE = 0.08
const KEPT_MS = 10 * 60_000

export interface Recognised { readonly text: string; readonly words: readonly object[]; readonly confidence: number }

/** The next page to be recognised with the bytes it is in; null where nothing waits. */
export async function takeScan(): Promise<(ScanTask & { readonly bytes: Buffer; readonly languages: readonly string[] }) | null> {
  const task = await takeScanPage()
  if (!task) return null
  return { ...task, bytes: await bytesOf(task), languages: await languagesOf(task.planId) }
}

// The pages of one document come one after the other.
let last: { readonly blobId: string; readonly bytes: Buffer } | null = null

async function bytesOf({ blobId, size }: ScanTask): Promise<Buffer> {
  if (size > READING_LIMIT_BYTES) return Buffer.alloc(0)
  const bytes = last?.blobId === blobId ? last.bytes : await readWhole(blobId, size)
  last = { blobId, bytes }
  return bytes
}

/** Makes the recognised words those of the page, so that the document is found by them. */
export async function keepScan({ blobId, page }: Pick<ScanTask, 'blobId' | 'page'>, { text, words, confidence }: Recognised): Promise<void> {
  const body = text.replaceAll('\0', '').trim()
  await withTransaction(async (transaction) => {
    const folded = await writeScanPage(transaction, blobId, { page, body, folded: foldedText(body), words, confidence })
    const texts = folded.map(text => text.trim())
    const facts = factsOf(await bodiesOf(transaction, blobId), '', '')
    await writeFacts(transaction, blobId, facts, lexemes(texts, facts.language), READER_VERSION)
    await keepTextWords(transaction, blobId, wordsOfPages([foldedText(body)]))
    await refreshWordsOfBlob(transaction, blobId)
  })
  await tellWindows(blobId)
}

/** A page that cannot be recognised costs itself only: the others of its document go on. */
export async function giveUpScan({ blobId, page }: Pick<ScanTask, 'blobId' | 'page'>): Promise<void> {
  await dropScanPage(blobId, page)
  await tellWindows(blobId)
}

const known = new Map<string, { readonly at: number; readonly languages: readonly string[] }>()

/** As the person chose, else what the plan mostly holds, English with it. */
export async function languagesOf(planId: string): Promise<readonly string[]> {
  const languages = await chosenLanguages(planId)
  if (languages && languages.length > 0) return languages
  const kept = known.get(planId)
  if (kept && Date.now() - kept.at < KEPT_MS) return kept.languages
  const found = (await somePages(planId)).map(languageOf).filter(language => language !== null)
  const count = (language: string) => found.filter(one => one === language).length
  const likely = (Object.keys(RECOGNISED) as (keyof typeof RECOGNISED)[]).filter(language => count(language) > found.length * A_SHARE).sort((a, b) => count(b) - count(a)).map(language => RECOGNISED[language])
  const chosen = likely.includes('eng') ? likely : [...likely, 'eng']
  known.set(planId, { at: Date.now(), languages: chosen })
  return chosen
}

export interface Recognising extends ScanQueue {
  /** Those that are used now. */
  readonly used: readonly string[]
}

export async function readRecognising(actor: Actor): Promise<Recognising> {
  return { ...await scanQueue(actor.planId), used: await languagesOf(actor.planId) }
}

/** Pauses or goes on, and in which languages; null: as the plan mostly holds. */
export async function setRecognition(actor: Actor, recognising: boolean, languages: readonly string[] | null): Promise<Recognising> {
  await setRecognising(actor.planId, recognising, languages)
  return readRecognising(actor)
}
