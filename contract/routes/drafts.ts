import { draftPutShape, draftShape, draftsShape, skeletonPutShape, skeletonsShape } from '../draft'
import type { Route } from './route'

export const draftsRoutes: readonly Route[] = [
  {
    method: 'GET',
    path: '/api/drafts',
    summary: 'Drafts that were not applied, the last written first',
    signedIn: true,
    reply: draftsShape,
  },
  { method: 'GET', path: '/api/drafts/{id}', summary: 'One draft', signedIn: true, reply: draftShape },
  {
    method: 'PUT',
    path: '/api/drafts/{id}',
    summary: 'Keep a draft under an id of the client',
    signedIn: true,
    body: draftPutShape,
  },
  { method: 'DELETE', path: '/api/drafts/{id}', summary: 'Discard a draft', signedIn: true },
  {
    method: 'GET',
    path: '/api/skeletons',
    summary: 'Branches kept for use again',
    signedIn: true,
    reply: skeletonsShape,
  },
  {
    method: 'PUT',
    path: '/api/skeletons/{id}',
    summary: 'Keep a skeleton under an id of the client',
    signedIn: true,
    body: skeletonPutShape,
  },
  { method: 'DELETE', path: '/api/skeletons/{id}', summary: 'Drop a skeleton', signedIn: true },
]
