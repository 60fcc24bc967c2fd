// When it came into the plan.

import { timeField } from './timeField'

export const addedField = timeField({ key: 'added', name: 'Added', property: 'addedAt', column: 's.added_at' })
