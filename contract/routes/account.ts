import { accountShape, endedShape, newAccountShape, passwordRequestShape, sessionShape, signInShape } from '../account'
import type { Route } from './route'

export const accountRoutes: readonly Route[] = [
  {
    method: 'GET',
    path: '/api/session',
    summary: 'Who is signed in, and whether there is a demo plan',
    signedIn: false,
    reply: sessionShape,
  },
  { method: 'POST', path: '/api/session', summary: 'Sign in', signedIn: false, body: signInShape, reply: sessionShape },
  { method: 'POST', path: '/api/session/demo', summary: 'Open the demo plan', signedIn: false, reply: sessionShape },
  {
    method: 'DELETE',
    path: '/api/session',
    summary: 'Sign out: the session is ended and refused from then on',
    signedIn: false,
  },
  {
    method: 'POST',
    path: '/api/accounts',
    summary: 'Make an account and sign in',
    signedIn: false,
    body: newAccountShape,
    reply: sessionShape,
  },
  {
    method: 'GET',
    path: '/api/account',
    summary: 'Space used, open sessions, files that could not be taken in, the last backup',
    signedIn: true,
    reply: accountShape,
  },
  {
    method: 'PUT',
    path: '/api/account/password',
    summary: 'A new password; every other session is ended',
    signedIn: true,
    body: passwordRequestShape,
    reply: endedShape,
  },
  {
    method: 'DELETE',
    path: '/api/account/sessions',
    summary: 'End all other sessions',
    signedIn: true,
    reply: endedShape,
  },
  { method: 'DELETE', path: '/api/account/sessions/{id}', summary: 'End one session', signedIn: true },
  {
    method: 'DELETE',
    path: '/api/account/laid-aside/{id}',
    summary: 'Take a file that could not be taken in off the list; it stays where it lies',
    signedIn: true,
  },
]
