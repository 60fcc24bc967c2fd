import { changeShape } from '../change'
import {
  lockOffRequestShape,
  lockPreviewRequestShape,
  lockPreviewShape,
  lockRequestShape,
  locksShape,
  openLockRequestShape,
} from '../lock'
import { endpoint } from './route'

export const lockRoutes = {
  list: endpoint({
    method: 'GET',
    path: '/api/locks',
    summary: 'The locks of the plan, and which of them this session has open until when',
    signedIn: true,
    reply: locksShape,
  }),
  lock: endpoint({
    method: 'POST',
    path: '/api/locks',
    summary: 'Lock documents, or a folder with all in it and what comes into it, with a passphrase',
    signedIn: true,
    ownersOnly: true,
    body: lockRequestShape,
    reply: changeShape,
  }),
  preview: endpoint({
    method: 'POST',
    path: '/api/locks/preview',
    summary: 'What locking would seal, and what holds the very same contents',
    signedIn: true,
    ownersOnly: true,
    body: lockPreviewRequestShape,
    reply: lockPreviewShape,
  }),
  closeAll: endpoint({
    method: 'DELETE',
    path: '/api/locks/open',
    summary: 'Lock again all that this session opened',
    signedIn: true,
    reply: locksShape,
  }),
  open: endpoint({
    method: 'POST',
    path: '/api/locks/{id}/open',
    summary: 'Open a lock for this session, for a quarter of an hour',
    signedIn: true,
    ownersOnly: true,
    body: openLockRequestShape,
    reply: locksShape,
  }),
  takeOff: endpoint({
    method: 'POST',
    path: '/api/locks/{id}/off',
    summary: 'Take a lock off for good',
    signedIn: true,
    ownersOnly: true,
    body: lockOffRequestShape,
    reply: changeShape,
  }),
}
