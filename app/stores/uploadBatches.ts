// Files that were brought together, until what has arrived of them becomes documents.

import type { Ref } from 'vue'
import { newId } from '../../contract/newId'
import type { DocumentId } from '../../core/ids'
import { commitUploads } from '../api/uploads'
import { useActs } from './acts'
import { holdBatch } from './batchLocks'
import { refusalOf } from './remote'
import type { Batch, UploadItem } from './uploadItems'

const AGAIN_MS = 2000

/** `taken` is told of each file that became a document. */
export function uploadBatches(items: Ref<readonly UploadItem[]>, taken: (item: UploadItem) => void) {
  const batches = new Map<string, Batch>()

  function begin(how: Pick<Batch, 'target' | 'origin' | 'folders'>): Batch {
    const batch: Batch = { ...how, id: newId(), commit: null }
    batches.set(batch.id, batch)
    void holdBatch(batch.id)
    return batch
  }

  /** What is to be taken in now: null while something of the batch is on its way, or nothing has arrived. */
  function commitOf(batch: Batch): Batch['commit'] {
    // One of them was stopped since, or is no longer there: what is left is taken in anew.
    if (batch.commit?.items.some(item => item.uploadId === null)) batch.commit = null
    if (batch.commit) return batch.commit
    const mine = items.value.filter(item => item.batchId === batch.id)
    if (mine.some(item => item.state === 'waiting' || item.state === 'running')) return null
    const arrived = mine.filter(item => item.state === 'here')
    return arrived.length === 0 ? null : { id: newId(), items: arrived }
  }

  /** When nothing of the batch is on its way any more, what has arrived becomes documents. */
  async function land(batch: Batch): Promise<void> {
    batch.commit = commitOf(batch)
    if (batch.commit === null) return
    const { id, items: here } = batch.commit
    try {
      await sendCommit(batch, id, here)
      batch.folders = []
      batch.commit = null
      for (const item of here) {
        item.state = 'done'
        taken(item)
      }
      await useActs().refresh()
      await land(batch) // what arrived meanwhile
    } catch (error) {
      const reason = refusalOf(error)
      // What has arrived is safe: it is taken in as soon as Hembix answers again.
      if (reason.code === 'connection.lost' || reason.code === 'database.away') {
        setTimeout(() => void land(batch), AGAIN_MS)
        return
      }
      if (reason.code === 'upload.missing') for (const item of here) item.uploadId = null
      for (const item of here) {
        item.state = 'failed'
        item.reason = reason.message
      }
    }
  }

  return { batches, begin, land }
}

const sendCommit = ({ target, folders, origin }: Batch, change: string, here: readonly UploadItem[]) =>
  commitUploads({
    change,
    folder: target ?? 'in-tray',
    folders: [...folders],
    origin,
    files: here.map(({ id, uploadId, folderId, clash }) => ({
      uploadId: uploadId ?? '',
      documentId: id as DocumentId,
      folderId,
      clash,
    })),
  })
