// The process that recognises text in pictures, apart from the one that opens documents, since its engine takes
// hundreds of megabytes. One page at a time; the engine stays for the next page.

import { join } from 'node:path'
import { readFile } from 'node:fs/promises'
import { serialize } from 'node:v8'
import sharp from 'sharp'
import type { Page, Worker } from 'tesseract.js'
import { createWorker } from 'tesseract.js'
import { withoutSpecks } from '../../core/scan/index'
import type { PlacedWord } from './outcome'
import type { Recognised, RecogniseTask } from './recognised'

const NARROW_POINTS = 1100
const UNSURE = 72

const languageFolder = join(import.meta.dirname, 'languages')
let engine: { readonly worker: Worker; readonly languages: string } | null = null

process.on('message', (task: RecogniseTask) => {
  recognise(task).then(
    value => process.send?.({ value: serialize(value) }),
    (error: unknown) => process.send?.({ threw: error instanceof Error ? error.message : String(error) }),
  )
})
process.on('disconnect', () => process.exit(0))

async function recognise({ file, languages }: RecogniseTask): Promise<Recognised> {
  return see(await readFile(file), languages.join('+'))
}

async function see(png: Buffer, languages: string): Promise<Recognised> {
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

interface Looked extends Recognised {
  readonly sure: number
}

async function seeOnce(png: Buffer, languages: string, degrees: number): Promise<Looked> {
  // From the darkest point: on a page of few words the darkest hundredth is paper, and its grain would become letters.
  let picture = sharp(png).rotate(degrees).greyscale().normalise({ lower: 0, upper: 99 })
  const { width = 0 } = await sharp(png).metadata()
  if (width < NARROW_POINTS) picture = picture.resize({ width: width * 2, kernel: 'lanczos3' })
  const { data: points, info } = await picture.extractChannel(0).raw().toBuffer({ resolveWithObject: true })
  const cleaned = await sharp(withoutSpecks({ width: info.width, height: info.height, points }), {
    raw: { width: info.width, height: info.height, channels: 1 },
  })
    .png({ compressionLevel: 1 })
    .toBuffer()
  const { data } = await (await engineFor(languages)).recognize(cleaned, {}, { text: true, blocks: true })
  return {
    text: data.text,
    confidence: data.confidence,
    words: wordsOf(data, info.width, info.height, degrees),
    sure: sureWordsOf(data),
  }
}

async function engineFor(languages: string): Promise<Worker> {
  if (engine === null)
    engine = {
      worker: await createWorker(languages, 1, { langPath: languageFolder, gzip: true, cacheMethod: 'none' }),
      languages,
    }
  else if (engine.languages !== languages) {
    await engine.worker.reinitialize(languages)
    engine = { worker: engine.worker, languages }
  }
  return engine.worker
}

const allWords = ({ blocks }: Page) =>
  (blocks ?? []).flatMap(block => block.paragraphs.flatMap(paragraph => paragraph.lines.flatMap(line => line.words)))

/** Words of which the recogniser is sure: noise gives letters too, but few of these. */
function sureWordsOf(page: Page): number {
  return allWords(page).filter(word => word.confidence >= UNSURE && /\p{L}{3}/u.test(word.text)).length
}

function wordsOf(page: Page, width: number, height: number, degrees: number): PlacedWord[] {
  return allWords(page).map(({ text, bbox }) => ({
    text,
    box: upright([bbox.x0 / width, bbox.y0 / height, bbox.x1 / width, bbox.y1 / height], degrees),
  }))
}

/** Where a box of the turned picture stands in the picture as it was. */
function upright([left, top, right, bottom]: [number, number, number, number], degrees: number): PlacedWord['box'] {
  if (degrees === 90) return [top, 1 - right, bottom, 1 - left]
  if (degrees === 180) return [1 - right, 1 - bottom, 1 - left, 1 - top]
  if (degrees === 270) return [1 - bottom, left, 1 - top, right]
  return [left, top, right, bottom]
}
