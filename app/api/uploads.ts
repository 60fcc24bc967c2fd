import type { ChangeEntry } from '../../contract/change'
import { HembixError, refusal } from '../../core/errors'
import type { Clash } from '../../core/plan/index'
import type { Query } from './http'
import { addressOf, refusalIn } from './http'

export interface UploadAsked {
  readonly changeId: string
  readonly documentId: string
  readonly folder: string
  readonly file: File
  readonly clash: Clash
  readonly origin?: 'upload' | 'paste'
}

/** Sends a file; `progress` hears the share from 0 to 1. Aborting the signal stops it, and nothing is kept. */
export function upload(asked: UploadAsked, progress: (share: number) => void, signal: AbortSignal): Promise<ChangeEntry> {
  const { file } = asked
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest() // fetch does not tell how far an upload is
    request.open('POST', addressOf('/api/uploads', {
      change: asked.changeId, document: asked.documentId, folder: asked.folder, name: file.name, clash: asked.clash, origin: asked.origin ?? 'upload',
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

export interface NewText {
  readonly changeId: string
  readonly documentId: string
  readonly folder: string
  readonly name: string
  readonly origin: 'memo' | 'link' | 'paste'
  readonly text: string
}

/** Brings a text that was written or pasted in as a document. */
export function sendNew({ changeId, documentId, folder, name, origin, text }: NewText): Promise<ChangeEntry> {
  return sendText('/api/uploads', { change: changeId, document: documentId, folder, name, origin, clash: 'both', changed: new Date().toISOString() }, name, text)
}

/** New contents of a document, as a version. */
export function sendContent(documentId: string, { changeId, name, written, text }: { changeId: string; name: string; written: boolean; text: string }): Promise<ChangeEntry> {
  return sendText(`/api/documents/${documentId}/content`, { change: changeId, name, written, changed: new Date().toISOString() }, name, text)
}

async function sendText(path: string, query: Query, name: string, text: string): Promise<ChangeEntry> {
  // keepalive: what is sent while the window closes still arrives (up to 64 KB).
  const response = await fetch(addressOf(path, query), { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: new Blob([text]), keepalive: text.length < 20_000 })
    .catch(() => { throw new HembixError(refusal('upload.short', { name })) })
  if (response.ok) return await response.json() as ChangeEntry
  throw new HembixError(refusalIn(await response.text(), response.status))
}
