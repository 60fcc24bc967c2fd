import { changeShape } from '../change'
import { handoverShape, handoversShape, takeOverShape } from '../handover'
import { doneShape, endpoint } from './route'

export const handoverRoutes = {
  list: endpoint({
    method: 'GET',
    path: '/api/handovers',
    summary: 'What is offered to me to be mine from then on, and what I offer to others',
    signedIn: true,
    ownersOnly: true,
    reply: handoversShape,
  }),
  offer: endpoint({
    method: 'POST',
    path: '/api/handovers',
    summary: 'Offer a folder, a document or the whole plan to somebody, to be theirs once they take it over',
    signedIn: true,
    ownersOnly: true,
    body: handoverShape,
    reply: doneShape,
  }),
  takeBack: endpoint({
    method: 'DELETE',
    path: '/api/handovers/{id}',
    summary: 'Take back what I offered',
    signedIn: true,
    ownersOnly: true,
    reply: doneShape,
  }),
  takeOver: endpoint({
    method: 'POST',
    path: '/api/handovers/{id}/take-over',
    summary: 'Take over what is offered to me: it becomes part of my plan, and lies in the Trash of whoever offered it',
    signedIn: true,
    ownersOnly: true,
    body: takeOverShape,
    reply: changeShape,
  }),
  decline: endpoint({
    method: 'POST',
    path: '/api/handovers/{id}/decline',
    summary: 'Decline what is offered to me',
    signedIn: true,
    ownersOnly: true,
    body: doneShape,
    reply: doneShape,
  }),
}
