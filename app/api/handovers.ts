import type { ChangeEntry } from '../../contract/change'
import type { Handovers } from '../../contract/handover'
import type { FolderId } from '../../core/ids'
import type { Role } from '../../core/rows/index'
import { call } from './http'

export interface NewOffer {
  readonly id: string
  readonly target: 'plan' | 'folder' | 'document'
  readonly targetId: string
  readonly personId: string
  /** What I keep; null: nothing. */
  readonly role: Role | null
  readonly note: string
}

export const readHandovers = () => call<Handovers>('GET', '/api/handovers')
export const offerThing = (body: NewOffer) => call<object>('POST', '/api/handovers', { body })
export const takeOfferBack = (id: string) => call<object>('DELETE', `/api/handovers/${id}`)
export const declineOffer = (id: string) => call<object>('POST', `/api/handovers/${id}/decline`, { body: {} })
export const takeOver = (id: string, body: { change: string; folderId: FolderId | null }) =>
  call<ChangeEntry>('POST', `/api/handovers/${id}/take-over`, { body })
