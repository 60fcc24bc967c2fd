import type { ReceivedThing } from '../../contract/shared'
import { call } from './http'

export const findPerson = (email: string) =>
  call<{ id: string; name: string; email: string }>('GET', '/api/people', { query: { email } })
export const giveCopies = (id: string, change: string, to: readonly { who: string; whoId: string | null }[]) =>
  call<{ people: number }>('POST', `/api/documents/${id}/copies`, { body: { change, to } })
export const readReceived = () => call<{ received: ReceivedThing[] }>('GET', '/api/received')
export const muteGiver = (giverId: string, on: boolean) =>
  call<object>('PUT', '/api/received/muted', { body: { giverId, on } })
export const markOpened = (id: string) => call<object>('POST', `/api/received/${id}/seen`, { body: {} })
