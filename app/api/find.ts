import type { Found, FoundCounts, FoundNames, RelaxedSearch, RecentSearch, RuleCounts } from '../../contract/find'
import type { DocumentId } from '../../core/ids'
import { call } from './http'

/** The parts of a search's URL (core/find/searchQuery). */
export type SearchParams = Readonly<Record<string, string>>
export interface FindMore {
  readonly typing?: boolean
  readonly exact?: boolean
  readonly near?: string
  readonly cursor?: string | null
  readonly limit?: number
}

export const find = (query: SearchParams, more: FindMore = {}) =>
  call<Found>('GET', '/api/find', { query: { ...query, ...more } })
export const countFound = (query: SearchParams, typing: boolean) =>
  call<FoundCounts>('GET', '/api/find/counts', { query: { ...query, typing } })
export const findIds = (query: SearchParams) =>
  call<{ ids: DocumentId[]; more: boolean }>('GET', '/api/find/ids', { query: { ...query } })
export const countPerRule = (query: SearchParams) => call<RuleCounts>('POST', '/api/find/weigh', { body: { query } })
export const relaxQuery = (query: SearchParams, typing: boolean) =>
  call<{ relaxed: RelaxedSearch[] }>('POST', '/api/find/loosen', { body: { query, typing } })
export const findNames = (q: string, limit: number) =>
  call<FoundNames>('GET', '/api/find/names', { query: { q, limit } })
export const countKept = () => call<{ counts: { id: string; count: number | null }[] }>('GET', '/api/find/kept')
export const readRecentSearches = () => call<{ searches: RecentSearch[] }>('GET', '/api/find/recent')
export const noteSearch = (text: string, query: SearchParams) =>
  call<undefined>('PUT', '/api/find/recent', { body: { text, query } })
export const forgetSearches = () => call<undefined>('DELETE', '/api/find/recent')
