// Where somebody is who has a window open on a plan.

import * as yup from 'yup'
import { anyId, folderId } from './ids'

/** `window`: by which it says later where it is. */
export const eventsQueryShape = yup.object({ window: anyId().optional() })

export const windowPlaceShape = yup.object({
  window: anyId(),
  /** null: the top of the plan, or a page that is no folder. */
  folderId: folderId().nullable().defined(),
})
