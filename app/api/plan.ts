import type { FolderFacts, HandIn, MeetingReply, OutlineReply } from '../../contract/plan'
import { call } from './http'

export { showPlan } from './http'

/** `since`: the revision that is known; the reply says whether it tells from there on. */
export const readPlan = (since: number | null) => call<OutlineReply>('GET', '/api/plan', { query: { since } })
export const readHandIns = (folderId: string) => call<{ handIns: HandIn[] }>('GET', `/api/hand-ins/${folderId}`)
export const readFolderFacts = () => call<{ folders: FolderFacts[] }>('GET', '/api/plan/facts')
export const readMeeting = (from: string, into: string) =>
  call<MeetingReply>('GET', '/api/plan/meeting', { query: { from, into } })
