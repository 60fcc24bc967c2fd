// The letters that a drawing in a metafile writes: EMF ([MS-EMF]) and WMF ([MS-WMF]), in which office programs keep
// charts, tables and whatever was pasted as a picture.

import iconv from 'iconv-lite'
import { CHARSETS } from './charsets'

/** A piece of writing: where it begins and ends on its line, in the units of the drawing. */
interface Run {
  readonly text: string
  readonly x: number
  readonly y: number
  readonly end: number
}

const [EMF_SIGNATURE, PLACEABLE] = [0x464d4520, 0x9ac6cdd7]

/** Its lines as they are written; empty where it is no metafile, or has no letters. */
export function metafileText(bytes: Buffer): string {
  const runs: Run[] = []
  try {
    const isEmf = bytes.length > 44 && bytes.readUInt32LE(40) === EMF_SIGNATURE
    for (const run of isEmf ? emfRuns(bytes) : wmfRuns(bytes)) runs.push(run)
  } catch (error) {
    if (!(error instanceof RangeError)) throw error // cut off: what stands before is kept
  }
  return joinedRuns(runs)
}

// Signs of fonts that draw no letters lie in the last range.
// eslint-disable-next-line no-control-regex -- they are what is taken out
const NO_LETTERS = /[\u0000-\u0008\u000b-\u001f\ue000-\uf8ff]/g
// A gap as wide as this part of a letter parts words.
const GAP = 0.25

/** Programs write a line in pieces, often letter by letter: those that touch are one word. */
function joinedRuns(runs: readonly Run[]): string {
  let text = ''
  let last: Run | null = null
  for (const run of runs) {
    if (last) {
      const letter = (last.end - last.x) / Math.max(1, last.text.length)
      text += last.y !== run.y ? '\n' : Math.abs(run.x - last.end) <= letter * GAP ? '' : ' '
    }
    text += run.text
    last = run
  }
  return text.replace(NO_LETTERS, '').trim()
}

const EMF = { textA: 83, textW: 84, small: 108, end: 14 } as const
const SMALL = { hasNoBounds: 0x100, isNarrow: 0x200 } as const

function* emfRuns(bytes: Buffer): Generator<Run> {
  for (let at = 0; at + 8 <= bytes.length;) {
    const [kind, size] = [bytes.readUInt32LE(at), bytes.readUInt32LE(at + 4)]
    if (size < 8 || kind === EMF.end) return
    if (kind === EMF.textW || kind === EMF.textA) yield emfRun(bytes, at, kind === EMF.textW ? 2 : 1)
    else if (kind === EMF.small) yield smallRun(bytes, at)
    at += size
  }
}

/** [MS-EMF] 2.3.5.7 and 2.2.5; the distance to each next letter follows the letters. */
function emfRun(bytes: Buffer, at: number, width: 1 | 2): Run {
  const [x, y] = [bytes.readInt32LE(at + 36), bytes.readInt32LE(at + 40)]
  const [count, letters] = [bytes.readUInt32LE(at + 44), bytes.readUInt32LE(at + 48)]
  const distances = bytes.readUInt32LE(at + 72)
  const text = bytes.toString(width === 2 ? 'utf16le' : 'latin1', at + letters, at + letters + count * width)
  let end = x
  for (let index = 0; distances > 0 && index < count; index++) end += bytes.readInt32LE(at + distances + index * 4)
  return { text, x, y, end }
}

/** [MS-EMF] 2.3.5.37 */
function smallRun(bytes: Buffer, at: number): Run {
  const [x, y] = [bytes.readInt32LE(at + 8), bytes.readInt32LE(at + 12)]
  const [count, options] = [bytes.readUInt32LE(at + 16), bytes.readUInt32LE(at + 20)]
  const from = at + 36 + ((options & SMALL.hasNoBounds) === 0 ? 16 : 0)
  const isNarrow = (options & SMALL.isNarrow) !== 0
  return {
    text: bytes.toString(isNarrow ? 'latin1' : 'utf16le', from, from + count * (isNarrow ? 1 : 2)),
    x,
    y,
    end: x,
  }
}

const WMF = { text: 0x0521, extended: 0x0a32, font: 0x02fb, select: 0x012d, remove: 0x01f0 } as const
const HAS_RECTANGLE = 0x0006
// What takes a place in the table of objects beside fonts: pens, brushes, palettes, regions.
const OBJECTS = [0x02fa, 0x02fc, 0x00f7, 0x06ff, 0x0142, 0x01f9]

function* wmfRuns(bytes: Buffer): Generator<Run> {
  const from = bytes.readUInt32LE(0) === PLACEABLE ? 22 : 0
  if (![1, 2].includes(bytes.readUInt16LE(from)) || bytes.readUInt16LE(from + 2) !== 9) return
  const objects: (number | undefined)[] = [] // the character set of a font, -1: no font
  let encoding = 'windows-1252'
  for (let at = from + 18; at + 6 <= bytes.length;) {
    const [size, kind, data] = [bytes.readUInt32LE(at) * 2, bytes.readUInt16LE(at + 4), at + 6]
    if (size < 6 || kind === 0) return
    if (kind === WMF.font) put(objects, bytes.readUInt8(data + 13))
    else if (OBJECTS.includes(kind)) put(objects, -1)
    else if (kind === WMF.remove) objects[bytes.readUInt16LE(data)] = undefined
    else if (kind === WMF.select) {
      const set = objects[bytes.readUInt16LE(data)] ?? -1
      if (set >= 0) encoding = CHARSETS[set] ?? 'windows-1252'
    } else if (kind === WMF.text || kind === WMF.extended) yield wmfRun(bytes, data, kind, encoding)
    at += size
  }
}

/** An object gets the first place that is free. */
function put(objects: (number | undefined)[], set: number): void {
  const free = objects.findIndex(one => one === undefined)
  objects[free < 0 ? objects.length : free] = set
}

/** [MS-WMF] 2.3.3.20 and 2.3.3.5 */
function wmfRun(bytes: Buffer, data: number, kind: number, encoding: string): Run {
  if (kind === WMF.text) {
    const count = bytes.readUInt16LE(data)
    const behind = data + 2 + count + (count % 2)
    const [y, x] = [bytes.readInt16LE(behind), bytes.readInt16LE(behind + 2)]
    return { text: iconv.decode(bytes.subarray(data + 2, data + 2 + count), encoding), x, y, end: x }
  }
  const [y, x, count] = [bytes.readInt16LE(data), bytes.readInt16LE(data + 2), bytes.readUInt16LE(data + 4)]
  const from = data + 8 + ((bytes.readUInt16LE(data + 6) & HAS_RECTANGLE) === 0 ? 0 : 8)
  let end = x
  const distances = from + count + (count % 2)
  for (let index = 0; index < count && distances + index * 2 + 2 <= bytes.length; index++)
    end += bytes.readInt16LE(distances + index * 2)
  return { text: iconv.decode(bytes.subarray(from, from + count), encoding), x, y, end }
}
