// Text documents of programs before 2007 ([MS-DOC]). The text lies in pieces, which a table puts in order: the body,
// then footnotes, headers, comments, endnotes and text boxes.

import iconv from 'iconv-lite'
import { openCompoundFile } from './compoundFile'
import { PROTECTED, TEXT_LIMIT, Unreadable } from './outcome'
import type { PartKind } from '../../core/text/index'
import type { Part } from './parts'
import { textParts } from './parts'
import { guessedEncoding, readPlain } from './plain'
import { readRtf } from './rtf'
import { tidyLines } from './xmlText'

// Places in the file information block ([MS-DOC] 2.5).
const FIB = {
  version: 0x02,
  flags: 0x0a,
  environment: 0x12,
  textFrom: 0x18,
  textTo: 0x1c,
  pieces: 0x1a2,
  piecesLength: 0x1a6,
} as const
// How many letters each of them has, in the order in which they follow each other.
const LENGTHS: readonly (readonly [number, PartKind])[] = [
  [0x4c, 'text'],
  [0x50, 'footnotes'],
  [0x54, 'header'],
  [0x58, 'text'], // macros, of which nothing is left
  [0x5c, 'comments'],
  [0x60, 'endnotes'],
  [0x64, 'drawing'],
  [0x68, 'drawing'],
]
const [IS_ENCRYPTED, IN_SECOND_TABLE] = [0x0100, 0x0200]
const FIRST_UNICODE = 0xc1
// Of 1997 and later, and of 1993 to 1995.
const SIGNATURES = [0xa5ec, 0xa5dc]
// Before 1993, without a container.
const OLDEST = [0xa59b, 0xa59c, 0xa5db, 0xa5dc]
const IS_NARROW = 0x40000000
const OF_MACINTOSH = 1

export function readDoc(bytes: Uint8Array): Part[] {
  const beginning = Buffer.from(bytes.subarray(0, 1024)).toString('latin1')
  // Many a file with this name is of another kind.
  if (/^\s*\{\\rtf/.test(beginning)) return textParts(readRtf(bytes))
  if (!bytes.subarray(0, 1024).includes(0)) return textParts(readPlain(bytes))
  const oldest = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length)
  if (bytes.length > 0x200 && OLDEST.includes(oldest.readUInt16LE(0))) return narrowParts(oldest)
  const file = openCompoundFile(bytes, 'DOC')
  const main = file.stream('WordDocument')
  if (!main || main.length < 0x200 || !SIGNATURES.includes(main.readUInt16LE(0)))
    throw new Unreadable(
      'It is named DOC but holds no such document, or one of a very old kind. Save it anew as DOCX or ODT.',
    )
  const flags = main.readUInt16LE(FIB.flags)
  if ((flags & IS_ENCRYPTED) !== 0) throw new Unreadable(PROTECTED)
  if (main.readUInt16LE(FIB.version) < FIRST_UNICODE) return narrowParts(main)
  const table = file.stream((flags & IN_SECOND_TABLE) !== 0 ? '1Table' : '0Table')
  const pieces = table?.subarray(
    main.readUInt32LE(FIB.pieces),
    main.readUInt32LE(FIB.pieces) + main.readUInt32LE(FIB.piecesLength),
  )
  if (!pieces) throw new Unreadable('A part of it is damaged. Open it where it was made and save it again.')
  return inParts(main, joined(main, pieces))
}

/** Before Unicode the text is one piece. */
function narrowParts(main: Buffer): Part[] {
  const letters = main.subarray(main.readUInt32LE(FIB.textFrom), main.readUInt32LE(FIB.textTo))
  const western = main[FIB.environment] === OF_MACINTOSH ? 'macintosh' : 'windows-1252'
  return textParts(shownText(narrowText(letters, western)))
}

/** What is behind the lengths, in a damaged one, is kept with the last. */
function inParts(main: Buffer, text: string): Part[] {
  let at = 0
  const parts = LENGTHS.flatMap(([place, kind], index) => {
    const length = Math.max(0, main.readInt32LE(place))
    const end = index === LENGTHS.length - 1 ? text.length : Math.min(text.length, at + length)
    const shown = shownText(text.slice(at, end))
    at = end
    return textParts(shown, kind)
  })
  return parts.filter(({ body }) => body !== '')
}

/** Before Unicode the fonts said which letters are meant, and the language often something else: the letters tell. */
function narrowText(bytes: Buffer, western: string): string {
  const letters = Buffer.from(bytes.filter(byte => byte >= 0x20))
  const foreign = letters.filter(byte => byte >= 0xc0).length
  return iconv.decode(bytes, foreign < letters.length / 5 ? western : guessedEncoding(letters, western))
}

/**
 * [MS-DOC] 2.9.38: what formats pieces comes first, then the pieces: where each begins in the text, and in the stream.
 */
function joined(main: Buffer, table: Buffer): string {
  let at = 0
  while (at + 3 <= table.length && table[at] === 1) at += 3 + table.readUInt16LE(at + 1)
  if (table[at] !== 2 || at + 5 > table.length) return ''
  const from = at + 5
  const count = Math.floor((Math.min(table.readUInt32LE(at + 1), table.length - from) - 4) / 12)
  const parts: string[] = []
  let length = 0
  for (let index = 0; index < count && length < TEXT_LIMIT; index++) {
    const letters = table.readUInt32LE(from + index * 4 + 4) - table.readUInt32LE(from + index * 4)
    const place = table.readUInt32LE(from + (count + 1) * 4 + index * 8 + 2)
    if (letters <= 0) continue
    const isNarrow = (place & IS_NARROW) !== 0
    const begin = isNarrow ? (place & ~IS_NARROW) / 2 : place
    const raw = main.subarray(begin, begin + letters * (isNarrow ? 1 : 2))
    parts.push(isNarrow ? iconv.decode(raw, 'windows-1252') : raw.toString('utf16le'))
    length += letters
  }
  return parts.join('')
}

const SIGNS: Readonly<Record<string, string>> = {
  '\r': '\n',
  '\u0007': '\t',
  '\u000b': '\n',
  '\u000c': '\n',
  '\u000e': '\n',
  '\u001e': '-',
  '\t': '\t',
  '\n': '\n',
}

/** Without the codes of fields, of which the result is kept, and without marks of pictures, notes and comments. */
function shownText(text: string): string {
  const fields: boolean[] = []
  const parts: string[] = []
  // eslint-disable-next-line no-control-regex -- they are the marks
  for (const [, sign, plain] of text.matchAll(/([\u0000-\u001f])|([^\u0000-\u001f]+)/g)) {
    if (sign === '\u0013') fields.push(true)
    else if (sign === '\u0014') fields[fields.length - 1] = false
    else if (sign === '\u0015') fields.pop()
    else if (!fields.includes(true)) parts.push(sign === undefined ? (plain ?? '') : (SIGNS[sign] ?? ''))
  }
  return tidyLines(parts.join(''))
}
