import {
  folderFactsShape,
  handInsShape,
  meetingQueryShape,
  meetingShape,
  outlineQueryShape,
  outlineShape,
} from '../plan'
import { endpoint } from './route'

export const planRoutes = {
  outline: endpoint({
    method: 'GET',
    path: '/api/plan',
    summary: 'Folders, colour key and counts; with `since` only what changed from that revision on',
    signedIn: true,
    query: outlineQueryShape,
    reply: outlineShape,
  }),
  folderFacts: endpoint({
    method: 'GET',
    path: '/api/plan/facts',
    summary: 'What lies directly in each folder: documents, bytes, newest change',
    signedIn: true,
    reply: folderFactsShape,
  }),
  handIns: endpoint({
    method: 'GET',
    path: '/api/hand-ins/{id}',
    summary: 'Who was handed something out in a folder, and what they handed in',
    signedIn: true,
    reply: handInsShape,
  }),
  meeting: endpoint({
    method: 'GET',
    path: '/api/plan/meeting',
    summary: 'What would meet what if one folder were merged into another',
    signedIn: true,
    query: meetingQueryShape,
    reply: meetingShape,
  }),
}
