// The process that recognises text in pictures, apart from the one that opens documents, since its engine takes
// hundreds of megabytes. One page at a time; the engine stays for the next page.

import { join } from 'node:path'
import { readFile } from 'node:fs/promises'
import { serialize } from 'node:v8'
import sharp from 'sharp'
import type { Page, Worker } from 'tesseract.js'
import { createWorker, PSM } from 'tesseract.js'
import { withoutSpecks } from '../../core/scan/index'
import type { PlacedWord } from './outcome'
import type { Recognised, RecogniseTask } from './recognised'

const NARROW_POINTS = 1100
const UNSURE = 72
const CERTAIN = 90

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

/**
 * As it is first; a page of which the engine is not certain once more, cleared and enlarged. Each finds words that the
 * other misses, so the better of the two is completed with the sure words of the other.
 */
async function see(png: Buffer, languages: string): Promise<Recognised> {
  const first = await seeOnce(await greyPage(png), languages, 0)
  if (first.confidence >= CERTAIN) return first
  const second = await seeOnce(await clearedPage(png, 0), languages, 0)
  const both = first.sure.length > second.sure.length ? completed(first, second) : completed(second, first)
  if (both.confidence >= UNSURE || both.words.length > 40) return both
  // A page that lies on its side or on its head is hardly read at all: the best of the four ways counts.
  let best = both
  for (const degrees of [90, 270, 180]) {
    const turned = await seeOnce(await clearedPage(png, degrees), languages, degrees)
    if (turned.sure.length > best.sure.length) best = turned
  }
  return best
}

interface Looked extends Recognised {
  /** Words of which the recogniser is sure: noise gives letters too, but few of these. */
  readonly sure: readonly PlacedWord[]
}

function completed(better: Looked, other: Looked): Looked {
  const has = new Set(better.words.map(({ text }) => text))
  const more = other.sure.filter(({ text }) => !has.has(text))
  if (more.length === 0) return better
  return {
    ...better,
    text: `${better.text.trimEnd()}\n${more.map(({ text }) => text).join(' ')}`,
    words: [...better.words, ...more],
  }
}

interface Prepared {
  readonly png: Buffer
  readonly width: number
  readonly height: number
}

async function greyPage(png: Buffer): Promise<Prepared> {
  const { data, info } = await sharp(png).greyscale().png({ compressionLevel: 1 }).toBuffer({ resolveWithObject: true })
  return { png: data, width: info.width, height: info.height }
}

/** Paper white, letters black, dust gone, narrow pictures larger. */
async function clearedPage(png: Buffer, degrees: number): Promise<Prepared> {
  // From the darkest point: on a page of few words the darkest hundredth is paper, and its grain would become letters.
  let picture = sharp(png).rotate(degrees).greyscale().normalise({ lower: 0, upper: 99 })
  const { width = 0 } = await sharp(png).metadata()
  if (width < NARROW_POINTS) picture = picture.resize({ width: width * 2, kernel: 'lanczos3' })
  const { data: points, info } = await picture.extractChannel(0).raw().toBuffer({ resolveWithObject: true })
  const { width: across, height } = info
  const cleaned = await sharp(withoutSpecks({ width: across, height, points }), {
    raw: { width: across, height, channels: 1 },
  })
    .png({ compressionLevel: 1 })
    .toBuffer()
  return { png: cleaned, width: across, height }
}

async function seeOnce({ png, width, height }: Prepared, languages: string, degrees: number): Promise<Looked> {
  const { data } = await (await engineFor(languages)).recognize(png, {}, { text: true, blocks: true })
  const words = allWords(data).map(({ text, confidence, bbox }) => ({
    text,
    isSure: confidence >= UNSURE && /\p{L}{3}/u.test(text),
    box: upright([bbox.x0 / width, bbox.y0 / height, bbox.x1 / width, bbox.y1 / height], degrees),
  }))
  const placed = (some: typeof words) => some.map(({ text, box }): PlacedWord => ({ text, box }))
  return {
    text: data.text,
    confidence: data.confidence,
    words: placed(words),
    sure: placed(words.filter(({ isSure }) => isSure)),
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
  } else return engine.worker
  // Columns, tables and captions are told apart; the package's own default takes a page for one block.
  await engine.worker.setParameters({ tessedit_pageseg_mode: PSM.AUTO })
  return engine.worker
}

const allWords = ({ blocks }: Page) =>
  (blocks ?? []).flatMap(block => block.paragraphs.flatMap(paragraph => paragraph.lines.flatMap(line => line.words)))

/** Where a box of the turned picture stands in the picture as it was. */
function upright([left, top, right, bottom]: [number, number, number, number], degrees: number): PlacedWord['box'] {
  if (degrees === 90) return [top, 1 - right, bottom, 1 - left]
  if (degrees === 180) return [1 - right, 1 - bottom, 1 - left, 1 - top]
  if (degrees === 270) return [1 - bottom, left, 1 - top, right]
  return [left, top, right, bottom]
}
