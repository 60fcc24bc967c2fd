import { changeShape } from '../change'
import { insideTrashShape, trashShape } from '../document'
import { purgeRequestShape } from '../trash'
import { endpoint } from './route'

export const trashRoutes = {
  purge: endpoint({
    method: 'POST',
    path: '/api/trash/purge',
    summary: 'Delete for good what lies in the Trash; this cannot be undone',
    signedIn: true,
    ownersOnly: true,
    body: purgeRequestShape,
    reply: changeShape,
  }),
  lookInside: endpoint({
    method: 'GET',
    path: '/api/trash/{id}',
    summary: 'What lies in a folder of the Trash',
    signedIn: true,
    reply: insideTrashShape,
  }),
  list: endpoint({
    method: 'GET',
    path: '/api/trash',
    summary: 'What lies in the Trash',
    signedIn: true,
    reply: trashShape,
  }),
}
