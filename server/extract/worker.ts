// The program of a reader's thread.

import { isReadable, isSketched } from '../../core/formats/index'
import type { Readable } from '../../core/formats/index'
import { readDocx } from './docx'
import { readEpub } from './epub'
import type { Facts } from './facts'
import { factsInContainer, factsInHtml, factsInMail } from './facts'
import { readHtml } from './html'
import { readMail } from './mail'
import { readOdp, readOds, readOdt } from './openDocument'
import type { Drawn, Outcome, ReadTask } from './outcome'
import { Unreadable } from './outcome'
import { drawPdfPage, readPdf } from './pdf'
import { drawPicture, pagesOfPicture } from './picture'
import { partsOf, readPlain } from './plain'
import { readPptx } from './pptx'
import { readRtf } from './rtf'
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

export default async function work(task: ReadTask): Promise<Outcome | Drawn> {
  const { extension, bytes } = task
  if (bytes.length === 0) return { ok: false, reason: 'It is empty: a file of zero bytes.' }
  try {
    if (task.kind === 'thumbnail' && isSketched(extension)) return { ok: true, picture: await drawThumbnail(extension, bytes, task.text) }
    if (!isReadable(extension)) return { ok: false, reason: `There is no reader for “${extension}”.` }
    if (task.kind === 'draw') return { ok: true, picture: extension === 'pdf' ? await drawPdfPage(bytes, task.page) : await drawPicture(bytes, task.page) }
    return { ok: true, ...await READERS[extension](bytes) }
  }
  catch (error) {
    if (error instanceof Unreadable) return { ok: false, reason: error.message }
    throw error
  }
}
