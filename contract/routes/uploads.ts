import { changeShape } from '../change'
import { clashReplyShape, clashRequestShape, uploadQueryShape } from '../document'
import { knownReplyShape, knownRequestShape, landRequestShape, uploadsShape } from '../upload'
import { endpoint } from './route'

export const uploadsRoutes = {
  upload: endpoint({
    method: 'POST',
    path: '/api/uploads',
    summary: 'Bring a file in; the body is the file',
    signedIn: true,
    query: uploadQueryShape,
    body: 'bytes',
    reply: changeShape,
  }),
  pending: endpoint({
    method: 'GET',
    path: '/api/uploads',
    summary: 'Files on their way in that were not taken in yet',
    signedIn: true,
    reply: uploadsShape,
  }),
  beginResumable: endpoint({
    method: 'POST',
    path: '/api/uploads/resumable',
    summary: 'Begin an upload that can go on after a break (open tus protocol 1.0.0)',
    signedIn: true,
  }),
  goOnResumable: endpoint({
    method: 'PATCH',
    path: '/api/uploads/resumable/{id}',
    summary: 'Go on with such an upload; HEAD says how far it is',
    signedIn: true,
    body: 'bytes',
  }),
  forgetResumable: endpoint({
    method: 'DELETE',
    path: '/api/uploads/resumable/{id}',
    summary: 'Forget such an upload and what has arrived of it',
    signedIn: true,
  }),
  commit: endpoint({
    method: 'POST',
    path: '/api/uploads/land',
    summary: 'Make documents of complete uploads, with their folders, as one Change',
    signedIn: true,
    body: landRequestShape,
    reply: changeShape,
  }),
  known: endpoint({
    method: 'POST',
    path: '/api/uploads/known',
    summary: 'Which files are in the plan already, by size and then by content',
    signedIn: true,
    body: knownRequestShape,
    reply: knownReplyShape,
  }),
  clashes: endpoint({
    method: 'POST',
    path: '/api/uploads/clashes',
    summary: 'Which files would meet a document of the same name',
    signedIn: true,
    body: clashRequestShape,
    reply: clashReplyShape,
  }),
  share: endpoint({
    method: 'POST',
    path: '/api/share',
    summary: 'What another program hands to the installed app (Web Share Target), into the In-tray',
    signedIn: true,
    body: 'bytes',
  }),
}
