import { createRequire } from 'node:module'
import { dirname } from 'node:path'
import { createCanvas } from '@napi-rs/canvas'
import type { PDFDocumentProxy, PDFWorker } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Facts } from './facts'
import { tidyFacts } from './facts'
import type { AttachedFile } from './outcome'
import { PROTECTED, TEXT_LIMIT, Unreadable } from './outcome'
import { mayHaveNotes } from './pdfNotes'
import { pdfLibrary } from './pdfLibrary'
import { wiredWorker } from './pdfWire'

// Pages asked for together: one is prepared while the other is read.
const AT_ONCE = 8

async function textOfPage(pdf: PDFDocumentProxy, number: number, hasNotes: boolean): Promise<string> {
  const page = await pdf.getPage(number)
  // Words are folded where they are compared, so ligatures need not be taken apart here.
  const content = await page.getTextContent({ disableNormalization: true })
  const annotations = hasNotes ? ((await page.getAnnotations()) as readonly Annotation[]) : []
  page.cleanup()
  const text = content.items.map(item => ('str' in item ? item.str + (item.hasEOL ? '\n' : '') : '')).join('')
  return [text.replace(CUT_WORD, '$1$2'), ...annotations.flatMap(saidIn)].join('\n')
}

// A word that was cut at the end of its line.
const CUT_WORD = /(\p{Ll})[-\u00ad]\n(\p{Ll})/gu

/** What is used of an annotation (ISO 32000-1, 12.5 and 12.7). */
interface Annotation {
  readonly fieldValue?: unknown
  readonly alternativeText?: unknown
  readonly contentsObj?: { readonly str?: unknown }
}

/** What was filled into a field with its caption, and what was written on the page as a note. */
function saidIn({ fieldValue, alternativeText, contentsObj }: Annotation): string[] {
  const values: readonly unknown[] = Array.isArray(fieldValue) ? fieldValue : [fieldValue]
  return [alternativeText, ...values, contentsObj?.str]
    .filter((value): value is string => typeof value === 'string' && value.trim() !== '' && value !== 'Off')
    .map(value => value.trim())
}

/** A file that is attached to it (7.11.4), as the library gives it. */
interface GivenFile {
  readonly filename?: unknown
  readonly description?: unknown
  readonly content?: unknown
}

const text = (value: unknown) => (typeof value === 'string' ? value.trim() : '')

async function attachedFiles(pdf: PDFDocumentProxy): Promise<AttachedFile[]> {
  const given = (await pdf.getAttachments()) as Readonly<Record<string, GivenFile>> | null
  return Object.values(given ?? {}).map(({ filename, description, content }, index) => ({
    // It may be named with the path that it had where it was attached.
    name: text(filename).split(/[/\\]/).at(-1) || `attachment ${index + 1}`,
    description: text(description),
    bytes: content instanceof Uint8Array ? content : new Uint8Array(),
  }))
}

/** What is attached to it, as files of their own. */
export const filesInPdf = (bytes: Uint8Array): Promise<AttachedFile[]> => withPdf(bytes, attachedFiles)

/** The text of each page, lines as they are drawn; what is attached; title and author. */
export async function readPdf(bytes: Uint8Array): Promise<{ pages: string[]; attached: AttachedFile[] } & Facts> {
  const worker = await wiredWorker()
  const hasNotes = mayHaveNotes(bytes)
  return withPdf(
    bytes,
    async pdf => {
      const pages: string[] = []
      let length = 0
      for (let from = 1; from <= pdf.numPages && length < TEXT_LIMIT; from += AT_ONCE) {
        const numbers = Array.from({ length: Math.min(AT_ONCE, pdf.numPages - from + 1) }, (_, index) => from + index)
        for (const text of await Promise.all(numbers.map(number => textOfPage(pdf, number, hasNotes)))) {
          length += text.length
          pages.push(text)
        }
      }
      const { info } = await pdf.getMetadata()
      const { Title, Author } = info as { readonly Title?: unknown; readonly Author?: unknown }
      return { pages, attached: await attachedFiles(pdf), ...tidyFacts(Title, Author) }
    },
    worker,
  ).finally(() => {
    worker.destroy()
  })
}

// 200 dots an inch, which recognition likes; larger pages are drawn smaller.
const DOTS = 200 / 72
const SIDE_LIMIT = 2600
const LIBRARY = dirname(createRequire(import.meta.url).resolve('pdfjs-dist/package.json'))

/** One page (from 1) as a PNG. */
export async function drawPdfPage(bytes: Uint8Array, number: number): Promise<Uint8Array> {
  return withPdf(bytes, async pdf => {
    const page = await pdf.getPage(number)
    const { width, height } = page.getViewport({ scale: 1 })
    const viewport = page.getViewport({ scale: Math.min(DOTS, SIDE_LIMIT / Math.max(width, height)) })
    const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height))
    await page.render({ canvas: canvas as never, viewport, background: '#ffffff' }).promise
    return canvas.toBuffer('image/png')
  })
}

async function withPdf<T>(
  bytes: Uint8Array,
  work: (pdf: PDFDocumentProxy) => Promise<T>,
  worker?: PDFWorker,
): Promise<T> {
  if (!isPdf(bytes))
    throw new Unreadable('It is named PDF but is not one. Open it where it was made and save it again.')
  const { getDocument, VerbosityLevel } = await pdfLibrary()
  const task = getDocument({
    data: Buffer.isBuffer(bytes) ? new Uint8Array(bytes) : bytes, // the library takes no other kind
    verbosity: VerbosityLevel.ERRORS,
    useSystemFonts: false,
    disableFontFace: true,
    isEvalSupported: false,
    stopAtErrors: false,
    wasmUrl: `${LIBRARY}/wasm/`,
    // Fonts that are not embedded: what their codes stand for (Chinese, Japanese, Korean), and letters to draw.
    cMapUrl: `${LIBRARY}/cmaps/`,
    cMapPacked: true,
    standardFontDataUrl: `${LIBRARY}/standard_fonts/`,
    ...(worker ? { worker } : {}),
  })
  const pdf = await task.promise.catch((error: unknown) => {
    throw new Unreadable(reasonFor(error))
  })
  try {
    return await work(pdf)
  } finally {
    await task.destroy()
  }
}

/** The header may stand anywhere in the first 1,024 bytes. */
function isPdf(bytes: Uint8Array): boolean {
  return Buffer.from(bytes.subarray(0, 1024)).includes('%PDF-')
}

function reasonFor(error: unknown): string {
  const name = error instanceof Error ? error.name : ''
  if (name === 'PasswordException') return PROTECTED
  return 'It is a damaged PDF. Open it where it was made and save it again.'
}
