import * as yup from 'yup'
import { COMMAND_LIMIT_BYTES, bodyLimit } from './bodyLimits'
import { anyId } from './ids'

/** What is to be deleted for good: ids of what was put into the Trash, or everything in it. */
export const purgeRequestShape = yup
  .object({
    /** Made by the client: asked again with the same id, nothing is done twice. */
    id: anyId(),
    ids: yup.array(anyId()).max(10_000).default([]),
    all: yup.boolean().default(false),
  })
  .meta(bodyLimit(COMMAND_LIMIT_BYTES))
