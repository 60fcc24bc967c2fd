import type { FolderFacts, OutlineReply } from '../../contract/plan'
import { call } from './http'

export const readPlan = () => call<OutlineReply>('GET', '/api/plan')
export const readFolderFacts = () => call<{ folders: FolderFacts[] }>('GET', '/api/plan/facts')
