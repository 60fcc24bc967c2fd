import type { ClientCommand } from '../../contract/command'
import type { Shared, SharedChange, SharedFound, SharedList } from '../../contract/shared'
import { readDocumentsAt } from './documentPath'
import { call, sendBytes } from './http'

const at = (key: string) => `/api/shared/${encodeURIComponent(key)}`

export const readShared = (key: string) => call<Shared>('GET', at(key))
export const listShared = (key: string, folder: string, cursor: string | null) =>
  call<SharedList>('GET', `${at(key)}/documents`, { query: { folder, cursor } })
export const findShared = (key: string, q: string) => call<SharedFound>('GET', `${at(key)}/find`, { query: { q } })
export const unlockShared = (key: string, passphrase: string) =>
  call<object>('POST', `${at(key)}/unlock`, { body: { passphrase } })
export const sharedArchive = (key: string): string => `${at(key)}/archive`

export const changeShared = (key: string, id: string, command: ClientCommand) =>
  call<SharedChange>('POST', `${at(key)}/changes`, { body: { id, command } })
export const undoShared = (key: string, id: string, changeId: string) =>
  call<SharedChange>('POST', `${at(key)}/changes/undo`, { body: { id, changeId } })
export const addShared = (key: string, folder: string, document: string, change: string, file: File) =>
  sendBytes<SharedChange>(
    `${at(key)}/documents`,
    { change, document, folder, name: file.name, changed: new Date(file.lastModified || Date.now()).toISOString() },
    file,
  )
export const putShared = (
  key: string,
  folder: string,
  change: string,
  documents: readonly { readonly id: string; readonly copyId: string }[],
) => call<SharedChange>('POST', `${at(key)}/copies`, { body: { change, folder, documents } })
export const copyShared = (key: string, id: string, change: string, document: string) =>
  call<object>('POST', `${at(key)}/documents/${id}/copy`, { body: { change, document, folder: null } })

/** From now on documents and their bytes are those of a key; null: those of the plan again. */
export const readBy = (key: string | null): void => readDocumentsAt(key === null ? null : `${at(key)}/documents`)

/** Hears that something in it changed, and that it is no longer given, until the returned function is called. */
export function followShared(
  key: string,
  told: { readonly changed: () => void; readonly gone: () => void },
): () => void {
  const source = new EventSource(`${at(key)}/events`)
  source.onmessage = message => {
    const { type } = JSON.parse(String(message.data)) as { type: 'changed' | 'gone' }
    told[type]()
    if (type === 'gone') source.close()
  }
  return () => source.close()
}
