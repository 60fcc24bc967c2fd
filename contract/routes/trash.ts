import { changeShape } from '../change'
import { insideTrashShape, trashShape } from '../document'
import { purgeRequestShape } from '../trash'
import type { Route } from './route'

export const trashRoutes: readonly Route[] = [
  {
    method: 'POST',
    path: '/api/trash/purge',
    summary: 'Delete for good what lies in the Trash; this cannot be undone',
    signedIn: true,
    body: purgeRequestShape,
    reply: changeShape,
  },
  {
    method: 'GET',
    path: '/api/trash/{id}',
    summary: 'What lies in a folder of the Trash',
    signedIn: true,
    reply: insideTrashShape,
  },
  { method: 'GET', path: '/api/trash', summary: 'What lies in the Trash', signedIn: true, reply: trashShape },
]
