// Which reader opens which format. A reader is loaded when the first of its documents comes: all of them together take
// a process that somebody waits for longer to load than most documents to read.

import type { ReadableFormat } from '../../core/formats/index'
import { readableFormat } from '../../core/formats/index'
import { nameFromFile } from '../../core/plan/index'
import { wordsOf } from '../../core/text/index'
import type { Embedded } from './embedded'
import type { Facts } from './facts'
import type { AttachedFile } from './outcome'
import type { Part } from './parts'
import { part, textParts } from './parts'

/** What a reader makes of a document. `scans`: pages (from 1) without text, to be recognised. */
interface Reading extends Partial<Facts> {
  readonly pages: readonly Part[]
  readonly paged: boolean
  readonly scans?: readonly number[]
}

/** Throws Unreadable, whose message is for the person, and whatever a damaged document makes of it. */
export type Reader = (bytes: Uint8Array) => Promise<Reading>

type Loaded<T> = () => Promise<(bytes: Uint8Array) => Promise<T> | T>

/** A text without pages, in parts. */
const inParts =
  (load: Loaded<string>): Reader =>
  async bytes => ({ pages: textParts(await (await load())(bytes)), paged: false })
/** The text, then its notes, comments and what else stands apart. */
const inNamedParts =
  (load: Loaded<readonly Part[]>): Reader =>
  async bytes => ({ pages: await (await load())(bytes), paged: false })
/** Sheets or slides. */
const inPages =
  (load: Loaded<readonly Part[]>): Reader =>
  async bytes => ({ pages: await (await load())(bytes), paged: true })
/** With what its container says of title and author. */
const described =
  (reader: Reader, entry: RegExp): Reader =>
  async bytes => ({ ...(await reader(bytes)), ...(await (await import('./facts')).factsInContainer(bytes, entry)) })
/** What a document within another says; nothing where it cannot be read. */
const readWithin = (format: ReadableFormat, bytes: Uint8Array): Promise<readonly Part[]> =>
  READERS[format](bytes).then(
    ({ pages }) => pages.filter(({ body }) => body !== ''),
    () => [],
  )
/** With the documents that lie in it, as parts of their own behind its pages. One that cannot be read is left out. */
const withEmbedded =
  (reader: Reader, embedded: Loaded<readonly Embedded[]>): Reader =>
  async bytes => {
    const reading = await reader(bytes)
    const within: Part[] = []
    for (const { format, bytes: inner } of await (
      await embedded()
    )(bytes)) {
      const read = await readWithin(format, inner)
      within.push(...read.map(({ name, body }) => part('embedded', name, body)))
    }
    return { ...reading, pages: [...reading.pages, ...within] }
  }
/**
 * With the letters of drawings that lie in it, as one part behind all others: what the document or its objects say
 * themselves is not said again, since most drawings show an object.
 */
const withDrawn =
  (reader: Reader, drawn: Loaded<readonly string[]>): Reader =>
  async bytes => {
    const reading = await reader(bytes)
    const texts = (await (await drawn())(bytes)).flatMap(text => text.split('\n'))
    if (texts.length === 0) return reading
    const said = new Set(reading.pages.flatMap(({ body }) => wordsOf(body).map(word => word.text)))
    const more = texts.filter(line => wordsOf(line).some(word => !said.has(word.text)))
    return more.length === 0
      ? reading
      : { ...reading, pages: [...reading.pages, ...textParts(more.join('\n'), 'drawing')] }
  }
const ooxml = (reader: Reader): Reader =>
  described(
    withDrawn(
      withEmbedded(reader, async () => (await import('./embedded')).embeddedInOoxml),
      async () => (await import('./drawnTexts')).drawnInContainer,
    ),
    OOXML,
  )
const openDocument = (reader: Reader): Reader =>
  described(
    withDrawn(
      withEmbedded(reader, async () => (await import('./embedded')).embeddedInOpenDocument),
      async () => (await import('./drawnTexts')).drawnInContainer,
    ),
    OPEN_DOCUMENT,
  )
const compound = (reader: Reader): Reader =>
  withDrawn(
    withEmbedded(reader, async () => (await import('./embedded')).embeddedInCompound),
    async () => (await import('./drawnTexts')).drawnInCompound,
  )
const OOXML = /^docProps\/core\.xml$/
const OPEN_DOCUMENT = /^meta\.xml$/
const BOOK = /\.opf$/

// Fewer letters than this are a page number or a stamp on a scan, not its text.
const LETTERS_OF_A_TEXT = 8
const ATTACHED_LIMIT_BYTES = 64 * 1024 * 1024
const HAS_TEXT = new RegExp(`(?:\\p{L}\\P{L}*){${LETTERS_OF_A_TEXT}}`, 'u')

const pdf: Reader = async bytes => {
  const { pages, attached, title, author } = await (await import('./pdf')).readPdf(bytes)
  return {
    pages: [...pages.map(text => part('page', '', text)), ...(await readAttached(attached))],
    title,
    author,
    paged: true,
    scans: pages.flatMap((text, index) => (HAS_TEXT.test(text) ? [] : [index + 1])),
  }
}

/** Files that are attached, one after the other: by their names, and by their words where they can be read. */
async function readAttached(files: readonly AttachedFile[]): Promise<Part[]> {
  const parts: Part[] = []
  for (const { name, description, bytes } of files) {
    const format = readableFormat(nameFromFile(name).extension)
    // What is attached to what is attached stays closed, and pictures are not recognised here.
    const isRead = format !== null && format !== 'pdf' && bytes.length <= ATTACHED_LIMIT_BYTES
    const bodies = isRead ? (await readWithin(format, bytes)).map(({ body }) => body) : []
    parts.push(part('attachment', name, [name, description, ...bodies].filter(Boolean).join('\n')))
  }
  return parts
}

const picture: Reader = async bytes => {
  const scans = Array.from({ length: await (await import('./picture')).pagesOfPicture(bytes) }, (_, index) => index + 1)
  return { pages: scans.map(() => part('page', '', '')), paged: true, scans }
}

const html: Reader = async bytes => ({
  pages: textParts((await import('./html')).readHtml(bytes)),
  paged: false,
  ...(await import('./facts')).factsInHtml(bytes),
})

const eml: Reader = async bytes => {
  const { text, attached } = await (await import('./mail')).readMessage(bytes)
  return {
    pages: [...textParts(text), ...(await readAttached(attached))],
    paged: false,
    ...(await import('./facts')).factsInMail(text),
  }
}

const odt = inNamedParts(async () => (await import('./openDocument')).readOdt)
const ods = inPages(async () => (await import('./openDocument')).readOds)
const odp = inPages(async () => (await import('./openDocument')).readOdp)
const odg = inPages(async () => (await import('./openDocument')).readOdg)

const plain = inParts(async () => (await import('./plain')).readPlain)

export const READERS: Record<ReadableFormat, Reader> = {
  pdf,
  docx: ooxml(inNamedParts(async () => (await import('./docx')).readDocx)),
  doc: compound(inNamedParts(async () => (await import('./doc')).readDoc)),
  odt: openDocument(odt),
  flatText: odt,
  rtf: inParts(async () => (await import('./rtf')).readRtf),
  xlsx: ooxml(inPages(async () => (await import('./xlsx')).readXlsx)),
  xls: compound(inPages(async () => (await import('./xls')).readXls)),
  ods: openDocument(ods),
  flatTable: ods,
  pptx: ooxml(inPages(async () => (await import('./pptx')).readPptx)),
  ppt: compound(inPages(async () => (await import('./ppt')).readPpt)),
  odp: openDocument(odp),
  flatSlides: odp,
  odg: openDocument(odg),
  flatDrawing: odg,
  epub: described(
    inNamedParts(async () => (await import('./epub')).readEpub),
    BOOK,
  ),
  txt: plain,
  md: plain,
  csv: plain,
  tsv: plain,
  uri: plain,
  html,
  eml,
  mbox: inPages(async () => (await import('./mbox')).readMbox),
  opml: inParts(async () => (await import('./opml')).readOpml),
  zip: inParts(async () => (await import('./zip')).namesIn),
  png: picture,
  jpeg: picture,
  webp: picture,
  tiff: picture,
}
