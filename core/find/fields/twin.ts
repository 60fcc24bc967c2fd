// Whether another document of the plan holds the same bytes.

import { defineField } from './field'

export interface TwinRule {
  readonly kind: 'twin'
}

const sameBytes = (d: string) => `EXISTS (SELECT FROM document o WHERE o.blob_id = ${d}.blob_id
  AND o.plan_id = ${d}.plan_id AND o.id <> ${d}.id AND o.trashed_at IS NULL)`

export const twinField = defineField<TwinRule, { readonly twin: boolean }>()({
  key: 'twin',
  name: 'Same bytes',
  rules: ['twin'],
  editor: 'nothing',
  fresh: () => ({ kind: 'twin' }),
  isComplete: () => true,
  read: () => ({ kind: 'twin' }),
  parse: ({ whole }) => (whole === 'same bytes' ? { kind: 'twin' } : null),
  print: () => 'same bytes',
  matches: (_, { twin }) => twin,
  columns: { twin: sameBytes('d') },
  compile: (_, { d }) => sameBytes(d),
})
