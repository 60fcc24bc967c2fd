// Whether a document has a star.

import { defineField } from './field'
import type { Facet } from './facet'

export interface StarRule {
  readonly kind: 'star'
  readonly on: boolean
}

const STARRED = 'EXISTS (SELECT FROM star WHERE star.plan_id = s.plan_id AND star.id = s.document_id)'

/** null: starred or not. */
const starFacet: Facet<'starred', boolean | null> = {
  key: 'starred',
  name: 'Star',
  panel: 'star',
  order: 55,
  relaxed: 'with a star or without',
  params: ['star'],
  none: null,
  widens: false,
  read: text => ({ yes: true, no: false })[text('star')] ?? null,
  print: starred => ({ star: starred === null ? '' : starred ? 'yes' : 'no' }),
  rules: starred => (starred === null ? [] : [{ kind: 'star', on: starred } as const]),
  count: {
    by: 'rows',
    sql: `SELECT 'yes' AS value, count(*)::int AS number FROM m JOIN star ON star.plan_id = $1
      AND star.id = m.document_id`,
  },
}

export const starField = defineField<StarRule, { readonly starred: boolean }>()({
  key: 'star',
  name: 'Star',
  rules: ['star'],
  editor: 'star',
  fresh: () => ({ kind: 'star', on: true }),
  isComplete: () => true,
  read: raw => ({ kind: 'star', on: raw.on !== false }),
  parse: ({ head, whole }) => (head === 'star' || whole === 'no star' ? { kind: 'star', on: head === 'star' } : null),
  print: ({ on }) => (on ? 'star' : 'no star'),
  matches: ({ on }, { starred }) => starred === on,
  columns: { starred: STARRED },
  compile: ({ on }) => `${on ? '' : 'NOT '}${STARRED}`,
  facet: starFacet,
})
