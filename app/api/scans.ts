import type { ChangeEntry } from '../../contract/change'
import type { ScannedPage } from '../../contract/scan'
import type { ScanEdits } from '../../core/scan/index'
import { addressOf, call, sendBytes } from './http'

interface Pages {
  readonly pages: ScannedPage[]
}

export const readScans = () => call<Pages>('GET', '/api/scans')
export const scanPages = () => call<Pages>('POST', '/api/scans', { body: {} })
export const editScan = (id: string, edits: ScanEdits) => call('PUT', `/api/scans/${id}`, { body: { edits } })
export const dropScan = (id: string) => call('DELETE', `/api/scans/${id}`)
/** Recognises the text of a page; how many words. */
export const readScan = (id: string) => call<{ words: number }>('POST', `/api/scans/${id}/read`, { body: {} })
export const bindScans = (body: { change: string; document: string; name: string; pages: readonly string[] }) =>
  call<ChangeEntry>('POST', '/api/scans/document', { body })

/** Where the picture of a page is, as it would be with these edits. */
export const scanPicture = (id: string, edits: ScanEdits, width: number) =>
  addressOf(`/api/scans/${id}/picture`, { width, edits: JSON.stringify(edits) })

export const addPicture = (file: File) => sendBytes<Pages>('/api/scans/picture', {}, file)
