import { documentShape, textShape } from '../document'
import { wordsShape } from '../reading'
import { changeShape } from '../change'
import { changeRequestShape } from '../command'
import {
  copyRequestShape,
  personQueryShape,
  personShape,
  receivedShape,
  sharedChangeShape,
  sharedFindQueryShape,
  sharedFoundShape,
  sharedListQueryShape,
  sharedListShape,
  sharedShape,
  sharedUndoRequestShape,
  sharedUploadQueryShape,
  unlockRequestShape,
} from '../shared'
import { doneShape, endpoint } from './route'

/**
 * What was given. The key is the secret of a link, for whoever knows it, or the id of a grant, for those whom it was
 * given to. One that opens nothing is answered link.gone or grant.gone.
 */
export const sharedRoutes = {
  read: endpoint({
    method: 'GET',
    path: '/api/shared/{key}',
    summary: 'What was given: a folder with all below, a document, or all that is filed in a plan',
    signedIn: false,
    reply: sharedShape,
  }),
  list: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/documents',
    summary: 'The documents of one of its folders by name, a page at a time',
    signedIn: false,
    query: sharedListQueryShape,
    reply: sharedListShape,
  }),
  find: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/find',
    summary: 'Documents in it with these words in their names or inside, the best 50',
    signedIn: false,
    query: sharedFindQueryShape,
    reply: sharedFoundShape,
  }),
  archive: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/archive',
    summary: 'All of it as one ZIP',
    signedIn: false,
    reply: 'bytes',
  }),
  document: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/documents/{id}',
    summary: 'One of its documents, without what is the giver’s own: places, tags, remark, sender, versions',
    signedIn: false,
    reply: documentShape,
  }),
  content: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/documents/{id}/content',
    summary: 'Its bytes as they are now; ranges are supported',
    signedIn: false,
    reply: 'bytes',
  }),
  text: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/documents/{id}/text',
    summary: 'The text that was read, by pages',
    signedIn: false,
    reply: textShape,
  }),
  words: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/documents/{id}/words',
    summary: 'Where the words of its recognised pages stand',
    signedIn: false,
    reply: wordsShape,
  }),
  page: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/documents/{id}/pages/{page}',
    summary: 'A page (from 1) of a TIFF as a PNG',
    signedIn: false,
    reply: 'bytes',
  }),
  unlock: endpoint({
    method: 'POST',
    path: '/api/shared/{key}/unlock',
    summary: 'Say the passphrase of a link',
    signedIn: false,
    body: unlockRequestShape,
    reply: doneShape,
  }),
  events: endpoint({
    method: 'GET',
    path: '/api/shared/{key}/events',
    summary: 'Server-sent events: something in it changed, or it is no longer given',
    signedIn: false,
    reply: 'events',
  }),
  add: endpoint({
    method: 'POST',
    path: '/api/shared/{key}/documents',
    summary: 'Bring a file into one of its folders, with the role to add; the body is the file',
    signedIn: true,
    query: sharedUploadQueryShape,
    body: 'bytes',
    reply: sharedChangeShape,
  }),
  change: endpoint({
    method: 'POST',
    path: '/api/shared/{key}/changes',
    summary: 'Carry out a command in it, as far as the role goes',
    signedIn: true,
    body: changeRequestShape,
    reply: sharedChangeShape,
  }),
  undo: endpoint({
    method: 'POST',
    path: '/api/shared/{key}/changes/undo',
    summary: 'Undo something that one did in it oneself',
    signedIn: true,
    body: sharedUndoRequestShape,
    reply: sharedChangeShape,
  }),
  copy: endpoint({
    method: 'POST',
    path: '/api/shared/{key}/documents/{id}/copy',
    summary: 'Keep a copy of one of its documents in my plan',
    signedIn: true,
    body: copyRequestShape,
    reply: changeShape,
  }),
  received: endpoint({
    method: 'GET',
    path: '/api/received',
    summary: 'What others gave to me, the newest first',
    signedIn: true,
    reply: receivedShape,
  }),
  seen: endpoint({
    method: 'POST',
    path: '/api/received/{key}/seen',
    summary: 'It is no longer new to me',
    signedIn: true,
    reply: doneShape,
  }),
  person: endpoint({
    method: 'GET',
    path: '/api/people',
    summary: 'The person who signs in with an address',
    signedIn: true,
    query: personQueryShape,
    reply: personShape,
  }),
}
