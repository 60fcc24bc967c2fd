import { inSlots } from './slots'

// Each holds a chunk or two in memory and a connection of the database now and then.
const [PER_ACCOUNT, ALL] = [64, 256]

/** Takes bytes in while not too many are on their way. Throws server.crowded. */
export function inUploadSlot<T>(accountId: string, work: () => Promise<T>): Promise<T> {
  return inSlots({ [`uploads of ${accountId}`]: PER_ACCOUNT, uploads: ALL }, work)
}
