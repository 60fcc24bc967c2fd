import type { FolderFacts, MeetingReply, OutlineReply } from '../../contract/plan'
import { call } from './http'

export const readPlan = () => call<OutlineReply>('GET', '/api/plan')
export const readFolderFacts = () => call<{ folders: FolderFacts[] }>('GET', '/api/plan/facts')
export const readMeeting = (from: string, into: string) =>
  call<MeetingReply>('GET', '/api/plan/meeting', { query: { from, into } })
