import { changeShape } from '../change'
import {
  scanDocumentRequestShape,
  scanEditRequestShape,
  scanPictureQueryShape,
  scanReadShape,
  scansShape,
} from '../scan'
import { doneShape, endpoint } from './route'

export const scansRoutes = {
  list: endpoint({
    method: 'GET',
    path: '/api/scans',
    summary: 'Pages of the scanner that are no document yet',
    signedIn: true,
    reply: scansShape,
  }),
  take: endpoint({
    method: 'POST',
    path: '/api/scans',
    summary: 'Take in what lies in the simulated scanner',
    signedIn: true,
    reply: scansShape,
  }),
  takePicture: endpoint({
    method: 'POST',
    path: '/api/scans/picture',
    summary: "A picture of one's own as a page; the body is the picture",
    signedIn: true,
    body: 'bytes',
    reply: scansShape,
  }),
  makeDocument: endpoint({
    method: 'POST',
    path: '/api/scans/document',
    summary: 'Put pages together to one searchable PDF in the In-tray',
    signedIn: true,
    body: scanDocumentRequestShape,
    reply: changeShape,
  }),
  edit: endpoint({
    method: 'PUT',
    path: '/api/scans/{id}',
    summary: 'How a page is turned, straightened, cut and toned',
    signedIn: true,
    body: scanEditRequestShape,
    reply: doneShape,
  }),
  drop: endpoint({
    method: 'DELETE',
    path: '/api/scans/{id}',
    summary: 'Drop a page',
    signedIn: true,
    reply: doneShape,
  }),
  picture: endpoint({
    method: 'GET',
    path: '/api/scans/{id}/picture',
    summary: 'A page as it will be in the document',
    signedIn: true,
    query: scanPictureQueryShape,
    reply: 'bytes',
  }),
  read: endpoint({
    method: 'POST',
    path: '/api/scans/{id}/read',
    summary: 'Recognise the text of a page',
    signedIn: true,
    reply: scanReadShape,
  }),
}
