import type { Readers } from '../extract/readers'
import { giveUpReading, keepReading, takeReading } from '../services/reading/keepReading'

/** Reads the words of one content. Whatever it does to its reader, it costs only itself. */
export async function readDocument(readers: Readers, blobId: string): Promise<void> {
  const taken = await takeReading(blobId)
  if (!taken) return
  if (!taken.bytes) {
    await giveUpReading(blobId, 'It is larger than 64 MB; documents of this size are found by their name only.')
    return
  }
  const outcome = await readers.read(taken.extension, taken.bytes)
  if (outcome.ok) await keepReading(blobId, outcome)
  else await giveUpReading(blobId, outcome.reason)
}
