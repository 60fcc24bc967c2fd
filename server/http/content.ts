// Bytes on their way out: names, ranges (RFC 9110, section 14), and headers that keep a document
// from acting as a page of ours.

import { Readable } from 'node:stream'
import type { H3Event } from 'h3'
import { getHeader, sendStream, setResponseHeaders, setResponseStatus } from 'h3'
import { fail } from '../../core/errors'
import { fileNameOf, isInlineSafe } from '../../core/formats/index'
import { parse } from 'range-parser'

export interface Bytes {
  readonly name: string
  readonly extension: string
  readonly mediaType: string
  readonly size: number
  readonly sha256: string
  /** It is locked: no browser keeps it. */
  readonly isSealed?: boolean
  readonly read: (start: number, end: number) => AsyncGenerator<Buffer>
}

export async function sendBytes(event: H3Event, bytes: Bytes, inPlace: boolean): Promise<void> {
  const shown = inPlace && isInlineSafe(bytes.extension)
  const range = rangeOf(getHeader(event, 'range'), bytes.size)
  const [start, end] = range ?? [0, bytes.size - 1]
  setResponseHeaders(event, {
    'content-type': shown && bytes.mediaType.startsWith('text/') ? 'text/plain; charset=utf-8' : bytes.mediaType,
    'content-length': end - start + 1,
    'content-disposition':
      `${shown ? 'inline' : 'attachment'}; ` +
      `filename*=UTF-8''${encodeName(fileNameOf(bytes.name, bytes.extension))}`,
    'accept-ranges': 'bytes',
    etag: `"${bytes.sha256}"`,
    'cache-control': bytes.isSealed ? 'no-store' : 'private, max-age=0, must-revalidate',
    'x-content-type-options': 'nosniff',
    'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox",
  })
  if (!range && getHeader(event, 'if-none-match') === `"${bytes.sha256}"`) {
    setResponseHeaders(event, { 'content-length': 0 })
    setResponseStatus(event, 304)
    event.node.res.end()
    return
  }
  if (range) {
    setResponseStatus(event, 206)
    setResponseHeaders(event, { 'content-range': `bytes ${start}-${end}/${bytes.size}` })
  }
  if (bytes.size === 0 || getHeader(event, 'x-hembix-head') !== undefined) {
    event.node.res.end()
    return
  }
  await sendStream(event, Readable.from(bytes.read(start, end), { objectMode: false }))
}

/** An archive that is written while it is sent; its size is not known before. */
export async function sendArchive(event: H3Event, name: string, bytes: AsyncGenerator<Uint8Array>): Promise<void> {
  setResponseHeaders(event, {
    'content-type': 'application/zip',
    'content-disposition': `attachment; filename*=UTF-8''${encodeName(`${name}.zip`)}`,
    'x-content-type-options': 'nosniff',
  })
  await sendStream(event, Readable.from(bytes, { objectMode: false }))
}

// A bit of the code that range-parser gives: the header is no list of ranges.
const MALFORMED = 1

/** First and last byte asked for; null for all. Several ranges are answered with all. Throws range.wrong. */
export function rangeOf(header: string | undefined, size: number): [number, number] | null {
  if (!header) return null
  const { type, code, ranges } = parse(size, header)
  if (type !== 'bytes' || (code & MALFORMED) !== 0 || header.includes(',')) return null
  const [range] = ranges
  return range ? [range.start, range.end] : fail('range.wrong')
}

/** RFC 8187. */
function encodeName(name: string): string {
  return encodeURIComponent(name).replace(/['()*]/g, letter => `%${letter.charCodeAt(0).toString(16).toUpperCase()}`)
}
