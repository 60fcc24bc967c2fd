import type { ChangeEntry, HistoryPage, LastActs } from '../../contract/change'
import type { ClientCommand } from '../../contract/command'
import { call } from './http'

export const sendCommand = (id: string, command: ClientCommand) => call<ChangeEntry>('POST', '/api/changes', { body: { id, command } })
export const undo = (id: string, changeId: string | null) => call<ChangeEntry>('POST', '/api/changes/undo', { body: { id, changeId } })
export const redo = (id: string) => call<ChangeEntry>('POST', '/api/changes/redo', { body: { id } })
export const readHistory = (before: number | null) => call<HistoryPage>('GET', '/api/changes', { query: { before } })
export const readLastActs = () => call<LastActs>('GET', '/api/changes/last')
