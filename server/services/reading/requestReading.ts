import { fail } from '../../../core/errors'
import { isReadable } from '../../../core/formats/index'
import type { Transaction } from '../../db/client'
import { withTransaction } from '../../db/client'
import { notifyWork } from '../../db/sql/notify'
import { blobs } from '../../db/models/blob'
import { refreshWordsOfBlob } from '../../db/sql/derived'
import { sayFault } from '../../log/log'
import { documentById } from '../../db/sql/documentFacts'
import { documentsToRead } from '../../db/sql/locks'
import { releaseClaims } from '../../db/sql/claims'
import {
  awaitReading,
  begunReadings,
  unsettledReadings,
  wantAgain,
  wantMissing,
  wantNewer,
  wantReadings,
} from '../../db/sql/reading'
import type { Actor } from '../actor'
import { READER_VERSION } from './keepReading'

/** now: somebody waits for it; later: behind all of those. */
export type JobPriority = 'now' | 'later'

/**
 * Puts the contents of documents on the list to be read, in the transaction of the act that brings them: no moment
 * sees them without.
 */
export async function requestReadings(
  transaction: Transaction,
  planId: string,
  wantedIds: readonly string[],
  priority: JobPriority = 'now',
): Promise<void> {
  if (wantedIds.length === 0) return
  const documentIds = await documentsToRead(transaction, planId, wantedIds)
  // Not those that this act asks for: their readers are told only once it holds.
  const unsettled = await unsettledReadings(transaction, planId, documentIds)
  if ((await wantReadings(transaction, planId, documentIds, priority === 'later')) > 0) await notifyWork(transaction)
  if (unsettled.length === 0) return
  transaction.afterCommit(async () => {
    try {
      await catchUp(unsettled)
    } catch (error) {
      sayFault(
        error,
        'words of a document that was read meanwhile were not taken over; it is found by its name only until it ' +
          'is changed',
      )
    }
  })
}

/** The same bytes may have been read while the act was written: neither saw the other. */
async function catchUp(unsettled: readonly string[]): Promise<void> {
  for (const blobId of await begunReadings(unsettled)) {
    await withTransaction(async transaction => {
      if (await awaitReading(transaction, blobId)) await refreshWordsOfBlob(transaction, blobId)
    })
  }
}

/** Reads a document again that was read or could not be. Throws notFound, lock.closed, reading.none. */
export async function readAgain(actor: Actor, documentId: string): Promise<void> {
  const document = (await documentById(actor.planId, documentId)) ?? fail('notFound')
  if (!isReadable(document.extension)) fail('reading.none')
  if (await isSealed(document.blobId)) fail('lock.closed')
  if (await wantAgain(actor.planId, document.blobId, document.extension)) await notifyWork(null)
}

/** After a start: what was never asked for, and what a server that ended had begun with. */
export async function resumeReadings(): Promise<void> {
  await wantMissing()
  await releaseClaims(0)
}

// Longer than any document may take, with its wait for a process.
const LOST_SECONDS = 600

/** Gives back what another server claimed and never ended; how many. */
export function releaseLostClaims(seconds = LOST_SECONDS): Promise<number> {
  return releaseClaims(seconds)
}

const isSealed = async (id: string): Promise<boolean> => (await blobs().findByPk(id))?.lockId != null

const AT_ONCE = 500

/** After a start: what older readers read is read again, behind what already waits; how many. */
export async function requeueOlderReadings(): Promise<number> {
  let count = 0
  for (;;) {
    const older = await wantNewer(READER_VERSION, AT_ONCE)
    if (older === 0) break
    count += older
  }
  if (count > 0) await notifyWork(null)
  return count
}
