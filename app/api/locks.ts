import type { ChangeEntry } from '../../contract/change'
import type { LockPreview, LocksReply } from '../../contract/lock'
import { call } from './http'

/** Documents by themselves, or a folder with all in it. */
export interface ToLock {
  readonly documentIds: readonly string[]
  readonly folderId: string | null
}

export const readLocks = () => call<LocksReply>('GET', '/api/locks')
export const previewLock = (meant: ToLock) => call<LockPreview>('POST', '/api/locks/preview', { body: meant })
export const lock = (id: string, meant: ToLock, passphrase: string) =>
  call<ChangeEntry>('POST', '/api/locks', { body: { id, ...meant, passphrase } })
export const openLock = (lockId: string, passphrase: string) =>
  call<LocksReply>('POST', `/api/locks/${lockId}/open`, { body: { passphrase } })
export const takeLockOff = (lockId: string, id: string, passphrase: string) =>
  call<ChangeEntry>('POST', `/api/locks/${lockId}/off`, { body: { id, passphrase } })
export const closeLocks = () => call<LocksReply>('DELETE', '/api/locks/open')
