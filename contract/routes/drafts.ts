import { draftPutShape, draftShape, draftsShape, skeletonPutShape, skeletonsShape } from '../draft'
import { doneShape, endpoint } from './route'

export const draftsRoutes = {
  list: endpoint({
    method: 'GET',
    path: '/api/drafts',
    summary: 'Drafts that were not applied, the last written first',
    signedIn: true,
    reply: draftsShape,
  }),
  read: endpoint({ method: 'GET', path: '/api/drafts/{id}', summary: 'One draft', signedIn: true, reply: draftShape }),
  save: endpoint({
    method: 'PUT',
    path: '/api/drafts/{id}',
    summary: 'Keep a draft under an id of the client',
    signedIn: true,
    body: draftPutShape,
    reply: doneShape,
  }),
  discard: endpoint({
    method: 'DELETE',
    path: '/api/drafts/{id}',
    summary: 'Discard a draft',
    signedIn: true,
    reply: doneShape,
  }),
  listSkeletons: endpoint({
    method: 'GET',
    path: '/api/skeletons',
    summary: 'Branches kept for use again',
    signedIn: true,
    reply: skeletonsShape,
  }),
  saveSkeleton: endpoint({
    method: 'PUT',
    path: '/api/skeletons/{id}',
    summary: 'Keep a skeleton under an id of the client',
    signedIn: true,
    body: skeletonPutShape,
    reply: doneShape,
  }),
  discardSkeleton: endpoint({
    method: 'DELETE',
    path: '/api/skeletons/{id}',
    summary: 'Drop a skeleton',
    signedIn: true,
    reply: doneShape,
  }),
}
