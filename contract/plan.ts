import * as yup from 'yup'
import { CHILD_ORDERS } from '../core/numbering/index'
import { PATTERNS } from '../core/rows/index'
import { numberingShape } from './command'
import { folderId, meaningId, time } from './ids'

export const folderShape = yup.object({
  id: folderId(),
  parentId: folderId().nullable(),
  name: yup.string().required(),
  folded: yup.string().defined(),
  orderKey: yup.string().required(),
  number: yup.number().nullable().defined(),
  numberFixed: yup.boolean().required(),
  label: yup.string().nullable().defined(),
  numbered: yup.boolean().required(),
  first: yup.boolean().required(),
  numbering: numberingShape.nullable().default(null),
  childOrder: yup.string().oneOf(CHILD_ORDERS).required(),
  meaningId: meaningId().nullable(),
  purpose: yup.string().defined(),
  remark: yup.string().defined(),
  createdAt: time(),
  changedAt: time(),
})
export type PlanFolder = yup.InferType<typeof folderShape>

export const meaningShape = yup.object({ id: meaningId(), name: yup.string().required(), ink: yup.string().required(), orderKey: yup.string().required(), closed: yup.boolean().required(), pattern: yup.string().oneOf(PATTERNS).required() })
export type Meaning = yup.InferType<typeof meaningShape>

export const folderFactsShape = yup.object({ folders: yup.array(yup.object({ folderId: folderId(), documents: yup.number().required(), size: yup.number().required(), changedAt: time() })).required() })
export type FolderFacts = yup.InferType<typeof folderFactsShape>['folders'][number]

export const outlineShape = yup.object({
  plan: yup.object({ id: yup.string().required(), name: yup.string().required(), numbering: numberingShape.required(), childOrder: yup.string().oneOf(CHILD_ORDERS).required(), revision: yup.number().required() }),
  folders: yup.array(folderShape).required(),
  meanings: yup.array(meaningShape).required(),
  /** Ids of starred folders. */
  starred: yup.array(yup.string().required()).required(),
  /** Documents directly in each folder, by its id; folders without any are left out. */
  counts: yup.mixed<Record<string, number>>().required(),
  inTray: yup.number().required(),
})
export type OutlineReply = yup.InferType<typeof outlineShape>
