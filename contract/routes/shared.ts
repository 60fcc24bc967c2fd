import { documentShape, textShape } from '../document'
import { wordsShape } from '../reading'
import { sharedFindQueryShape, sharedFoundShape, sharedListQueryShape, sharedListShape, sharedShape } from '../shared'
import { endpoint } from './route'

/** Whoever knows the secret of a link gets these, signed in or not. One that opens nothing is answered link.gone. */
export const sharedRoutes = {
  read: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}',
    summary: 'What a link gives: a folder with all below, or a document',
    signedIn: false,
    reply: sharedShape,
  }),
  list: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/documents',
    summary: 'The documents of one of its folders by name, a page at a time',
    signedIn: false,
    query: sharedListQueryShape,
    reply: sharedListShape,
  }),
  find: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/find',
    summary: 'Documents in it with these words in their names or inside, the best 50',
    signedIn: false,
    query: sharedFindQueryShape,
    reply: sharedFoundShape,
  }),
  archive: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/archive',
    summary: 'All of it as one ZIP',
    signedIn: false,
    reply: 'bytes',
  }),
  document: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/documents/{id}',
    summary: 'One of its documents, without what is the giver’s own: places, tags, remark, sender, versions',
    signedIn: false,
    reply: documentShape,
  }),
  content: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/documents/{id}/content',
    summary: 'Its bytes as they are now; ranges are supported',
    signedIn: false,
    reply: 'bytes',
  }),
  text: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/documents/{id}/text',
    summary: 'The text that was read, by pages',
    signedIn: false,
    reply: textShape,
  }),
  words: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/documents/{id}/words',
    summary: 'Where the words of its recognised pages stand',
    signedIn: false,
    reply: wordsShape,
  }),
  page: endpoint({
    method: 'GET',
    path: '/api/shared/{secret}/documents/{id}/pages/{page}',
    summary: 'A page (from 1) of a TIFF as a PNG',
    signedIn: false,
    reply: 'bytes',
  }),
}
