import { recognisingRequestShape, recognisingShape } from '../reading'
import { endpoint } from './route'

export const readingRoutes = {
  state: endpoint({
    method: 'GET',
    path: '/api/reading',
    summary: 'Pages whose text is still to be recognised, and in which languages',
    signedIn: true,
    reply: recognisingShape,
  }),
  set: endpoint({
    method: 'PUT',
    path: '/api/reading',
    summary: 'Pause recognising or go on, and in which languages',
    signedIn: true,
    body: recognisingRequestShape,
    reply: recognisingShape,
  }),
}
