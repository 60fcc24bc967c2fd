// Shapes that several commands have in common.

import * as yup from 'yup'
import type { Numbering } from '../numbering/index'
import { JOINTS, NUMBER_STYLES, OWN_TEXT_LIMIT, SKIP_LIMIT } from '../numbering/index'
import { documentIds, folderIds, NAME_LIMIT, tagId } from '../shapes/index'

/** Checked further by core/plan/name. */
export const name = () => yup.string().strict().defined().max(NAME_LIMIT)
/** The hint about a sibling of the same name was seen. */
export const allowTwin = () => yup.boolean().default(false)

/** Folders and documents meant together, as a selection holds them. */
export const things = { folderIds: folderIds().default([]), documentIds: documentIds().default([]) }

export const tags = () => yup.array(yup.object({ id: tagId(), name: name() })).max(50)

export const numberingShape: yup.ObjectSchema<Numbering> = yup.object({
  style: yup.string().oneOf(NUMBER_STYLES).required(),
  joined: yup.boolean().required(),
  start: yup.number().required(),
  step: yup.number().required(),
  joint: yup.string().oneOf(JOINTS).optional(),
  width: yup.number().optional(),
  text: yup.string().strict().max(OWN_TEXT_LIMIT).optional(),
  skip: yup
    .mixed<readonly number[]>()
    .test(
      'skip',
      'the numbers to skip are a list of numbers',
      value =>
        value === undefined || (Array.isArray(value) && value.length <= SKIP_LIMIT && value.every(Number.isInteger)),
    )
    .optional(),
})
