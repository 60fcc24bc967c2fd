import { fail } from '../../../core/errors'
import { isReadable } from '../../../core/formats/index'
import type { Turn } from '../../db/queue'
import { enqueue, READ_QUEUE } from '../../db/queue'
import { documentById } from '../../db/sql/documentFacts'
import { lostReadings, openReadings, wantAgain, wantNewer, wantReadings } from '../../db/sql/reading'
import type { Actor } from '../actor'
import { READER_VERSION } from './keepReading'

/** Puts bytes on the list to be read, once for each content. */
export async function requestReading(blobId: string, extension: string, turn: Turn = 'now'): Promise<void> {
  await requestReadings([{ blobId, extension }], turn)
}

/** The same for many. */
export async function requestReadings(contents: readonly { readonly blobId: string; readonly extension: string }[], turn: Turn = 'now'): Promise<void> {
  const waiting = contents.length > 0 ? await wantReadings(contents.map(({ blobId, extension }) => ({ blobId, extension }))) : []
  if (waiting.length > 0) await send(waiting, turn)
}

/** Reads a document again that was read or could not be. Throws notFound, reading.none. */
export async function readAgain(actor: Actor, documentId: string): Promise<void> {
  const document = (await documentById(actor.planId, documentId)) ?? fail('notFound')
  if (!isReadable(document.extension)) fail('reading.none')
  if (await wantAgain(document.blobId, document.extension)) await send([document.blobId], 'now')
}

/** After a start: everything that still waits, or was being read when the server went down. */
export async function requeueOpenReadings(): Promise<number> {
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
