import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { FolderId } from '../../core/ids'
import { useActs } from './acts'
import { useNotice } from './notice'
import { refusalOf } from './remote'
import { uploadBatches } from './uploadBatches'
import type { Batch, UploadItem } from './uploadItems'
import { isOpen, newItem, shareOf } from './uploadItems'
import { uploadQueue } from './uploadQueue'
import type { Coming, DroppedFile } from './uploadQuestions'
import { askAbout } from './uploadQuestions'

/** Files on their way into the plan. */
export const useUploads = defineStore('uploads', () => {
  const items = ref<UploadItem[]>([])
  const { batches, begin, land } = uploadBatches(items, item => queue.forget(item))
  const queue = uploadQueue(item => batches.get(item.batchId), land)

  const open = computed(() => items.value.filter(isOpen))
  const share = computed(() => shareOf(items.value))

  /** Files without folders of their own. null is the In-tray. */
  function add(chosen: readonly File[], folderId: FolderId | null, origin: Batch['origin'] = 'upload'): Promise<void> {
    return bring(
      chosen.map(file => ({ file, path: file.name })),
      folderId,
      origin,
    )
  }

  /** Asks what has to be asked, then queues the files. */
  async function bring(
    dropped: readonly DroppedFile[],
    target: FolderId | null,
    origin: Batch['origin'] = 'upload',
  ): Promise<void> {
    if (dropped.length === 0) return
    const acts = useActs()
    const notices = useNotice()
    try {
      const coming = await askAbout(dropped, target)
      if (!coming) return
      send(coming.files, { target, origin, folders: coming.folders })
      for (const [folderId, ids] of coming.asWell)
        await acts.act({
          kind: 'document.file',
          documents: ids.map(id => ({ id, name: null })),
          folderIds: [folderId],
          tags: [],
        })
      if (coming.files.length === 0 && coming.asWell.size === 0) notices.say('Nothing was brought in.')
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
  }

  /** Queues files without asking; folderId null: the target of them all, which is the In-tray unless said. */
  function send(
    coming: Coming['files'],
    { target = null, origin = 'upload', folders = [] }: Partial<Pick<Batch, 'target' | 'origin' | 'folders'>> = {},
  ): void {
    if (coming.length === 0) return
    const batch = begin({ target, origin, folders })
    for (const one of coming) {
      items.value.push(newItem(batch.id, one))
      // As the list holds it: what becomes of it is seen.
      const held = items.value.at(-1)
      if (held) queue.put(held, one.file)
    }
    queue.runNext()
  }

  function stop(item: UploadItem): void {
    if (item.state === 'waiting' || item.state === 'here') item.state = 'stopped'
    queue.drop(item)
    const batch = batches.get(item.batchId)
    if (batch) void land(batch)
  }

  /** Nothing of what is still on its way comes in, also of what has arrived already. */
  function stopAll(): void {
    for (const item of open.value) {
      item.state = 'stopped'
      queue.drop(item)
    }
  }

  function retry(item: UploadItem): void {
    item.state = 'waiting'
    item.share = 0
    item.reason = ''
    queue.put(item)
    queue.runNext()
  }

  function clear(): void {
    for (const item of items.value) if (item.state === 'done' || item.state === 'stopped') queue.forget(item)
    items.value = open.value
  }

  /** Whether this window sends files of this batch. */
  const isSending = (batchId: string): boolean => batches.has(batchId)

  return { items, open, share, add, bring, send, stop, stopAll, retry, clear, isSending }
})
