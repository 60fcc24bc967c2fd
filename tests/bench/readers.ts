// The figures of reading: how many words are got out of documents, how fast, and how well pages that are pictures are
// recognised. Needs no database. Started by "npm run bench read".

import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import PDFDocument from 'pdfkit'
import { foldedText } from '../../core/text/index'
import { badly, pageOf, registerFonts } from './drawnPages'
import { LANGUAGE_SENTENCES } from './languageSentences'
import { mean } from './measure'
import { renderFile } from '../../demo/files'
import type { Format } from '../../demo/papers'
import type { Random } from '../../demo/random'
import { seeded } from '../../demo/random'
import { POOLS } from '../../demo/texts'
import { outcomeOf } from '../../server/extract/carryOut'
import type { Drawn, Outcome } from '../../server/extract/outcome'
import { documents, stopWorkers } from '../../server/workers/documents'

const [FILES, WARM, PAGES, EACH, OCR_PAGES] = [40, 20, 12, 30, 3]
const log = (line: string): void => {
  console.log(`· ${line}`)
}
const sentences = Object.values(POOLS).flat()

function paragraphs(random: Random, count: number, from: readonly string[] = sentences): string[] {
  return Array.from({ length: count }, () =>
    Array.from({ length: random.int(3, 7) }, () => random.pick([...from])).join(' '),
  )
}

/** Of the words of `known`, as often as they stand there, the share that `got` has. */
function recall(known: string, got: string): number {
  const left = new Map<string, number>()
  for (const word of foldedText(got).split(' ')) left.set(word, (left.get(word) ?? 0) + 1)
  const words = foldedText(known)
    .split(' ')
    .filter(word => word !== '')
  let found = 0
  for (const word of words) {
    const count = left.get(word) ?? 0
    if (count === 0) continue
    found++
    left.set(word, count - 1)
  }
  return words.length === 0 ? 1 : found / words.length
}

const textOf = async (extension: string, bytes: Buffer): Promise<string> => {
  const outcome = (await outcomeOf({
    kind: 'read',
    extension,
    recognised: [],
    bytes: new Uint8Array(bytes),
  })) as Outcome
  if (!outcome.ok || !('pages' in outcome)) throw new Error('A document of the bench could not be read.')
  return outcome.pages.map(({ body }) => body).join('\n')
}

function manyPages(random: Random): Promise<Buffer> {
  const document = new PDFDocument({ size: 'A4', margin: 60 })
  const parts: Buffer[] = []
  return new Promise((resolve, reject) => {
    document.on('data', (part: Buffer) => parts.push(part))
    document.on('end', () => resolve(Buffer.concat(parts)))
    document.on('error', reject)
    for (let page = 0; page < PAGES; page++) {
      if (page > 0) document.addPage()
      document
        .font(random.pick(['Times-Roman', 'Helvetica', 'Courier']))
        .fontSize(random.int(9, 12))
        .text(paragraphs(random, 6).join('\n\n'), {
          columns: random.int(1, 2),
          align: random.next() < 0.5 ? 'left' : 'justify',
        })
    }
    document.end()
  })
}

/** PDF against Debian's pdftotext over the same files; null where that is not on the machine. */
async function pdfFigures(): Promise<string> {
  const random = seeded(3)
  const folder = mkdtempSync(join(tmpdir(), 'hembix-bench-'))
  try {
    const files = await Promise.all(Array.from({ length: FILES }, () => manyPages(random)))
    const paths = files.map((bytes, index) => {
      const path = join(folder, `${index}.pdf`)
      writeFileSync(path, bytes)
      return path
    })
    // Compiled before it is measured, as a reader is that has run for a while.
    for (const bytes of files.slice(0, WARM)) await textOf('pdf', bytes)
    const compares = !spawnSync('pdftotext', ['-v']).error
    const ours: string[] = []
    let [oursMs, theirsMs] = [0, 0]
    // File by file in turns: the machine is faster at some moments than at others.
    for (const [index, bytes] of files.entries()) {
      const began = performance.now()
      ours.push(await textOf('pdf', bytes))
      const between = performance.now()
      if (compares) spawnSync('pdftotext', [paths[index] ?? '', `${paths[index] ?? ''}.txt`])
      oursMs += between - began
      theirsMs += performance.now() - between
    }
    if (!compares)
      return (
        `PDF: ${(((FILES * PAGES) / oursMs) * 1000).toFixed(0)} pages/s on one core; Debian's pdftotext ` +
        'is not on this machine (package poppler-utils), so nothing is compared.'
      )
    const shares = paths.map((path, index) => recall(readFileSync(`${path}.txt`, 'utf8'), ours[index] ?? ''))
    return (
      `PDF, ${FILES} files of ${PAGES} pages and more, one core: ${((FILES / oursMs) * 1000).toFixed(1)} ` +
      `files/s; Debian's pdftotext over the same files, in turns with ours (a process each): ` +
      `${((FILES / theirsMs) * 1000).toFixed(1)} files/s, so ${(theirsMs / oursMs).toFixed(2)} of its ` +
      `speed. Of its words we have ${(100 * mean(shares)).toFixed(2)} % ` +
      `(least in one file ${(100 * Math.min(...shares)).toFixed(2)} %).`
    )
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

/** Documents a second by format, and the share of the words that were put into them. */
async function formatRows(): Promise<string[]> {
  const rows: string[] = []
  for (const format of [
    'docx',
    'odt',
    'xlsx',
    'csv',
    'md',
    'txt',
    'html',
    'pdf',
  ] as const satisfies readonly Format[]) {
    const random = seeded(11)
    const papers = Array.from({ length: EACH }, (_, index) => ({
      name: `paper ${index}`,
      format,
      title: `Paper ${index}`,
      date: new Date('2026-05-06T07:08:09Z'),
      paragraphs: paragraphs(random, 12),
      table: [
        ['Berth', 'Units'],
        ['7', '120'],
      ],
    }))
    const files = await Promise.all(papers.map(renderFile))
    const first = files[0]
    if (first) await textOf(format, first)
    const began = performance.now()
    const texts: string[] = []
    for (const bytes of files) texts.push(await textOf(format, bytes))
    const ms = performance.now() - began
    // A table holds the table only.
    const known = papers.map(paper =>
      format === 'csv' || format === 'xlsx'
        ? paper.table.flat().join(' ')
        : [paper.title, ...paper.paragraphs].join(' '),
    )
    const share = texts.reduce((sum, text, index) => sum + recall(known[index] ?? '', text), 0) / texts.length
    rows.push(
      `| ${format.toUpperCase()} | ${((EACH / ms) * 1000).toFixed(0)} | ` +
        `${(files.reduce((sum, bytes) => sum + bytes.length, 0) / EACH / 1024).toFixed(1)} | ` +
        `${(100 * share).toFixed(1)} % |`,
    )
  }
  return rows
}

async function recognisedText(png: Uint8Array, languages: readonly string[]): Promise<string> {
  const opened = await documents.recognise('bench', png, languages)
  if (opened.ended !== null) throw new Error('A page of the bench could not be recognised.')
  return opened.outcome.text
}

async function ocrRows(): Promise<string[]> {
  registerFonts()
  const rows: string[] = []
  try {
    for (const [name, spoil] of [
      ['clean', null],
      ['turned, grey, noisy', badly],
    ] as const) {
      const random = seeded(29)
      const shares: number[] = []
      const began = performance.now()
      for (const [language, code] of [
        ['english', 'eng'],
        ['german', 'deu'],
        ['french', 'fra'],
        ['spanish', 'spa'],
      ] as const) {
        for (let page = 0; page < OCR_PAGES; page++) {
          const texts = paragraphs(random, 6, LANGUAGE_SENTENCES[language])
          const drawn = pageOf(random, texts)
          // As the server does it: drawn, then straightened and cleaned where it helps.
          const task = (await outcomeOf({
            kind: 'draw',
            extension: 'png',
            bytes: new Uint8Array(spoil ? await spoil(random, drawn) : drawn),
            page: 1,
          })) as Drawn
          if (!task.ok || !('picture' in task)) throw new Error('A page of the bench could not be drawn.')
          shares.push(recall(texts.join(' '), await recognisedText(task.picture, [code, 'eng'])))
        }
      }
      const ms = performance.now() - began
      rows.push(
        `| ${name} | ${(100 * mean(shares)).toFixed(2)} % | ` +
          `${(100 * Math.min(...shares)).toFixed(2)} % | ${(ms / shares.length / 1000).toFixed(1)} | ` +
          `${shares.length} |`,
      )
      log(`recognised, ${name}: ${(100 * mean(shares)).toFixed(2)} %`)
    }
  } finally {
    stopWorkers()
  }
  return rows
}

log('PDF against pdftotext')
const pdf = await pdfFigures()
log(pdf)
const formats = await formatRows()
log('pages that are pictures')
const ocr = await ocrRows()
const report = `# Figures of reading

Made by \`npm run bench read\` on ${new Date().toISOString().slice(0, 10)}, on a machine of two cores that other work
shares. Words are compared folded, as often as they stand there.

${pdf}

## By format

One thread, papers of a page or two; of what was put into the document, the share of words that was read.

| format | documents/s | KB each | words |
|---|---|---|---|
${formats.join('\n')}

## Pages that are pictures

A4 at 200 dots an inch, about 300 words, four languages, two typefaces; one page at a time. Turned: by 0.8 to 1.6
degrees.

| pages | words right, mean | least in one page | s a page | n |
|---|---|---|---|---|
${ocr.join('\n')}
`
writeFileSync(new URL('reading.md', import.meta.url), report)
console.log(report)
