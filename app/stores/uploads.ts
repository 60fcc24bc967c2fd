import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { computed, ref } from 'vue'
import type { DocumentId, FolderId } from '../../core/ids'
import type { Clash, NewFolder } from '../../core/plan/index'
import { forgetUpload, commitUploads, sendFile } from '../api/uploads'
import { useActs } from './acts'
import { holdBatch } from './batchLocks'
import { useNotice } from './notice'
import { refusalOf } from './remote'
import type { Coming, DroppedFile } from './uploadQuestions'
import { askAbout } from './uploadQuestions'

export interface UploadItem {
  readonly id: string
  readonly batchId: string
  readonly name: string
  readonly size: number
  readonly folderId: FolderId | null
  readonly clash: Clash
  /** "here": all of it has arrived and it waits for the others of its batch. */
  state: 'waiting' | 'running' | 'here' | 'done' | 'stopped' | 'failed'
  /** 0 to 1. */
  share: number
  reason: string
  /** The upload that has arrived completely. */
  uploadId: string | null
}

/**
 * Files that were brought together: they become documents as one Change when nothing of them is on its way any more.
 */
interface Batch {
  readonly id: string
  readonly target: FolderId | null
  readonly origin: 'upload' | 'paste'
  /** Made with the first files that come in. */
  folders: readonly NewFolder[]
  /**
   * What is being taken in, under its key: kept until it is answered, so that a lost answer makes nothing twice and
   * leaves nothing out.
   */
  commit: { readonly id: string; readonly items: readonly UploadItem[] } | null
}

const AT_ONCE = 2
const AGAIN_MS = 2000

/** Files on their way into the plan. */
export const useUploads = defineStore('uploads', () => {
  const items = ref<UploadItem[]>([])
  const batches = new Map<string, Batch>()
  const files = new Map<string, File>()
  const stops = new Map<string, AbortController>()
  const queue: UploadItem[] = []
  let running = 0

  const open = computed(() =>
    items.value.filter(item => item.state === 'waiting' || item.state === 'running' || item.state === 'here'),
  )
  /** Of all that is not stopped, by bytes; 0 to 1. */
  const share = computed(() => {
    let [all, sent] = [0, 0]
    for (const item of items.value) {
      if (item.state === 'stopped' || item.state === 'failed') continue
      all += item.size + 1
      sent += (item.size + 1) * (item.state === 'waiting' ? 0 : item.state === 'running' ? item.share : 1)
    }
    return all === 0 ? 0 : sent / all
  })

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
    const batch: Batch = { id: newId(), target, origin, folders, commit: null }
    batches.set(batch.id, batch)
    void holdBatch(batch.id)
    for (const { file, folderId, clash } of coming)
      put(
        {
          id: newId(),
          batchId: batch.id,
          name: file.name,
          size: file.size,
          folderId,
          clash,
          state: 'waiting',
          share: 0,
          reason: '',
          uploadId: null,
        },
        file,
      )
    runNext()
  }

  function put(item: UploadItem, file: File): void {
    files.set(item.id, file)
    items.value.push(item)
    const held = items.value.at(-1)
    if (held) queue.push(held)
  }

  function runNext(): void {
    while (running < AT_ONCE) {
      const item = queue.shift()
      if (!item) return
      if (item.state === 'waiting') void run(item)
    }
  }

  async function run(item: UploadItem): Promise<void> {
    const [file, batch] = [files.get(item.id), batches.get(item.batchId)]
    if (!file || !batch) return
    const stop = new AbortController()
    stops.set(item.id, stop)
    item.state = 'running'
    running++
    try {
      // Should the window be closed: a folder that comes with the files is not there then.
      const isNew = batch.folders.some(folder => folder.id === item.folderId)
      const metadata = {
        batch: batch.id,
        folder: (isNew ? null : item.folderId) ?? batch.target ?? 'in-tray',
        origin: batch.origin,
      }
      item.uploadId ??= await sendFile({
        file,
        metadata,
        progress: share => {
          item.share = share
          item.reason = ''
        },
        waits: () => {
          item.reason = 'The connection was lost; it goes on by itself.'
        },
        signal: stop.signal,
      })
      item.state = 'here'
    } catch (error) {
      const reason = refusalOf(error)
      item.state = reason.code === 'upload.stopped' ? 'stopped' : 'failed'
      item.reason = reason.message
    } finally {
      running--
      stops.delete(item.id)
      runNext()
      await land(batch)
    }
  }

  /** When nothing of the batch is on its way any more, what has arrived becomes documents. */
  async function land(batch: Batch): Promise<void> {
    const mine = items.value.filter(item => item.batchId === batch.id)
    // One of them was stopped since, or is no longer there: what is left is taken in anew.
    if (batch.commit?.items.some(item => item.uploadId === null)) batch.commit = null
    if (batch.commit === null) {
      if (mine.some(item => item.state === 'waiting' || item.state === 'running')) return
      const arrived = mine.filter(item => item.state === 'here')
      if (arrived.length === 0) return
      batch.commit = { id: newId(), items: arrived }
    }
    const { id: change, items: here } = batch.commit
    try {
      await commitUploads({
        change,
        folder: batch.target ?? 'in-tray',
        folders: [...batch.folders],
        origin: batch.origin,
        files: here.map(({ id, uploadId, folderId, clash }) => ({
          uploadId: uploadId ?? '',
          documentId: id as DocumentId,
          folderId,
          clash,
        })),
      })
      batch.folders = []
      batch.commit = null
      for (const item of here) {
        item.state = 'done'
        files.delete(item.id)
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

  function stop(item: UploadItem): void {
    const batch = batches.get(item.batchId)
    stops.get(item.id)?.abort()
    if (item.state === 'waiting' || item.state === 'here') item.state = 'stopped'
    drop(item)
    if (batch) void land(batch)
  }

  /** Nothing of what is still on its way comes in, also of what has arrived already. */
  function stopAll(): void {
    for (const item of open.value) {
      stops.get(item.id)?.abort()
      item.state = 'stopped'
      drop(item)
    }
  }

  function drop(item: UploadItem): void {
    if (item.uploadId !== null)
      void forgetUpload(item.uploadId).catch(() => {
        /* it is cleared away after a day */
      })
    item.uploadId = null
  }

  function retry(item: UploadItem): void {
    item.state = 'waiting'
    item.share = 0
    item.reason = ''
    queue.push(item)
    runNext()
  }

  function clear(): void {
    for (const item of items.value) if (item.state === 'done' || item.state === 'stopped') files.delete(item.id)
    items.value = open.value
  }

  /** Whether this window sends files of this batch. */
  const isSending = (batchId: string): boolean => batches.has(batchId)

  return { items, open, share, add, bring, send, stop, stopAll, retry, clear, isSending }
})
