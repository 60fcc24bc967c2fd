import { bundleContentsShape, bundlesShape } from '../find'
import { endpoint } from './route'

export const bundlesRoutes = {
  list: endpoint({
    method: 'GET',
    path: '/api/bundles',
    summary: 'Bundles, the newest first',
    signedIn: true,
    reply: bundlesShape,
  }),
  read: endpoint({
    method: 'GET',
    path: '/api/bundles/{id}',
    summary: 'One bundle with its documents in order',
    signedIn: true,
    reply: bundleContentsShape,
  }),
  archive: endpoint({
    method: 'GET',
    path: '/api/bundles/{id}/archive',
    summary: 'Its documents as one ZIP',
    signedIn: true,
    reply: 'bytes',
  }),
}
