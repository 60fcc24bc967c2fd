import { dropStaleIncoming } from '../../db/blobStore'
import { dropStaleUploads } from '../../db/sql/uploads'

/** Clears away uploads that nobody goes on with, and what a killed server left half stored; how many. */
export async function sweepIncoming(now: Date): Promise<number> {
  return (await dropStaleUploads(now)) + (await dropStaleIncoming(now))
}
