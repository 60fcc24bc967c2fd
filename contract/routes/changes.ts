import {
  changeShape,
  historyQueryShape,
  historyShape,
  lastActsShape,
  redoRequestShape,
  undoRequestShape,
  undoSinceRequestShape,
  undoneShape,
} from '../change'
import { changeRequestShape } from '../command'
import { endpoint } from './route'

export const changesRoutes = {
  apply: endpoint({
    method: 'POST',
    path: '/api/changes',
    summary: 'Carry out a command',
    signedIn: true,
    body: changeRequestShape,
    reply: changeShape,
  }),
  history: endpoint({
    method: 'GET',
    path: '/api/changes',
    summary: 'History, newest first',
    signedIn: true,
    query: historyQueryShape,
    reply: historyShape,
  }),
  lastActs: endpoint({
    method: 'GET',
    path: '/api/changes/last',
    summary: 'The last act, and what undo and redo would take back',
    signedIn: true,
    reply: lastActsShape,
  }),
  undo: endpoint({
    method: 'POST',
    path: '/api/changes/undo',
    summary: 'Undo the last act, or the one named',
    signedIn: true,
    body: undoRequestShape,
    reply: changeShape,
  }),
  undoSince: endpoint({
    method: 'POST',
    path: '/api/changes/undo-since',
    summary: 'Undo everything done from one act on, all or nothing',
    signedIn: true,
    body: undoSinceRequestShape,
    reply: undoneShape,
  }),
  redo: endpoint({
    method: 'POST',
    path: '/api/changes/redo',
    summary: 'Take the last undo back',
    signedIn: true,
    body: redoRequestShape,
    reply: changeShape,
  }),
  stop: endpoint({
    method: 'POST',
    path: '/api/changes/{id}/stop',
    summary: 'Stop a long act before its end; nothing of it is kept',
    signedIn: true,
  }),
}
