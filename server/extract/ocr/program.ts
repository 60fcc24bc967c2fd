// The program that recognises text in pictures: a process of its own at the lowest priority, so that neither its
// memory nor its work stands in anybody's way. Two pages at a time.

import { setPriority } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import type { Page, Worker } from 'tesseract.js'
import { createWorker } from 'tesseract.js'
import { withoutSpecks } from '../../../core/scan/index'
import type { Answer, Ask, Seen, SeenWord } from './messages'

const AT_ONCE = 2
const NARROW_POINTS = 1100
const UNSURE = 72
const LOWEST = 19

setPriority(LOWEST)
const languageFolder = join(import.meta.dirname, 'languages')
const idle: { worker: Worker; languages: string }[] = []
const waiting: Ask[] = []
let working = 0

process.on('message', (ask: Ask) => {
  waiting.push(ask)
  next()
})
process.on('disconnect', () => process.exit(0))

function next(): void {
  if (working >= AT_ONCE) return
  const ask = waiting.shift()
  if (!ask) return
  working++
  void answer(ask).then((said) => {
    process.send?.(said)
    working--
    next()
  })
}

async function answer({ id, png, languages }: Ask): Promise<Answer> {
  try {
    return { id, seen: await see(Buffer.from(png), languages.join('+')) }
  }
  catch (error) {
    return { id, failed: error instanceof Error ? error.message : String(error) }
  }
}

async function see(png: Buffer, languages: string): Promise<Seen> {
  const first = await seeOnce(png, languages, 0)
  if (first.confidence >= UNSURE || first.words.length > 40) return first
  // A page that lies on its side or on its head is hardly read at all: the best of the four ways counts.
  let best = first
  for (const degrees of [90, 270, 180]) {
    const turned = await seeOnce(png, languages, degrees)
    if (turned.sure > best.sure) best = turned
  }
  return best
}

interface Looked extends Seen { readonly sure: number }

async function seeOnce(png: Buffer, languages: string, degrees: number): Promise<Looked> {
  // From the darkest point: on a page of few words the darkest hundredth is paper, and its grain would become letters.
  let picture = sharp(png).rotate(degrees).greyscale().normalise({ lower: 0, upper: 99 })
  const { width = 0 } = await sharp(png).metadata()
  if (width < NARROW_POINTS) picture = picture.resize({ width: width * 2, kernel: 'lanczos3' })
  const { data: points, info } = await picture.extractChannel(0).raw().toBuffer({ resolveWithObject: true })
  const cleaned = await sharp(withoutSpecks({ width: info.width, height: info.height, points }), { raw: { width: info.width, height: info.height, channels: 1 } }).png({ compressionLevel: 1 }).toBuffer()
  const { worker, ...kept } = await take(languages)
  try {
    const { data } = await worker.recognize(cleaned, {}, { text: true, blocks: true })
    return { text: data.text, confidence: data.confidence, words: wordsOf(data, info.width, info.height, degrees), sure: sureWordsOf(data) }
  }
  finally {
    idle.push({ worker, ...kept })
  }
}

async function take(languages: string): Promise<{ worker: Worker; languages: string }> {
  const known = idle.findIndex(one => one.languages === languages)
  const [kept] = idle.splice(known >= 0 ? known : 0, 1)
  if (kept?.languages === languages) return kept
  if (kept) {
    await kept.worker.reinitialize(languages)
    return { worker: kept.worker, languages }
  }
  return { worker: await createWorker(languages, 1, { langPath: languageFolder, gzip: true, cacheMethod: 'none' }), languages }
}

const allWords = ({ blocks }: Page) => (blocks ?? []).flatMap(block => block.paragraphs.flatMap(paragraph => paragraph.lines.flatMap(line => line.words)))

/** Words of which the recogniser is sure: noise gives letters too, but few of these. */
function sureWordsOf(page: Page): number {
  return allWords(page).filter(word => word.confidence >= UNSURE && /\p{L}{3}/u.test(word.text)).length
}

function wordsOf(page: Page, width: number, height: number, degrees: number): SeenWord[] {
  return allWords(page).map(({ text, bbox }) => ({ text, box: upright([bbox.x0 / width, bbox.y0 / height, bbox.x1 / width, bbox.y1 / height], degrees) }))
}

/** Where a box of the turned picture stands in the picture as it was. */
function upright([left, top, right, bottom]: [number, number, number, number], degrees: number): SeenWord['box'] {
  if (degrees === 90) return [top, 1 - right, bottom, 1 - left]
  if (degrees === 180) return [1 - right, 1 - bottom, 1 - left, 1 - top]
  if (degrees === 270) return [1 - bottom, left, 1 - top, right]
  return [left, top, right, bottom]
}
