// When it was opened last.

import { timeField } from './timeField'

const VISIT = 'v.document_id = s.document_id AND (v.plan_id = s.plan_id) IS TRUE'

export const openedField = timeField({
  key: 'opened',
  name: 'Opened',
  property: 'openedAt',
  column: `(SELECT v.at FROM visit v WHERE ${VISIT})`,
  row: { from: `visit v WHERE ${VISIT}`, column: 'v.at' },
  empty: { key: 'opened', words: 'never opened', text: '“opened” (never)' },
})
