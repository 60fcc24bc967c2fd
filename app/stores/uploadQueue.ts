// Sends files, some at once, each resumable.

import { forgetUpload, sendFile } from '../api/uploads'
import { refusalOf } from './remote'
import type { Batch, UploadItem } from './uploadItems'

const AT_ONCE = 2

/** `ended` is told of each file that is no longer on its way, whether it arrived or not. */
export function uploadQueue(batchOf: (item: UploadItem) => Batch | undefined, ended: (batch: Batch) => Promise<void>) {
  const files = new Map<string, File>()
  const stops = new Map<string, AbortController>()
  const queue: UploadItem[] = []
  let running = 0

  function put(item: UploadItem, file?: File): void {
    if (file) files.set(item.id, file)
    queue.push(item)
  }

  function runNext(): void {
    while (running < AT_ONCE) {
      const item = queue.shift()
      if (!item) return
      if (item.state === 'waiting') void run(item)
    }
  }

  async function run(item: UploadItem): Promise<void> {
    const [file, batch] = [files.get(item.id), batchOf(item)]
    if (!file || !batch) return
    const stop = new AbortController()
    stops.set(item.id, stop)
    item.state = 'running'
    running++
    try {
      item.uploadId ??= await send(item, file, batch, stop.signal)
      item.state = 'here'
    } catch (error) {
      const reason = refusalOf(error)
      item.state = reason.code === 'upload.stopped' ? 'stopped' : 'failed'
      item.reason = reason.message
    } finally {
      running--
      stops.delete(item.id)
      runNext()
      await ended(batch)
    }
  }

  /** It is no longer sent, and what has arrived of it is forgotten. */
  function drop(item: UploadItem): void {
    stops.get(item.id)?.abort()
    if (item.uploadId !== null)
      void forgetUpload(item.uploadId).catch(() => {
        /* it is cleared away after a day */
      })
    item.uploadId = null
  }

  const forget = (item: UploadItem): void => void files.delete(item.id)

  return { put, runNext, drop, forget }
}

function send(item: UploadItem, file: File, batch: Batch, signal: AbortSignal): Promise<string> {
  // Should the window be closed: a folder that comes with the files is not there then.
  const isNew = batch.folders.some(folder => folder.id === item.folderId)
  return sendFile({
    file,
    metadata: {
      batch: batch.id,
      folder: (isNew ? null : item.folderId) ?? batch.target ?? 'in-tray',
      origin: batch.origin,
    },
    progress: share => {
      item.share = share
      item.reason = ''
    },
    waits: () => {
      item.reason = 'The connection was lost; it goes on by itself.'
    },
    signal,
  })
}
