import type { Found, FoundCounts, FoundNames } from '../../contract/find'
import { call } from './http'

export interface FindAsked {
  readonly q: string
  readonly typing: boolean
  readonly types: string
  readonly place: string
  readonly from: string | null
  readonly before: string | null
  readonly starred: boolean
  readonly tags: string
  readonly origins: string
  readonly filed: string
  readonly cursor?: string | null
}

export const find = (asked: FindAsked) => call<Found>('GET', '/api/find', { query: { ...asked } })
export const countFound = (asked: FindAsked) => call<FoundCounts>('GET', '/api/find/counts', { query: { ...asked } })
export const findNames = (q: string, limit: number) => call<FoundNames>('GET', '/api/find/names', { query: { q, limit } })
