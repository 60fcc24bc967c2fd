import type { OpenRequest, RequestState } from '../../contract/accessRequest'
import type { Role } from '../../core/rows/index'
import { call } from './http'

export const requestAccess = (wanted: string, note: string) =>
  call<object>('POST', '/api/access-requests', { body: { wanted, note } })
export const readRequest = (id: string) => call<RequestState>('GET', `/api/access-requests/${id}`)
export const readOpenRequests = () => call<{ requests: OpenRequest[] }>('GET', '/api/access-requests')
export const answerRequest = (id: string, role: Role | null, change: string, grant: string) =>
  call<object>('POST', `/api/access-requests/${id}/answer`, { body: { role, change, grant } })
