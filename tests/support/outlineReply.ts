// A small outline and a change as the server replies them, for tests of stores.

import type { FolderId, MeaningId } from '../../core/ids'
import { PLAIN_NUMBERING } from '../../core/numbering/index'

export const folder = (id: string, more: object = {}) => ({
  id: id as FolderId,
  parentId: null,
  name: id,
  folded: id,
  orderKey: id,
  number: null,
  numbering: null,
  childOrder: 'number',
  meaningId: null,
  purpose: '',
  createdAt: '',
  changedAt: '',
  ...more,
})
export const OUTLINE = {
  since: null,
  gone: [],
  plan: { id: 'p', name: 'Plan', numbering: PLAIN_NUMBERING, childOrder: 'number', revision: 1 },
  folders: [folder('a', { meaningId: 'm' as MeaningId }), folder('b', { parentId: 'a' }), folder('c')],
  meanings: [{ id: 'm', name: 'Office', ink: '#44AA99', orderKey: 'a0', closed: false, pattern: 'full' }],
  starred: ['b'],
  counts: { a: 1, b: 2 },
  inTray: 4,
}
export const CHANGE = {
  id: '1',
  revision: 2,
  at: '2026-01-01T00:00:00.000Z',
  kind: 'star',
  label: 'Starred “x”',
  message: null,
  places: [],
  actor: 'a',
  actorId: 'a',
  undoes: null,
  undoneBy: null,
}
