// The first date found in the name, else in the text: midnight UTC.

import { timeField } from './timeField'

export const datedField = timeField({
  key: 'dated',
  name: 'Dated',
  property: 'datedAt',
  column: 's.dated_at',
  isOptional: true,
  note: 'in name or text',
  empty: { key: 'dated', words: 'no date', text: '“dated” (no date)' },
})
