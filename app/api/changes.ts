import type { ChangeEntry, HistoryPage, LastActs, Undone } from '../../contract/change'
import type { ClientCommand } from '../../contract/command'
import { call } from './http'

export const sendCommand = (id: string, command: ClientCommand) =>
  call<ChangeEntry>('POST', '/api/changes', { body: { id, command } })
export const undo = (id: string, changeId: string | null) =>
  call<ChangeEntry>('POST', '/api/changes/undo', { body: { id, changeId } })
export const undoSince = (id: string, changeId: string) =>
  call<Undone>('POST', '/api/changes/undo-since', { body: { id, changeId } })
export const redo = (id: string) => call<ChangeEntry>('POST', '/api/changes/redo', { body: { id } })
export interface HistoryRequest {
  readonly text?: string
  readonly from?: string | null
  readonly until?: string | null
  readonly folder?: string | null
  readonly thing?: string | null
  readonly madeBy?: string | null
  readonly who?: string | null
}
/** Asks a long act to stop before its end; it answers as refused then. */
export const stopAct = (id: string) => call<undefined>('POST', `/api/changes/${id}/stop`)
export const readHistory = (before: number | null, request: HistoryRequest = {}) =>
  call<HistoryPage>('GET', '/api/changes', { query: { before, ...request } })
export const purge = (id: string, what: { ids: readonly string[] } | { all: true }) =>
  call<ChangeEntry>('POST', '/api/trash/purge', { body: { id, ...what } })
export const readLastActs = () => call<LastActs>('GET', '/api/changes/last')
