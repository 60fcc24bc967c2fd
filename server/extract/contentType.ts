// What a document is by its bytes: a name can be wrong, and must not decide how bytes are opened.

import { fileTypeFromBuffer } from 'file-type'
import { isReadable } from '../../core/formats/index'

const SAMPLE_BYTES = 64 * 1024
// Many formats are containers; what is inside is told from its first entries, which not every program writes in that
// order.
const CONTAINERS = new Set(['zip', 'cfb', 'xml'])

/**
 * The extension of the reader for these bytes: by their signature where they have one that is known, else as they are
 * named.
 */
export async function extensionOf(named: string, bytes: Uint8Array): Promise<string> {
  // cut off within its signature
  const found = await fileTypeFromBuffer(bytes.subarray(0, SAMPLE_BYTES)).catch(() => undefined)
  if (!found || CONTAINERS.has(found.ext) || !isReadable(found.ext)) return named
  return sameReader(found.ext, named) ? named : found.ext
}

function sameReader(one: string, other: string): boolean {
  const plain = (extension: string) => ({ jpeg: 'jpg', tiff: 'tif' })[extension] ?? extension
  return plain(one) === plain(other)
}
