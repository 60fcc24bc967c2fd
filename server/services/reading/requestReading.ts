import { fail } from '../../../core/errors'
import { isReadable } from '../../../core/formats/index'
import type { Transaction } from '../../db/client'
import { withTransaction } from '../../db/client'
import type { Turn } from '../../db/queue'
import { enqueue, READ_QUEUE } from '../../db/queue'
import { refreshWordsOfBlob } from '../../db/sql/derived'
import { documentById } from '../../db/sql/documentFacts'
import { awaitReading, begunReadings, lostReadings, openReadings, unsettledReadings, wantAgain, wantMissing, wantNewer, wantReadings } from '../../db/sql/reading'
import type { Actor } from '../actor'
import { READER_VERSION } from './keepReading'

/**
 * Puts the contents of documents on the list to be read, in the transaction of the act that brings them: no moment
 * sees them without. Once it holds, the readers are told; where that fails, what waits is asked for again within minutes.
 */
export async function requestReadings(transaction: Transaction, documentIds: readonly string[], turn: Turn = 'now'): Promise<void> {
  if (documentIds.length === 0) return
  // Not those that this act asks for: their readers are told only once it holds.
  const unsettled = await unsettledReadings(transaction, documentIds)
  const waiting = await wantReadings(transaction, documentIds)
  transaction.afterCommit(async () => {
    try {
      await send(waiting, turn)
      await catchUp(unsettled)
    }
    catch (error) {
      process.stderr.write(`reading: ${error instanceof Error ? error.message : String(error)}; asked for again within minutes\n`)
    }
  })
}

/** The same bytes may have been read while the act was written: neither saw the other. */
async function catchUp(unsettled: readonly string[]): Promise<void> {
  for (const blobId of unsettled.length > 0 ? await begunReadings(unsettled) : []) {
    await withTransaction(async (transaction) => {
      if (await awaitReading(transaction, blobId)) await refreshWordsOfBlob(transaction, blobId)
    })
  }
}

/** Reads a document again that was read or could not be. Throws notFound, reading.none. */
export async function readAgain(actor: Actor, documentId: string): Promise<void> {
  const document = (await documentById(actor.planId, documentId)) ?? fail('notFound')
  if (!isReadable(document.extension)) fail('reading.none')
  if (await wantAgain(document.blobId, document.extension)) await send([document.blobId], 'now')
}

/** After a start: everything that still waits, was being read when the server went down, or was never asked for. */
export async function requeueOpenReadings(): Promise<number> {
  await wantMissing()
  const open = await openReadings()
  await send(open, 'later')
  return open.length
}

const LOST_SECONDS = 120

/** What waits but stands in no queue any more is put back into it; how many. */
export async function requeueLostReadings(seconds = LOST_SECONDS): Promise<number> {
  const lost = await lostReadings(seconds)
  await send(lost, 'later')
  return lost.length
}

const AT_ONCE = 500

/** After a start: what older readers read is read again, behind what already waits; how many. */
export async function requeueOlderReadings(): Promise<number> {
  let count = 0
  for (;;) {
    const older = await wantNewer(READER_VERSION, AT_ONCE)
    if (older.length === 0) return count
    await send(older, 'later')
    count += older.length
  }
}

function send(blobIds: readonly string[], turn: Turn): Promise<void> {
  return enqueue(READ_QUEUE, blobIds.map(blobId => ({ key: blobId, data: { blobId } })), turn)
}
