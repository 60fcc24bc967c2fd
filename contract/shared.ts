// What whoever has a link gets to see: one folder with all below, or one document, and nothing above or beside it.

import * as yup from 'yup'
import { documentId, folderId, time } from './ids'

const sharedDocumentShape = yup.object({
  id: documentId(),
  name: yup.string().required(),
  extension: yup.string().defined(),
  /** Bytes. */
  size: yup.number().required(),
  changedAt: time(),
})
export type SharedDocument = yup.InferType<typeof sharedDocumentShape>

export const sharedShape = yup.object({
  /** Of the folder or document that was given. */
  name: yup.string().required(),
  until: yup.string().nullable().defined(),
  /** The folder that was given, and all below it in their order; empty where a document was. */
  folders: yup
    .array(
      yup.object({
        id: folderId(),
        /** null: the folder that was given; what it lies in is nobody's business. */
        parentId: folderId().nullable(),
        name: yup.string().required(),
        code: yup.string().defined(),
        purpose: yup.string().defined(),
        /** `#rrggbb`; null: no colour. */
        ink: yup.string().nullable().defined(),
        /** Documents that lie right in it. */
        count: yup.number().required(),
      }),
    )
    .required(),
  /** The document that was given; null where a folder was. */
  document: sharedDocumentShape.nullable().defined(),
})
export type Shared = yup.InferType<typeof sharedShape>

export const sharedListQueryShape = yup.object({
  folder: yup.string().required(),
  cursor: yup.string().max(2000).nullable().default(null),
})
export const sharedListShape = yup.object({
  documents: yup.array(sharedDocumentShape).required(),
  next: yup.string().nullable().defined(),
})
export type SharedList = yup.InferType<typeof sharedListShape>

export const sharedFindQueryShape = yup.object({ q: yup.string().required() })
export const sharedFoundShape = yup.object({
  documents: yup
    .array(
      sharedDocumentShape.shape({
        /** A place of it within what was given. */
        folderId: folderId().nullable(),
        /** Words around the hit; empty where only the name has them. */
        passage: yup.string().defined(),
      }),
    )
    .required(),
})
export type SharedFound = yup.InferType<typeof sharedFoundShape>
