import { recognisingRequestShape, recognisingShape } from '../reading'
import type { Route } from './route'

export const readingRoutes: readonly Route[] = [
  {
    method: 'GET',
    path: '/api/reading',
    summary: 'Pages whose text is still to be recognised, and in which languages',
    signedIn: true,
    reply: recognisingShape,
  },
  {
    method: 'PUT',
    path: '/api/reading',
    summary: 'Pause recognising or go on, and in which languages',
    signedIn: true,
    body: recognisingRequestShape,
    reply: recognisingShape,
  },
]
