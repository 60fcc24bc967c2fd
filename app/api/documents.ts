import type { ChangeEntry } from '../../contract/change'
import type {
  DocumentFacts,
  HitPages,
  InsideTrash,
  NameClash,
  DocumentListPage,
  Sort,
  TextReply,
  TrashItem,
} from '../../contract/document'
import type { Suggestions, TagSuggestions } from '../../contract/filing'
import { HembixError, refusal } from '../../core/errors'
import type { Things } from '../../core/plan/index'
import { documentPath } from './documentPath'
import { addressOf, call, refusalIn } from './http'

export interface ListRequest {
  readonly folder: string
  readonly sort: Sort
  readonly descending: boolean
  readonly cursor?: string | null
  readonly limit?: number
}

export const readDocumentList = (request: ListRequest) =>
  call<DocumentListPage>('GET', '/api/documents', { query: { ...request } })
export const readDocument = (id: string) => call<DocumentFacts>('GET', documentPath(id))
export const readText = (id: string, from: number) =>
  call<TextReply>('GET', `${documentPath(id)}/text`, { query: { from } })
export const readHits = (id: string, q: string) => call<HitPages>('GET', `/api/documents/${id}/hits`, { query: { q } })
export const readAgain = (id: string) => call<{ state: string }>('POST', `/api/documents/${id}/reading`, { body: {} })
export const takeOut = (id: string, change: string) =>
  call<ChangeEntry>('POST', `/api/documents/${id}/contents`, { body: { change } })
export const readSuggestions = (id: string, folder: string | null) =>
  call<Suggestions>('GET', `/api/documents/${id}/suggestions`, { query: { folder: folder ?? undefined } })
export const readTagSuggestions = (id: string, folder: string | null) =>
  call<TagSuggestions>('GET', `/api/documents/${id}/tag-suggestions`, { query: { folder: folder ?? undefined } })
export const findClashes = (folder: string, names: string[]) =>
  call<{ clashes: NameClash[] }>('POST', '/api/uploads/clashes', { body: { folder, names } })
export const readInsideTrash = (id: string) => call<{ items: InsideTrash[] }>('GET', `/api/trash/${id}`)
export const readTrash = () => call<{ items: TrashItem[] }>('GET', '/api/trash')

/** Folders with all below and documents as one ZIP; without any, the whole plan. */
export const archiveAddress = ({ folderIds, documentIds }: Things): string =>
  `/api/documents/archive?folders=${folderIds.join()}&documents=${documentIds.join()}`

/** Where the bytes are: to show in place, or to download. */
export function contentAddress(
  id: string,
  { inline = false, version }: { inline?: boolean; version?: number } = {},
): string {
  return addressOf(`${documentPath(id)}/content`, { inline: inline ? 1 : undefined, version })
}

/** Its small picture, where there is one; another address for other contents. */
export function thumbnailAddress(id: string, version: number): string {
  return addressOf(`/api/documents/${id}/thumbnail`, { version })
}

/** One page (from 1) drawn by the server, for what browsers do not show; another address for other contents. */
export function pageAddress(id: string, page: number, version: number): string {
  return addressOf(`${documentPath(id)}/pages/${page}`, { version })
}

/** An office document as pages, in place. */
export function asPagesAddress(id: string, version: number): string {
  return addressOf(`${documentPath(id)}/pdf`, { inline: 1, version })
}

/** Without a version: the current one. */
export async function readBytes(id: string, version?: number): Promise<ArrayBuffer> {
  const response = await fetch(contentAddress(id, { inline: true, version })).catch(() => {
    throw new HembixError(refusal('connection.lost'))
  })
  if (!response.ok) throw new HembixError(refusalIn(await response.text(), response.status))
  return response.arrayBuffer()
}
