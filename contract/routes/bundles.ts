import { bundleContentsShape, bundlesShape } from '../find'
import type { Route } from './route'

export const bundlesRoutes: readonly Route[] = [
  { method: 'GET', path: '/api/bundles', summary: 'Bundles, the newest first', signedIn: true, reply: bundlesShape },
  {
    method: 'GET',
    path: '/api/bundles/{id}',
    summary: 'One bundle with its documents in order',
    signedIn: true,
    reply: bundleContentsShape,
  },
  {
    method: 'GET',
    path: '/api/bundles/{id}/archive',
    summary: 'Its documents as one ZIP',
    signedIn: true,
    reply: 'bytes',
  },
]
