import type { Shared, SharedFound, SharedList } from '../../contract/shared'
import { readDocumentsAt } from './documentPath'
import { call } from './http'

const at = (secret: string) => `/api/shared/${encodeURIComponent(secret)}`

export const readShared = (secret: string) => call<Shared>('GET', at(secret))
export const listShared = (secret: string, folder: string, cursor: string | null) =>
  call<SharedList>('GET', `${at(secret)}/documents`, { query: { folder, cursor } })
export const findShared = (secret: string, q: string) =>
  call<SharedFound>('GET', `${at(secret)}/find`, { query: { q } })
export const sharedArchive = (secret: string): string => `${at(secret)}/archive`

/** From now on documents and their bytes are those of a link; null: those of the plan again. */
export const readByLink = (secret: string | null): void =>
  readDocumentsAt(secret === null ? null : `${at(secret)}/documents`)
