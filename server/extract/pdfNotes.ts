// Whether a PDF may have notes or forms on its pages. Links are annotations as well, thousands of them in a manual, and
// asking a page for them takes as long as reading it; so it is only asked where something else is among them.

import { inflateSync } from 'node:zlib'

// The kinds that say something (ISO 32000-1, 12.5.6); in an encrypted file none can be seen.
const SIGNS = [
  '/Widget',
  '/FreeText',
  '/Subtype/Text',
  '/Subtype /Text',
  '/Highlight',
  '/Underline',
  '/Squiggly',
  '/StrikeOut',
  '/Caret',
  '/Stamp',
  '/Popup',
  '/Encrypt',
]
const INFLATED_LIMIT_BYTES = 64 * 1024 * 1024

export function mayHaveNotes(bytes: Uint8Array): boolean {
  const file = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length)
  if (hasSign(file)) return true
  // Objects may be packed together into streams (7.5.7).
  for (let at = file.indexOf('/ObjStm'); at >= 0; at = file.indexOf('/ObjStm', at)) {
    const begin = file.indexOf('stream', at)
    const end = file.indexOf('endstream', begin)
    if (begin < 0 || end < 0) return true
    const from = begin + 'stream'.length
    try {
      const packed = file.subarray(from + (file[from] === 0x0d ? 2 : 1), end)
      if (hasSign(inflateSync(packed, { maxOutputLength: INFLATED_LIMIT_BYTES }))) return true
    } catch {
      return true // packed in another way: the pages say
    }
    at = end
  }
  return false
}

function hasSign(bytes: Buffer): boolean {
  return SIGNS.some(sign => bytes.includes(sign))
}
