import { mailedCopiesShape, mailedShape } from '../mail'
import { endpoint } from './route'

export const mailRoutes = {
  copies: endpoint({
    method: 'POST',
    path: '/api/mail/copies',
    summary: 'Send copies of documents by mail, a message to each address',
    signedIn: true,
    ownersOnly: true,
    body: mailedCopiesShape,
    reply: mailedShape,
  }),
}
