// What was on its way into the plan when an earlier window was closed.

import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { shallowRef } from 'vue'
import type { PendingUpload } from '../../contract/upload'
import type { DocumentId, FolderId } from '../../core/ids'
import { commitUploads, fetchPendingUploads, forgetUpload } from '../api/uploads'
import { useActs } from './acts'
import { heldBatches } from './batchLocks'
import { useNotice } from './notice'
import { usePlan } from './plan'
import { refusalOf } from './remote'
import { useUploads } from './uploads'

export const useEarlierUploads = defineStore('earlierUploads', () => {
  const [acts, notices, uploads] = [useActs(), useNotice(), useUploads()]
  const earlier = shallowRef<readonly PendingUpload[]>([])

  /** Looks for what was on its way; what a window is sending is left to it. */
  async function look(): Promise<void> {
    try {
      const [pending, elsewhere] = [await fetchPendingUploads(), await heldBatches()]
      earlier.value = pending.uploads.filter(
        ({ metadata: { batch = '' } }) => !uploads.isSending(batch) && !elsewhere.has(batch),
      )
    } catch (error) {
      refusalOf(error) // away: the notice about that is shown by the shell
    }
  }

  /** Takes in what had arrived completely before a window was closed, each to where it was meant to go. */
  async function take(): Promise<void> {
    const whole = earlier.value.filter(upload => upload.received >= upload.size)
    try {
      for (const folder of new Set(whole.map(meantFor))) {
        const arrived = whole.filter(upload => meantFor(upload) === folder)
        await commitUploads({
          change: newId(),
          folder,
          folders: [],
          origin: 'upload',
          files: arrived.map(({ id }) => ({
            uploadId: id,
            documentId: newId<DocumentId>(),
            folderId: null,
            clash: 'both' as const,
          })),
        })
      }
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
    await look()
    await acts.refresh()
  }

  async function forget(): Promise<void> {
    try {
      for (const { id } of earlier.value) await forgetUpload(id)
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
    await look()
  }

  return { earlier, look, take, forget }
})

/** Where an upload of an earlier window was meant to go; the In-tray where that folder is gone. */
export function meantFor({ metadata: { folder = 'in-tray' } }: PendingUpload): string {
  return usePlan().tree.byId.has(folder as FolderId) ? folder : 'in-tray'
}
