import { dropStaleIncoming } from '../../db/blobStore'

/** Clears away what uploads left behind when the server was killed in the middle of them; how many. */
export function sweepIncoming(): Promise<number> {
  return dropStaleIncoming()
}
