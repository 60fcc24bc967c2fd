import * as yup from 'yup'
import { CLASHES } from '../core/plan/index'
import { BULK_LIMIT_BYTES, COMMAND_LIMIT_BYTES, bodyLimit } from './bodyLimits'
import { anyId, documentId, folderId, time } from './ids'

const AT_MOST = 10_000

/** Files on their way in that were not taken in yet. */
export const uploadsShape = yup.object({
  uploads: yup
    .array(
      yup.object({
        id: anyId(),
        name: yup.string().required(),
        /** Bytes in all, and bytes that have arrived. */
        size: yup.number().required(),
        received: yup.number().required(),
        /** As it was begun: the folder it was meant for, the batch it belongs to. */
        metadata: yup
          .mixed<{
            readonly folder?: string
            readonly batch?: string
            readonly [key: string]: string | null | undefined
          }>()
          .required(),
        createdAt: time(),
      }),
    )
    .required(),
})
export type PendingUpload = yup.InferType<typeof uploadsShape>['uploads'][number]

/** Sizes in bytes, then the contents of those that could be known as SHA-256 in hex. */
export const knownRequestShape = yup
  .object({
    sizes: yup.array(yup.number().integer().min(0).max(Number.MAX_SAFE_INTEGER).required()).max(AT_MOST).default([]),
    hashes: yup
      .array(
        yup
          .string()
          .matches(/^[0-9a-f]{64}$/)
          .required(),
      )
      .max(AT_MOST)
      .default([]),
  })
  .meta(bodyLimit(COMMAND_LIMIT_BYTES))
export const knownReplyShape = yup.object({
  sizes: yup.array(yup.number().required()).required(),
  documents: yup
    .array(
      yup.object({
        sha256: yup.string().required(),
        id: documentId(),
        name: yup.string().required(),
        extension: yup.string().defined(),
        folderIds: yup.array(folderId().nullable()).required(),
      }),
    )
    .required(),
})
export type KnownReply = yup.InferType<typeof knownReplyShape>
export type KnownDocument = KnownReply['documents'][number]

export const landRequestShape = yup
  .object({
    change: anyId(),
    /** A folder's id or "in-tray". */
    folder: yup.string().required(),
    /** Folders that are made with the files, parents first; parentId null: in the folder. */
    folders: yup
      .array(
        yup.object({
          id: folderId(),
          parentId: folderId().nullable().defined(),
          name: yup.string().max(1000).required(),
        }),
      )
      .max(AT_MOST)
      .default([]),
    files: yup
      .array(
        yup.object({
          uploadId: anyId(),
          documentId: documentId(),
          /** Where it goes when that is not the folder itself. */
          folderId: folderId().nullable().default(null),
          clash: yup.string().oneOf(CLASHES).default('both'),
        }),
      )
      .max(AT_MOST)
      .default([]),
    origin: yup
      .string()
      .oneOf(['upload', 'paste'] as const)
      .default('upload'),
  })
  .meta(bodyLimit(BULK_LIMIT_BYTES))
export type LandRequest = yup.InferType<typeof landRequestShape>
