import type { ChangeEntry } from '../../contract/change'
import { HembixError, refusal } from '../../core/errors'
import type { Clash } from '../../core/plan/index'
import { addressOf, refusalIn } from './http'

export interface UploadAsked {
  readonly changeId: string
  readonly documentId: string
  readonly folder: string
  readonly file: File
  readonly clash: Clash
}

/** Sends a file; `progress` hears the share from 0 to 1. Aborting the signal stops it, and nothing is kept. */
export function upload(asked: UploadAsked, progress: (share: number) => void, signal: AbortSignal): Promise<ChangeEntry> {
  const { file } = asked
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest() // fetch does not tell how far an upload is
    request.open('POST', addressOf('/api/uploads', {
      change: asked.changeId, document: asked.documentId, folder: asked.folder, name: file.name, clash: asked.clash,
      changed: new Date(file.lastModified || Date.now()).toISOString(),
    }))
    request.setRequestHeader('content-type', 'application/octet-stream')
    request.upload.onprogress = event => progress(event.total > 0 ? event.loaded / event.total : 0)
    request.onload = () => {
      if (request.status === 200) resolve(JSON.parse(request.responseText) as ChangeEntry)
      else reject(new HembixError(refusalIn(request.responseText, request.status)))
    }
    request.onerror = () => reject(new HembixError(refusal('upload.short', { name: file.name })))
    request.onabort = () => reject(new HembixError(refusal('upload.stopped', { name: file.name })))
    signal.addEventListener('abort', () => request.abort())
    request.send(file)
  })
}
