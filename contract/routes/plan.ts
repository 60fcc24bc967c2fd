import { folderFactsShape, meetingQueryShape, meetingShape, outlineShape } from '../plan'
import { endpoint } from './route'

export const planRoutes = {
  outline: endpoint({
    method: 'GET',
    path: '/api/plan',
    summary: 'Folders, colour key and counts',
    signedIn: true,
    reply: outlineShape,
  }),
  folderFacts: endpoint({
    method: 'GET',
    path: '/api/plan/facts',
    summary: 'What lies directly in each folder: documents, bytes, newest change',
    signedIn: true,
    reply: folderFactsShape,
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
