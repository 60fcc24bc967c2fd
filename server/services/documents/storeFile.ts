import type { StoredBlob } from '../../db/blobStore'
import { blobStore } from '../../db/blobStore'
import { newId } from '../actor'

/** Puts a whole file into the plan's store, for files that we make ourselves; the act that makes a document of it asks for it to be read. */
export function storeFile(planId: string, bytes: Buffer): Promise<StoredBlob> {
  const one = async function* () { yield bytes }
  return blobStore.write(planId, newId(), one(), bytes.length)
}
