import type * as Tus from 'tus-js-client'
import type { ChangeEntry } from '../../contract/change'
import type { KnownReply, LandRequest, PendingUpload } from '../../contract/upload'
import type { ErrorCode } from '../../core/errors'
import { HembixError, refusal } from '../../core/errors'
import type { Query } from './http'
import { call, refusalIn, sendBytes } from './http'

// Waits between tries after a lost connection, in milliseconds; then the person is asked.
const RETRY_MS = [0, 500, 1500, 3000, 5000, 10_000, 20_000, 30_000]
const RESUMABLE = '/api/uploads/resumable'
const active = new Set<string>()
// Loaded with the first file that is sent.
let client: Promise<typeof Tus> | null = null

export interface Sending {
  readonly file: File
  readonly metadata: Readonly<Record<string, string>>
  /** Hears the share from 0 to 1. */
  readonly progress: (share: number) => void
  /** Hears when the connection is lost and tried again. */
  readonly waits: () => void
  readonly signal: AbortSignal
}

/**
 * Sends a file by the open tus protocol and gives the id of the upload. What was begun before a break, or in a
 * window that was closed, goes on where it was. Aborting the signal stops it and forgets what has arrived.
 */
export async function sendFile({ file, metadata, progress, waits, signal }: Sending): Promise<string> {
  const tus = await (client ??= import('tus-js-client'))
  const print = `hembix ${file.name} ${file.size} ${file.lastModified}`
  const isTwice = active.has(print) // the same file is on its way already: this is a second one
  active.add(print)
  try {
    return await new Promise((resolve, reject) => {
      const upload = new tus.Upload(file, {
        endpoint: RESUMABLE,
        metadata: { ...metadata, name: file.name, changed: new Date(file.lastModified || Date.now()).toISOString() },
        retryDelays: RETRY_MS,
        uploadDataDuringCreation: true,
        fingerprint: () => Promise.resolve(print),
        storeFingerprintForResuming: !isTwice,
        removeFingerprintOnSuccess: true,
        onProgress: (sent, all) => progress(all > 0 ? sent / all : 0),
        onShouldRetry: error => {
          const status = error.originalResponse?.getStatus() ?? 0
          const again = status === 0 || status === 409 || status === 423 || status >= 500
          if (again) waits()
          return again
        },
        onSuccess: () => resolve(idOf(upload.url)),
        onError: error => reject(signal.aborted ? stopped(file) : new HembixError(reasonFor(error, file))),
      })
      signal.addEventListener('abort', () => {
        void upload.abort(true).catch(() => {
          /* it was never begun, or the sweep clears it */
        })
        reject(stopped(file))
      })
      const start = () => {
        if (!signal.aborted) upload.start()
      }
      if (isTwice) return start()
      void upload.findPreviousUploads().then(([earlier]) => {
        if (earlier) upload.resumeFromPreviousUpload(earlier)
        start()
      }, start)
    })
  } finally {
    if (!isTwice) active.delete(print)
  }
}

const idOf = (url: string | null) => url?.split('/').at(-1) ?? ''
const stopped = (file: File) => new HembixError(refusal('upload.stopped', { name: file.name }))

function reasonFor(error: Error, file: File) {
  const response =
    'originalResponse' in error
      ? (error.originalResponse as { getBody: () => string; getStatus: () => number } | null)
      : null
  const reason = response ? refusalIn(response.getBody(), response.getStatus()) : refusal('connection.lost')
  const unclear: readonly ErrorCode[] = ['connection.lost', 'notFound']
  return unclear.includes(reason.code) ? refusal('upload.waits', { name: file.name }) : reason
}

/** Makes documents of what has arrived, as one Change. */
export const commitUploads = (body: LandRequest) => call<ChangeEntry>('POST', '/api/uploads/land', { body })

export const fetchPendingUploads = () => call<{ uploads: PendingUpload[] }>('GET', '/api/uploads')

/** Forgets uploads and what has arrived of them. */
export async function forgetUpload(id: string): Promise<void> {
  const response = await fetch(`${RESUMABLE}/${id}`, { method: 'DELETE', headers: { 'tus-resumable': '1.0.0' } }).catch(
    () => {
      throw new HembixError(refusal('connection.lost'))
    },
  )
  if (!response.ok && response.status !== 404) throw new HembixError(refusalIn(await response.text(), response.status))
}

const HASH_LIMIT_BYTES = 256 * 1024 * 1024

/**
 * Which of the files are in the plan already: documents with the same bytes, for each file. What is too large to be
 * looked at before is recognised afterwards.
 */
export async function findKnown(files: readonly File[]): Promise<Map<File, KnownReply['documents']>> {
  const known = new Map<File, KnownReply['documents']>()
  const { sizes } = await call<KnownReply>('POST', '/api/uploads/known', {
    body: { sizes: [...new Set(files.map(file => file.size))].filter(size => size > 0).slice(0, 10_000) },
  })
  const hashes = new Map<File, string>()
  // Only pages from this machine or over HTTPS are given the means to hash.
  if (window.isSecureContext)
    for (const file of files)
      if (sizes.includes(file.size) && file.size <= HASH_LIMIT_BYTES) hashes.set(file, await hashOf(file))
  if (hashes.size === 0) return known
  const { documents } = await call<KnownReply>('POST', '/api/uploads/known', {
    body: { hashes: [...new Set(hashes.values())] },
  })
  for (const [file, hash] of hashes) {
    const same = documents.filter(document => document.sha256 === hash)
    if (same.length > 0) known.set(file, same)
  }
  return known
}

async function hashOf(file: File): Promise<string> {
  const hash = await crypto.subtle.digest('SHA-256', await file.arrayBuffer())
  return [...new Uint8Array(hash)].map(byte => byte.toString(16).padStart(2, '0')).join('')
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
  return sendText(
    '/api/uploads',
    { change: changeId, document: documentId, folder, name, origin, clash: 'both', changed: new Date().toISOString() },
    name,
    text,
  )
}

/** Brings a small file in as one request, as a picture of a memo. */
export function sendSmall(
  file: File,
  { changeId, documentId, folder }: Pick<NewText, 'changeId' | 'documentId' | 'folder'>,
): Promise<ChangeEntry> {
  const query = {
    change: changeId,
    document: documentId,
    folder,
    name: file.name,
    origin: 'paste',
    clash: 'both',
    changed: new Date(file.lastModified || Date.now()).toISOString(),
  }
  return sendBytes('/api/uploads', query, file, refusal('upload.short', { name: file.name }))
}

/** New contents of a document, as a version. */
export function sendContent(
  documentId: string,
  { changeId, name, written, text }: { changeId: string; name: string; written: boolean; text: string },
): Promise<ChangeEntry> {
  return sendText(
    `/api/documents/${documentId}/content`,
    { change: changeId, name, written, changed: new Date().toISOString() },
    name,
    text,
  )
}

function sendText(path: string, query: Query, name: string, text: string): Promise<ChangeEntry> {
  // keepalive: what is sent while the window closes still arrives (up to 64 KB).
  return sendBytes(path, query, new Blob([text]), refusal('upload.short', { name }), text.length < 20_000)
}
