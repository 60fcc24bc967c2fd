import { isReadable } from '../../../core/formats/index'
import type { StoredBlob } from '../../db/blobStore'
import { blobStore } from '../../db/blobStore'
import type { Turn } from '../../db/queue'
import { newId } from '../actor'
import { requestReading } from '../reading/requestReading'

/** Puts a whole file into the store and asks for it to be read, for files that we make ourselves; `turn`: before or behind what people bring in. */
export async function storeFile(bytes: Buffer, extension: string, turn: Turn = 'now'): Promise<StoredBlob> {
  const one = async function* () { yield bytes }
  const stored = await blobStore.write(newId(), one(), bytes.length)
  if (isReadable(extension)) await requestReading(stored.id, extension, turn)
  return stored
}
