import * as yup from 'yup'
import type { BaseFolder } from '../core/draft/index'
import type { FolderId } from '../core/ids'
import { UUID_PATTERN } from '../core/ids'
import { BULK_LIMIT_BYTES, bodyLimit } from './bodyLimits'
import { numberingShape } from './command'
import { anyId, folderId, time } from './ids'

const TEXT_LIMIT = 6_000_000
const LINES_LIMIT = 60_000

const isIdOrNull = (value: unknown) => value === null || (typeof value === 'string' && UUID_PATTERN.test(value))

const draftContentShape = yup.object({
  /** Lines in the notation of core/draft, indented by tabs. */
  text: yup.string().strict().defined().max(TEXT_LIMIT),
  /** For each line the folder it stands for, or null. */
  folderIds: yup
    .mixed<readonly (FolderId | null)[]>()
    .required()
    .test(
      'ids',
      'the folders of the lines are ids or null',
      value => Array.isArray(value) && value.length <= LINES_LIMIT && value.every(isIdOrNull),
    ),
  numbering: numberingShape.nullable().default(null),
  /** True: the lines come beside what the root holds already; false: they are all that the root holds. */
  additive: yup.boolean().default(false),
  /** It is the next period of this branch: its new folders are numbered inside as the old ones are. */
  period: yup
    .object({
      branchId: folderId(),
      grades: yup.boolean().required(),
      name: yup.string().strict().required().max(1000),
    })
    .nullable()
    .default(null),
  /** The folders as they were when the draft was last compared with the plan. */
  base: yup
    .mixed<readonly BaseFolder[]>()
    .required()
    .test('base', 'the base is a list of folders', value => Array.isArray(value) && value.length <= LINES_LIMIT),
})
export type DraftContent = yup.InferType<typeof draftContentShape>

export const draftPutShape = yup
  .object({
    name: yup.string().strict().defined().max(200),
    rootId: folderId().nullable(),
    content: draftContentShape.required(),
  })
  .meta(bodyLimit(BULK_LIMIT_BYTES))

const draftHeadShape = yup.object({
  id: anyId(),
  name: yup.string().defined(),
  rootId: folderId().nullable(),
  lines: yup.number().required(),
  changedAt: time(),
})
export type DraftHead = yup.InferType<typeof draftHeadShape>
export const draftsShape = yup.object({ drafts: yup.array(draftHeadShape).required() })
export const draftShape = draftHeadShape.shape({ content: draftContentShape.required() })
export type Draft = yup.InferType<typeof draftShape>

export const skeletonPutShape = yup
  .object({
    name: yup.string().strict().required().max(200),
    outline: yup.string().strict().required().max(TEXT_LIMIT),
  })
  .meta(bodyLimit(BULK_LIMIT_BYTES))
export const skeletonsShape = yup.object({
  skeletons: yup
    .array(yup.object({ id: anyId(), name: yup.string().required(), outline: yup.string().required() }))
    .required(),
})
export type Skeleton = yup.InferType<typeof skeletonsShape>['skeletons'][number]
