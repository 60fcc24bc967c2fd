// When its contents, name or place changed last.

import { timeField } from './timeField'

export const changedField = timeField({
  key: 'changed',
  name: 'Changed',
  property: 'changedAt',
  column: 's.changed_at',
})
