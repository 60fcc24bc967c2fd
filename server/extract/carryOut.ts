// What the process that opens documents does with each task.

import { isReadable, hasThumbnail } from '../../core/formats/index'
import type { Readable } from '../../core/formats/index'
import { indexedText } from '../../core/text/index'
import { extensionOf } from './contentType'
import { readDocx } from './docx'
import { readEpub } from './epub'
import type { Facts } from './facts'
import { factsInContainer, factsInHtml, factsInMail } from './facts'
import { readHtml } from './html'
import { openMail, readMail } from './mail'
import { readOdp, readOds, readOdt } from './openDocument'
import type { RecognisedBody, Task } from './outcome'
import { Unreadable } from './outcome'
import { drawPdfPage, readPdf } from './pdf'
import { drawPicture, pagesOfPicture } from './picture'
import { partsOf, readPlain } from './plain'
import { readPptx } from './pptx'
import { readRtf } from './rtf'
import { composePdf } from './scanPdf'
import { drawScan, lookAtScan } from './scanPicture'
import { simulatedSheets } from './simulatedSheets'
import { drawThumbnail } from './thumbnail'
import { readXlsx } from './xlsx'
import { namesIn } from './zip'

type Reader = (bytes: Uint8Array) => Promise<{ pages: readonly string[]; paged: boolean; scans?: readonly number[] } & Partial<Facts>>

const inParts = (read: (bytes: Uint8Array) => Promise<string> | string): Reader => async bytes => ({ pages: partsOf(await read(bytes)), paged: false })
/** With what its container says of title and author. */
const described = (reader: Reader, entry: RegExp): Reader => async bytes => ({ ...await reader(bytes), ...await factsInContainer(bytes, entry) })
const OOXML = /^docProps\/core\.xml$/
const OPEN_DOCUMENT = /^meta\.xml$/
const BOOK = /\.opf$/

const inPages = (read: (bytes: Uint8Array) => Promise<readonly string[]>): Reader => async bytes => ({ pages: await read(bytes), paged: true })

// Fewer letters than this are a page number or a stamp on a scan, not its text.
const LETTERS_OF_A_TEXT = 8
const HAS_TEXT = new RegExp(`(?:\\p{L}\\P{L}*){${LETTERS_OF_A_TEXT}}`, 'u')

const pdf: Reader = async (bytes) => {
  const { pages, title, author } = await readPdf(bytes)
  return { pages, title, author, paged: true, scans: pages.flatMap((text, index) => (HAS_TEXT.test(text) ? [] : [index + 1])) }
}

const picture: Reader = async (bytes) => {
  const scans = Array.from({ length: await pagesOfPicture(bytes) }, (_, index) => index + 1)
  return { pages: scans.map(() => ''), paged: true, scans }
}

const page: Reader = async bytes => ({ ...await inParts(readHtml)(bytes), ...factsInHtml(bytes) })

const message: Reader = async (bytes) => {
  const text = await readMail(bytes)
  return { pages: partsOf(text), paged: false, ...factsInMail(text) }
}

const READERS: Record<Readable, Reader> = {
  pdf,
  docx: described(inParts(readDocx), OOXML),
  odt: described(inParts(readOdt), OPEN_DOCUMENT),
  rtf: inParts(readRtf),
  xlsx: described(inPages(readXlsx), OOXML),
  ods: described(inPages(readOds), OPEN_DOCUMENT),
  pptx: described(inPages(readPptx), OOXML),
  odp: described(inPages(readOdp), OPEN_DOCUMENT),
  epub: described(inParts(readEpub), BOOK),
  txt: inParts(readPlain),
  md: inParts(readPlain),
  csv: inParts(readPlain),
  tsv: inParts(readPlain),
  html: page,
  htm: page,
  uri: inParts(readPlain),
  eml: message,
  zip: inParts(namesIn),
  png: picture,
  jpg: picture,
  jpeg: picture,
  webp: picture,
  tif: picture,
  tiff: picture,
}

/** The outcome of a task: what is wrong with a document is `ok: false`. Throws what a damaged document makes of its reader. */
export async function outcomeOf(task: Task): Promise<object> {
  try {
    return await carryOut(task)
  }
  catch (error) {
    if (error instanceof Unreadable) return { ok: false, reason: error.message }
    throw error
  }
}

/** Throws Unreadable, whose message is for the person, and whatever a damaged document makes of its reader. */
async function carryOut(task: Task): Promise<object> {
  switch (task.kind) {
    case 'read': return { ok: true, ...await read(await reading(task.extension, task.bytes), task.recognised) }
    case 'draw': {
      const extension = await reading(task.extension, task.bytes)
      return { ok: true, picture: extension === 'pdf' ? await drawPdfPage(task.bytes, task.page) : await drawPicture(task.bytes, task.page) }
    }
    case 'thumbnail': {
      const extension = hasThumbnail(task.extension) ? await extensionOf(task.extension, notEmpty(task.bytes)) : task.extension
      return { ok: true, picture: await drawThumbnail(extension, task.bytes, task.text) }
    }
    case 'mail': return { ok: true, ...await openMail(task.bytes) }
    case 'page.look': return { ok: true, ...await lookAtScan(Buffer.from(task.bytes)) }
    case 'page.draw': return { ok: true, ...await drawScan(Buffer.from(task.bytes), task.edits, task.width) }
    case 'page.compose': return { ok: true, bytes: await composePdf(picturesIn(task.bytes, task.lengths), task.pages, task.title, task.now) }
    case 'page.simulate': return { ok: true, pages: simulatedSheets(task.turn) }
    case 'index': return { ok: true, ...indexedText(JSON.parse(Buffer.from(task.bytes).toString()) as string[]) }
  }

  async function read(extension: Readable, recognised: readonly RecognisedBody[]): Promise<object> {
    const { pages, paged, scans = [], title = '', author = '' } = await READERS[extension](task.bytes)
    const known = new Map(recognised.filter(({ page }) => scans.includes(page)).map(({ page, body }) => [page, body]))
    return { ...indexedText(pages.map((body, index) => known.get(index + 1) ?? body), { title, author }), paged, scans }
  }
}

/** The extension by whose reader these bytes are opened. */
async function reading(named: string, bytes: Uint8Array): Promise<Readable> {
  const extension = await extensionOf(named, notEmpty(bytes))
  if (!isReadable(extension)) throw new Unreadable(`There is no reader for “${extension}”.`)
  return extension
}

function notEmpty(bytes: Uint8Array): Uint8Array {
  if (bytes.length === 0) throw new Unreadable('It is empty: a file of zero bytes.')
  return bytes
}

function picturesIn(bytes: Uint8Array, lengths: readonly number[]): Buffer[] {
  let at = 0
  return lengths.map((length) => Buffer.from(bytes.subarray(at, at += length)))
}
