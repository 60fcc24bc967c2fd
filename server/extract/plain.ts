import chardet from 'chardet'
import iconv from 'iconv-lite'
import { TEXT_LIMIT, Unreadable } from './outcome'

const SAMPLE_BYTES = 64 * 1024
const PART_LENGTH = 4000

/** Text in whatever encoding it is: a byte order mark or sound UTF-8 decides, else it is guessed from the letters. */
export function readPlain(bytes: Uint8Array): string {
  const buffer = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length)
  if (isBinary(buffer)) throw new Unreadable('It is named as a text but holds other data.')
  if (isUtf8(bytes)) return new TextDecoder('utf-8').decode(bytes)
  const guessed = chardet.detect(buffer.subarray(0, SAMPLE_BYTES)) ?? 'ISO-8859-1'
  return iconv.decode(buffer, iconv.encodingExists(guessed) ? guessed : 'ISO-8859-1')
}

/** A text in parts of about 4,000 letters, cut between lines where there are some, so that a passage is found without the whole. */
export function partsOf(text: string): string[] {
  const parts: string[] = []
  const kept = text.slice(0, TEXT_LIMIT)
  for (let at = 0; at < kept.length;) {
    const end = at + PART_LENGTH >= kept.length ? kept.length : cutBefore(kept, at, at + PART_LENGTH)
    parts.push(kept.slice(at, end))
    at = end
  }
  return parts
}

function cutBefore(text: string, from: number, to: number): number {
  for (const mark of ['\n', ' ']) {
    const at = text.lastIndexOf(mark, to)
    if (at > from + PART_LENGTH / 2) return at + 1
  }
  return to
}

function isUtf8(bytes: Uint8Array): boolean {
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return true
  }
  catch (error) {
    if (error instanceof TypeError) return false
    throw error
  }
}

/** Null characters without a UTF-16 or UTF-32 mark belong to no text. */
function isBinary(buffer: Buffer): boolean {
  const sample = buffer.subarray(0, SAMPLE_BYTES)
  const mark = sample.subarray(0, 2).toString('hex')
  return mark !== 'fffe' && mark !== 'feff' && sample.includes(0) && !/^UTF-(16|32)/.test(chardet.detect(sample) ?? '')
}
