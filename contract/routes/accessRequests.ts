import { accessRequestShape, openRequestsShape, requestAnswerShape, requestStateShape } from '../accessRequest'
import { doneShape, endpoint } from './route'

export const accessRequestRoutes = {
  request: endpoint({
    method: 'POST',
    path: '/api/access-requests',
    summary: 'Request to be given what an address leads to; answered the same whether it leads anywhere',
    signedIn: true,
    body: accessRequestShape,
    reply: doneShape,
  }),
  list: endpoint({
    method: 'GET',
    path: '/api/access-requests',
    summary: 'What others would like to be given of my plan, the newest first',
    signedIn: true,
    ownersOnly: true,
    reply: openRequestsShape,
  }),
  read: endpoint({
    method: 'GET',
    path: '/api/access-requests/{id}',
    summary: 'When I requested what an address leads to, and from whom I had it before',
    signedIn: true,
    reply: requestStateShape,
  }),
  answer: endpoint({
    method: 'POST',
    path: '/api/access-requests/{id}/answer',
    summary: 'Grant what was requested, in a role, or decline it',
    signedIn: true,
    ownersOnly: true,
    body: requestAnswerShape,
    reply: doneShape,
  }),
}
