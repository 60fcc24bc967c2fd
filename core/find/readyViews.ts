// Searches that everybody has, without keeping them.

import type { Origin } from '../rows/index'
import { ORIGINS } from '../rows/index'

/** Ways in by which others send something. */
const FROM_OTHERS: readonly Origin[] = ['mail', 'colleague']

/** `query` is the query of an address of Find; `all` asks for everything although nothing is asked. */
export const READY_VIEWS: readonly { readonly name: string; readonly query: Readonly<Record<string, string>> }[] = [
  { name: 'Everything', query: { all: '1', sort: 'added' } },
  {
    name: 'What I brought in',
    query: { ways: ORIGINS.filter(origin => !FROM_OTHERS.includes(origin)).join(), sort: 'added' },
  },
  { name: 'What I received', query: { ways: FROM_OTHERS.join(), sort: 'added' } },
]
