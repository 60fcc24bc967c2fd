// Documents within documents: tables in a text, texts on a slide. Each is handed out as a file of its own.

import { extname } from 'node:path'
import { inflateSync } from 'node:zlib'
import CFB from 'cfb'
import type { ReadableFormat } from '../../core/formats/index'
import { readableFormat } from '../../core/formats/index'
import { unpack, unpackWithin } from './zip'

export interface Embedded {
  readonly format: ReadableFormat
  readonly bytes: Uint8Array
}

const COUNT_LIMIT = 50
const OBJECT_LIMIT_BYTES = 64 * 1024 * 1024

/** In the container of Office Open XML: objects, and texts of other formats that stand where they are named. */
export async function embeddedInOoxml(bytes: Uint8Array): Promise<Embedded[]> {
  const parts = await unpackWithin(
    bytes,
    name => /^(word|xl|ppt)\/embeddings\/[^/]+$/.test(name) || /^(word\/)?[^/]+\.(docx|x?html?|rtf|txt)$/i.test(name),
  )
  return documentsAmong(parts)
}

/** In the container of OpenDocument: objects of other programs, and pages that were put in as a picture. */
export async function embeddedInOpenDocument(bytes: Uint8Array): Promise<Embedded[]> {
  if (bytes[0] !== 0x50) return [] // flat, in one XML file
  return documentsAmong(await unpackWithin(bytes, name => /^Object [^/]+$|^Pictures\/[^/]+\.pdf$/.test(name)))
}

async function documentsAmong(parts: ReadonlyMap<string, Buffer>): Promise<Embedded[]> {
  const found = await Promise.all(
    [...parts].slice(0, COUNT_LIMIT).map(([name, part]) => {
      const format = readableFormat(extname(name).slice(1).toLowerCase())
      return format === 'pdf' || format === 'html' || format === 'rtf' || format === 'txt'
        ? [{ format, bytes: part }]
        : documentsIn(part)
    }),
  )
  return found.flat()
}

/** In a compound file: storages of their own within it, and for slides, records that hold such files. */
export async function embeddedInCompound(bytes: Uint8Array): Promise<Embedded[]> {
  const file = opened(bytes)
  if (!file) return []
  const folders = [...new Set(file.FullPaths.filter(path => path.split('/').length > 3).map(folderOf))]
  const slides = CFB.find(file, '/PowerPoint Document')?.content
  const found = await Promise.all([
    ...folders.slice(0, COUNT_LIMIT).map(folder => documentsUnder(file, folder)),
    ...(slides
      ? objectsOfSlides(Buffer.from(slides as Uint8Array))
          .slice(0, COUNT_LIMIT)
          .map(documentsIn)
      : []),
  ])
  return found.flat()
}

/** A package, a compound file, or a compound file around a package. */
async function documentsIn(bytes: Uint8Array): Promise<Embedded[]> {
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) return packaged(bytes)
  const file = opened(bytes)
  return file ? documentsUnder(file, file.FullPaths[0] ?? '') : []
}

async function packaged(bytes: Uint8Array): Promise<Embedded[]> {
  const format = await unpack(bytes, name => name in MAIN_PARTS).then(
    parts => MAIN_PARTS[[...parts.keys()][0] ?? ''],
    () => undefined, // no document that can be opened: the one around it is read without it
  )
  return format ? [{ format, bytes }] : []
}

const MAIN_PARTS: Readonly<Record<string, ReadableFormat>> = {
  'word/document.xml': 'docx',
  'xl/workbook.xml': 'xlsx',
  'ppt/presentation.xml': 'pptx',
}
const STREAMS: readonly (readonly [string, ReadableFormat])[] = [
  ['WordDocument', 'doc'],
  ['Workbook', 'xls'],
  ['Book', 'xls'],
  ['PowerPoint Document', 'ppt'],
]

/** Null where it is none: a picture, or what no office program made. */
export function opened(bytes: Uint8Array): CFB.CFB$Container | null {
  try {
    return CFB.read(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length), { type: 'buffer' })
  } catch {
    return null
  }
}

const folderOf = (path: string) => path.slice(0, path.lastIndexOf('/', path.length - 2) + 1)

async function documentsUnder(file: CFB.CFB$Container, folder: string): Promise<Embedded[]> {
  const own = file.FullPaths.flatMap((path, index) => {
    const content = file.FileIndex[index]?.content
    return path.startsWith(folder) && !path.endsWith('/') && content
      ? [{ name: path.slice(folder.length), content: Buffer.from(content as Uint8Array) }]
      : []
  })
  const whole = own.find(({ name }) => name === 'Package')
  if (whole) return packaged(whole.content)
  const format = STREAMS.find(([stream]) => own.some(({ name }) => name === stream))?.[1]
  if (!format) return []
  const alone = CFB.utils.cfb_new()
  for (const { name, content } of own) CFB.utils.cfb_add(alone, `/${name}`, content)
  return [{ format, bytes: Buffer.from(CFB.write(alone, { type: 'buffer' }) as Uint8Array) }]
}

// [MS-PPT] 2.10.34: a storage, packed where its instance is 1, behind its length.
const OBJECT_STORAGE = 0x1011

function objectsOfSlides(stream: Buffer): Uint8Array[] {
  const found: Uint8Array[] = []
  for (let at = 0; at + 8 <= stream.length;) {
    const [head, kind, length] = [stream.readUInt16LE(at), stream.readUInt16LE(at + 2), stream.readUInt32LE(at + 4)]
    const content = stream.subarray(at + 8, at + 8 + length)
    if (kind === OBJECT_STORAGE) found.push(...(head >> 4 === 1 ? inflated(content.subarray(4)) : [content]))
    at += 8 + length
  }
  return found
}

function inflated(bytes: Uint8Array): Uint8Array[] {
  try {
    return [inflateSync(bytes, { maxOutputLength: OBJECT_LIMIT_BYTES })]
  } catch {
    return [] // damaged: the slides are read without it
  }
}
