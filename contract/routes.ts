// Every route with its shapes, in one list: the OpenAPI document is made of it, and tests walk it.

import type { AnySchema } from 'yup'
import { accountShape, endedShape, newAccountShape, passwordRequestShape, sessionShape, signInShape } from './account'
import { changeRequestShape } from './command'
import { changeShape, historyQueryShape, historyShape, lastActsShape, redoRequestShape, undoneShape, undoRequestShape, undoSinceRequestShape } from './change'
import { arrivalsRequestShape, arrivalsShape } from './arrivals'
import { ordersShape, triedShape, tryOrderShape } from './order'
import { purgeRequestShape } from './trash'
import { clashReplyShape, clashRequestShape, contentQueryShape, documentShape, hitsQueryShape, hitsShape, insideTrashShape, registerQueryShape, registerShape, textShape, thumbnailsRequestShape, thumbnailsShape, trashShape, uploadQueryShape } from './document'
import { draftPutShape, draftShape, draftsShape, skeletonPutShape, skeletonsShape } from './draft'
import { suggestionsQueryShape, suggestionsShape, tagSuggestionsShape } from './filing'
import { knownReplyShape, knownRequestShape, landRequestShape, uploadsShape } from './upload'
import { recognisingRequestShape, recognisingShape, wordsShape } from './reading'
import { scanDocumentRequestShape, scanEditRequestShape, scanPictureQueryShape, scanReadShape, scansShape } from './scan'
import { bundleContentsShape, bundlesShape, countsQueryShape, countsShape, findQueryShape, foundIdsShape, foundNamesShape, foundShape, keptCountsShape, latelyShape, relaxedShape, relaxRequestShape, namesQueryShape, noteSearchShape, recentSearchesShape, ruleCountsShape, ruleCountsRequestShape } from './find'
import { folderFactsShape, meetingQueryShape, meetingShape, outlineShape } from './plan'

export interface Route {
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'
  readonly path: string
  readonly summary: string
  /** False where nobody has to be signed in. */
  readonly signedIn: boolean
  readonly query?: AnySchema
  readonly body?: AnySchema | 'bytes'
  readonly reply?: AnySchema | 'bytes' | 'events'
}

export const ROUTES: readonly Route[] = [
  { method: 'GET', path: '/api/health', summary: 'Says whether the database answers', signedIn: false },
  { method: 'GET', path: '/api/metrics', summary: 'Figures for whoever runs the server (Prometheus text), with the token of HEMBIX_METRICS_TOKEN', signedIn: false },
  { method: 'GET', path: '/api/openapi.json', summary: 'This description', signedIn: false },
  { method: 'GET', path: '/api/opensearch.xml', summary: 'How the browser\'s address line searches here (OpenSearch)', signedIn: false },
  { method: 'GET', path: '/api/session', summary: 'Who is signed in, and whether there is a demo plan', signedIn: false, reply: sessionShape },
  { method: 'POST', path: '/api/session', summary: 'Sign in', signedIn: false, body: signInShape, reply: sessionShape },
  { method: 'POST', path: '/api/session/demo', summary: 'Open the demo plan', signedIn: false, reply: sessionShape },
  { method: 'DELETE', path: '/api/session', summary: 'Sign out: the session is ended and refused from then on', signedIn: false },
  { method: 'POST', path: '/api/accounts', summary: 'Make an account and sign in', signedIn: false, body: newAccountShape, reply: sessionShape },
  { method: 'GET', path: '/api/account', summary: 'Space used, open sessions, files that could not be taken in, the last backup', signedIn: true, reply: accountShape },
  { method: 'PUT', path: '/api/account/password', summary: 'A new password; every other session is ended', signedIn: true, body: passwordRequestShape, reply: endedShape },
  { method: 'DELETE', path: '/api/account/sessions', summary: 'End all other sessions', signedIn: true, reply: endedShape },
  { method: 'DELETE', path: '/api/account/sessions/{id}', summary: 'End one session', signedIn: true },
  { method: 'DELETE', path: '/api/account/laid-aside/{id}', summary: 'Take a file that could not be taken in off the list; it stays where it lies', signedIn: true },
  { method: 'GET', path: '/api/plan', summary: 'Folders, colour key and counts', signedIn: true, reply: outlineShape },
  { method: 'GET', path: '/api/plan/facts', summary: 'What lies directly in each folder: documents, bytes, newest change', signedIn: true, reply: folderFactsShape },
  { method: 'GET', path: '/api/plan/meeting', summary: 'What would meet what if one folder were merged into another', signedIn: true, query: meetingQueryShape, reply: meetingShape },
  { method: 'GET', path: '/api/documents', summary: 'The register of one place, a page at a time', signedIn: true, query: registerQueryShape, reply: registerShape },
  { method: 'GET', path: '/api/documents/ids', summary: 'The ids of all documents of a place, in the order of its register', signedIn: true, query: registerQueryShape },
  { method: 'GET', path: '/api/documents/{id}', summary: 'One document with its places, versions and reading state', signedIn: true, reply: documentShape },
  { method: 'GET', path: '/api/documents/{id}/content', summary: 'Its bytes; ranges are supported', signedIn: true, reply: 'bytes' },
  { method: 'POST', path: '/api/documents/{id}/content', summary: 'New contents, as a version; the body is the file', signedIn: true, query: contentQueryShape, body: 'bytes', reply: changeShape },
  { method: 'GET', path: '/api/documents/{id}/thumbnail', summary: 'A small picture of its beginning (WebP, within 320 x 400 points)', signedIn: true, reply: 'bytes' },
  { method: 'GET', path: '/api/documents/{id}/pages/{page}', summary: 'A page (from 1) of a TIFF as a PNG, within 3000 x 3000 points', signedIn: true, reply: 'bytes' },
  { method: 'POST', path: '/api/thumbnails', summary: 'How far the small pictures of documents are; missing ones are made', signedIn: true, body: thumbnailsRequestShape, reply: thumbnailsShape },
  { method: 'GET', path: '/api/documents/{id}/text', summary: 'The text that was read, by pages', signedIn: true, reply: textShape },
  { method: 'POST', path: '/api/documents/{id}/reading', summary: 'Read it again', signedIn: true },
  { method: 'GET', path: '/api/documents/{id}/suggestions', summary: 'Where it could go, what it could be called, what holds the same bytes', signedIn: true, query: suggestionsQueryShape, reply: suggestionsShape },
  { method: 'GET', path: '/api/documents/{id}/tag-suggestions', summary: 'Tags that documents like it carry', signedIn: true, query: suggestionsQueryShape, reply: tagSuggestionsShape },
  { method: 'POST', path: '/api/uploads', summary: 'Bring a file in; the body is the file', signedIn: true, query: uploadQueryShape, body: 'bytes', reply: changeShape },
  { method: 'GET', path: '/api/uploads', summary: 'Files on their way in that were not taken in yet', signedIn: true, reply: uploadsShape },
  { method: 'POST', path: '/api/uploads/resumable', summary: 'Begin an upload that can go on after a break (open tus protocol 1.0.0)', signedIn: true },
  { method: 'PATCH', path: '/api/uploads/resumable/{id}', summary: 'Go on with such an upload; HEAD says how far it is', signedIn: true, body: 'bytes' },
  { method: 'DELETE', path: '/api/uploads/resumable/{id}', summary: 'Forget such an upload and what has arrived of it', signedIn: true },
  { method: 'POST', path: '/api/uploads/land', summary: 'Make documents of complete uploads, with their folders, as one Change', signedIn: true, body: landRequestShape, reply: changeShape },
  { method: 'POST', path: '/api/uploads/known', summary: 'Which files are in the plan already, by size and then by content', signedIn: true, body: knownRequestShape, reply: knownReplyShape },
  { method: 'POST', path: '/api/uploads/clashes', summary: 'Which files would meet a document of the same name', signedIn: true, body: clashRequestShape, reply: clashReplyShape },
  { method: 'POST', path: '/api/changes', summary: 'Carry out a command', signedIn: true, body: changeRequestShape, reply: changeShape },
  { method: 'GET', path: '/api/documents/{id}/hits', summary: 'The pages on which the words of a search stand', signedIn: true, query: hitsQueryShape, reply: hitsShape },
  { method: 'GET', path: '/api/documents/{id}/words', summary: 'Where the words of recognised pages stand', signedIn: true, reply: wordsShape },
  { method: 'GET', path: '/api/reading', summary: 'Pages whose text is still to be recognised, and in which languages', signedIn: true, reply: recognisingShape },
  { method: 'PUT', path: '/api/reading', summary: 'Pause recognising or go on, and in which languages', signedIn: true, body: recognisingRequestShape, reply: recognisingShape },
  { method: 'GET', path: '/api/scans', summary: 'Pages of the scanner that are no document yet', signedIn: true, reply: scansShape },
  { method: 'POST', path: '/api/scans', summary: 'Take in what lies in the simulated scanner', signedIn: true, reply: scansShape },
  { method: 'POST', path: '/api/scans/picture', summary: 'A picture of one\'s own as a page; the body is the picture', signedIn: true, body: 'bytes', reply: scansShape },
  { method: 'POST', path: '/api/scans/document', summary: 'Put pages together to one searchable PDF in the In-tray', signedIn: true, body: scanDocumentRequestShape, reply: changeShape },
  { method: 'PUT', path: '/api/scans/{id}', summary: 'How a page is turned, straightened, cut and toned', signedIn: true, body: scanEditRequestShape },
  { method: 'DELETE', path: '/api/scans/{id}', summary: 'Drop a page', signedIn: true },
  { method: 'GET', path: '/api/scans/{id}/picture', summary: 'A page as it will be in the document', signedIn: true, query: scanPictureQueryShape, reply: 'bytes' },
  { method: 'POST', path: '/api/scans/{id}/read', summary: 'Recognise the text of a page', signedIn: true, reply: scanReadShape },
  { method: 'GET', path: '/api/changes', summary: 'History, newest first', signedIn: true, query: historyQueryShape, reply: historyShape },
  { method: 'GET', path: '/api/changes/last', summary: 'The last act, and what undo and redo would take back', signedIn: true, reply: lastActsShape },
  { method: 'POST', path: '/api/changes/undo', summary: 'Undo the last act, or the one named', signedIn: true, body: undoRequestShape, reply: changeShape },
  { method: 'POST', path: '/api/changes/undo-since', summary: 'Undo everything done from one act on, all or nothing', signedIn: true, body: undoSinceRequestShape, reply: undoneShape },
  { method: 'POST', path: '/api/changes/redo', summary: 'Take the last undo back', signedIn: true, body: redoRequestShape, reply: changeShape },
  { method: 'POST', path: '/api/changes/{id}/stop', summary: 'Stop a long act before its end; nothing of it is kept', signedIn: true },
  { method: 'GET', path: '/api/drafts', summary: 'Drafts that were not applied, the last written first', signedIn: true, reply: draftsShape },
  { method: 'GET', path: '/api/drafts/{id}', summary: 'One draft', signedIn: true, reply: draftShape },
  { method: 'PUT', path: '/api/drafts/{id}', summary: 'Keep a draft under an id of the client', signedIn: true, body: draftPutShape },
  { method: 'DELETE', path: '/api/drafts/{id}', summary: 'Discard a draft', signedIn: true },
  { method: 'GET', path: '/api/skeletons', summary: 'Branches kept for use again', signedIn: true, reply: skeletonsShape },
  { method: 'PUT', path: '/api/skeletons/{id}', summary: 'Keep a skeleton under an id of the client', signedIn: true, body: skeletonPutShape },
  { method: 'DELETE', path: '/api/skeletons/{id}', summary: 'Drop a skeleton', signedIn: true },
  { method: 'POST', path: '/api/trash/purge', summary: 'Delete for good what lies in the Trash; this cannot be undone', signedIn: true, body: purgeRequestShape, reply: changeShape },
  { method: 'POST', path: '/api/arrivals/{device}', summary: 'Take in what a simulated device or service has: mailbox, colleague', signedIn: true, body: arrivalsRequestShape, reply: arrivalsShape },
  { method: 'POST', path: '/api/share', summary: 'What another program hands to the installed app (Web Share Target), into the In-tray', signedIn: true, body: 'bytes' },
  { method: 'GET', path: '/api/orders', summary: 'Standing orders, in the order in which they are asked', signedIn: true, reply: ordersShape },
  { method: 'POST', path: '/api/orders/try', summary: 'What an order would have done with the last arrivals', signedIn: true, body: tryOrderShape, reply: triedShape },
  { method: 'GET', path: '/api/trash/{id}', summary: 'What lies in a folder of the Trash', signedIn: true, reply: insideTrashShape },
  { method: 'GET', path: '/api/trash', summary: 'What lies in the Trash', signedIn: true, reply: trashShape },
  { method: 'GET', path: '/api/find', summary: 'Search names and contents', signedIn: true, query: findQueryShape, reply: foundShape },
  { method: 'GET', path: '/api/find/counts', summary: 'How many of what is found are of which type, from where, in which folder', signedIn: true, query: countsQueryShape, reply: countsShape },
  { method: 'GET', path: '/api/find/ids', summary: 'The ids of all that a search finds, the newest first, up to 10,000', signedIn: true, query: countsQueryShape, reply: foundIdsShape },
  { method: 'POST', path: '/api/find/loosen', summary: 'For a search that finds nothing: those that ask for one thing less and find something, with how many', signedIn: true, body: relaxRequestShape, reply: relaxedShape },
  { method: 'POST', path: '/api/find/weigh', summary: 'How many documents each rule of a search finds alone, and which one empties it', signedIn: true, body: ruleCountsRequestShape, reply: ruleCountsShape },
  { method: 'GET', path: '/api/find/kept', summary: 'How many documents each kept search finds now', signedIn: true, reply: keptCountsShape },
  { method: 'GET', path: '/api/find/recent', summary: 'What was searched for lately', signedIn: true, reply: recentSearchesShape },
  { method: 'PUT', path: '/api/find/recent', summary: 'Remember a search that led somewhere', signedIn: true, body: noteSearchShape },
  { method: 'DELETE', path: '/api/find/recent', summary: 'Forget what was searched for', signedIn: true },
  { method: 'GET', path: '/api/documents/lately', summary: 'What was opened, changed and added last, opened often, and how long starred ones rest', signedIn: true, reply: latelyShape },
  { method: 'POST', path: '/api/documents/{id}/visits', summary: 'Note that it was opened', signedIn: true },
  { method: 'GET', path: '/api/bundles', summary: 'Bundles, the newest first', signedIn: true, reply: bundlesShape },
  { method: 'GET', path: '/api/bundles/{id}', summary: 'One bundle with its documents in order', signedIn: true, reply: bundleContentsShape },
  { method: 'GET', path: '/api/bundles/{id}/archive', summary: 'Its documents as one ZIP', signedIn: true, reply: 'bytes' },
  { method: 'GET', path: '/api/find/names', summary: 'Documents by name while it is typed', signedIn: true, query: namesQueryShape, reply: foundNamesShape },
  { method: 'GET', path: '/api/events', summary: 'Server-sent events of the plan: change, reading, refresh', signedIn: true, reply: 'events' },
]
