// Contents that only a passphrase opens.

import * as yup from 'yup'
import { anyId, documentId, folderId, time } from './ids'

const lockShape = yup.object({
  id: anyId(),
  /** null: documents that were locked by themselves. */
  folderId: folderId().nullable(),
  since: time(),
  /** Documents that it seals, those in the Trash as well. */
  count: yup.number().required(),
  /** Until when this session has it open; null: it is locked. */
  openUntil: yup.string().nullable().defined(),
})
export type Lock = yup.InferType<typeof lockShape>

export const locksShape = yup.object({ locks: yup.array(lockShape).required() })
export type LocksReply = yup.InferType<typeof locksShape>

const LOCKED_AT_ONCE = 500
/** Documents by themselves, or a folder with all in it and below and what comes into it. */
const meant = {
  documentIds: yup.array(documentId()).max(LOCKED_AT_ONCE).default([]),
  folderId: folderId().nullable().default(null),
}
const passphrase = () => yup.string().max(200).required('Say the passphrase.')

export const lockPreviewRequestShape = yup.object(meant)
export const lockPreviewShape = yup.object({
  /** Documents that would be locked. */
  count: yup.number().required(),
  /** Those of them that were not meant: they hold the very same contents. */
  others: yup.array(yup.object({ name: yup.string().required(), extension: yup.string().defined() })).required(),
})
export type LockPreview = yup.InferType<typeof lockPreviewShape>

export const lockRequestShape = yup.object({ id: anyId(), ...meant, passphrase: passphrase() })
export const openLockRequestShape = yup.object({ passphrase: passphrase() })
export const lockOffRequestShape = yup.object({ id: anyId(), passphrase: passphrase() })
