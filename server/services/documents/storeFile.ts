import type { StoredBlob } from '../../db/blobStore'
import { blobStore } from '../../db/blobStore'
import { newId } from '../actor'

/** Puts a whole file into the store, for files that we make ourselves; the act that makes a document of it asks for it to be read. */
export function storeFile(bytes: Buffer): Promise<StoredBlob> {
  const one = async function* () { yield bytes }
  return blobStore.write(newId(), one(), bytes.length)
}
