// Letters of drawings that lie in a document as metafiles: charts and tables that were pasted as pictures.

import { constants, gunzipSync, inflateSync } from 'node:zlib'
import CFB from 'cfb'
import { opened } from './embedded'
import { metafileText } from './metafile'
import { unpackWithin } from './zip'

const [COUNT_LIMIT, DRAWING_LIMIT_BYTES, ALL_LIMIT_BYTES] = [200, 32 * 1024 * 1024, 128 * 1024 * 1024]

/** In a container of Office Open XML or OpenDocument. */
export async function drawnInContainer(bytes: Uint8Array): Promise<string[]> {
  if (bytes[0] !== 0x50) return [] // flat, in one XML file
  const pictures = await unpackWithin(bytes, name => DRAWN.test(`/${name}`))
  return textsOf(pictures.values(), picture => (isGzip(picture) ? inflated(picture, gunzipSync) : picture))
}

// Replacements of objects have no extension.
const DRAWN = /\/(media|Pictures)\/[^/]+\.(emf|wmf|emz|wmz)$|\/ObjectReplacements\/[^/.]+$/i
const isGzip = (bytes: Buffer) => bytes[0] === 0x1f && bytes[1] === 0x8b

// [MS-ODRAW] 2.2.24 and 2.2.25: how the record of a picture begins, with one identifier or two.
const EMF_RECORDS = [Buffer.from('403d1af0', 'hex'), Buffer.from('503d1af0', 'hex')]
const WMF_RECORDS = [Buffer.from('60211bf0', 'hex'), Buffer.from('70211bf0', 'hex')]
const [RECORD_HEAD, IDENTIFIER, PICTURE_HEAD, IS_PACKED] = [8, 16, 34, 0]

interface Packed {
  readonly bytes: Buffer
  readonly isPacked: boolean
}

/** In a compound file of programs before 2007, wherever it keeps its pictures. */
export function drawnInCompound(bytes: Uint8Array): string[] {
  const file = opened(bytes)
  if (!file) return []
  const pictures = ['Pictures', 'Data', 'WordDocument', 'Workbook'].flatMap(name => {
    const content = CFB.find(file, `/${name}`)?.content
    return content ? [...picturesIn(Buffer.from(content as Uint8Array))] : []
  })
  return textsOf(pictures, ({ bytes: picture, isPacked }) => (isPacked ? inflated(picture, inflateSync) : picture))
}

function* picturesIn(stream: Buffer): Generator<Packed> {
  for (const [index, record] of [...EMF_RECORDS, ...WMF_RECORDS].entries()) {
    const head = RECORD_HEAD + IDENTIFIER * (1 + (index % 2))
    for (let at = stream.indexOf(record); at >= 0 && at + RECORD_HEAD <= stream.length;) {
      const [from, end] = [at + head + PICTURE_HEAD, at + RECORD_HEAD + stream.readUInt32LE(at + 4)]
      if (end <= stream.length && from < end)
        yield { bytes: stream.subarray(from, end), isPacked: stream[from - 2] === IS_PACKED }
      at = stream.indexOf(record, at + 1)
    }
  }
}

/** As much as comes out of it. */
function inflated(bytes: Buffer, unpackSync: typeof inflateSync): Buffer {
  try {
    return unpackSync(bytes, { maxOutputLength: DRAWING_LIMIT_BYTES, finishFlush: constants.Z_SYNC_FLUSH })
  } catch {
    return Buffer.alloc(0) // no picture, or one that is damaged: the document is read without it
  }
}

/** One drawing after the other, so that only one is unpacked at a time. */
function textsOf<T>(pictures: Iterable<T>, unpacked: (picture: T) => Buffer): string[] {
  const texts = new Set<string>()
  let [count, length] = [0, 0]
  for (const picture of pictures) {
    const drawing = unpacked(picture)
    length += drawing.length
    if (++count > COUNT_LIMIT || length > ALL_LIMIT_BYTES) break
    const text = metafileText(drawing)
    if (/\p{L}/u.test(text)) texts.add(text)
  }
  return [...texts]
}
