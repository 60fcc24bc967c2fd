// When it got its star.

import { timeField } from './timeField'

const STARRED = 'star.plan_id = s.plan_id AND star.id = s.document_id'

export const starredSinceField = timeField({
  key: 'starred',
  name: 'Starred at',
  property: 'starredAt',
  column: `(SELECT star.created_at FROM star WHERE ${STARRED})`,
  row: { from: `star WHERE ${STARRED}`, column: 'star.created_at' },
})
