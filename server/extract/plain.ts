import chardet from 'chardet'
import iconv from 'iconv-lite'
import { Unreadable } from './outcome'

const SAMPLE_BYTES = 64 * 1024

/** Text in whatever encoding it is: a byte order mark or sound UTF-8 decides, else it is guessed from the letters. */
export function readPlain(bytes: Uint8Array): string {
  const buffer = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length)
  if (isBinary(buffer)) throw new Unreadable('It is named as a text but holds other data.')
  if (isUtf8(bytes)) return new TextDecoder('utf-8').decode(bytes)
  return iconv.decode(buffer, guessedEncoding(buffer, 'ISO-8859-1'))
}

/** By what the letters look like; `otherwise` where that cannot be told. */
export function guessedEncoding(bytes: Buffer, otherwise: string): string {
  const guessed = chardet.detect(bytes.subarray(0, SAMPLE_BYTES)) ?? otherwise
  return iconv.encodingExists(guessed) ? guessed : otherwise
}

function isUtf8(bytes: Uint8Array): boolean {
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return true
  } catch (error) {
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
