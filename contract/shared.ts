// What whoever has a link or a grant gets to see: one folder with all below, or one document, and nothing above or
// beside it; or all that is filed in a plan.

import * as yup from 'yup'
import { ROLES, TARGETS } from '../core/rows/index'
import { anyId, documentId, folderId, grantId, time } from './ids'

const sharedDocumentShape = yup.object({
  id: documentId(),
  name: yup.string().required(),
  extension: yup.string().defined(),
  /** Bytes. */
  size: yup.number().required(),
  changedAt: time(),
  /** Whether whoever reads may rename and delete it. */
  changeable: yup.boolean().required(),
})
export type SharedDocument = yup.InferType<typeof sharedDocumentShape>

export const sharedShape = yup.object({
  /** Of the folder or document that was given. */
  name: yup.string().required(),
  until: yup.string().nullable().defined(),
  /** Who gave it; null by a link. */
  from: yup.string().nullable().defined(),
  /** It is looked at by who gave it, as those see it. */
  isOwn: yup.boolean().required(),
  role: yup.string().oneOf(ROLES).required(),
  /** What they say with it. */
  note: yup.string().defined(),
  /** The folder that was given, and all below it in their order; empty where a document was. */
  folders: yup
    .array(
      yup.object({
        id: folderId(),
        /** null: the folder that was given, since what it lies in is nobody's business; or a top folder of the plan. */
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
  /** So many of them, from the beginning, are kept before the others. */
  first: yup.number().required(),
  next: yup.string().nullable().defined(),
})
export type SharedList = yup.InferType<typeof sharedListShape>

/** Bytes for one of its folders. */
export const sharedUploadQueryShape = yup.object({
  change: anyId(),
  document: documentId(),
  folder: folderId(),
  name: yup.string().max(1000).required(),
  changed: yup.string().required(),
})

/** That something was done there. Its words are the owner's: they name places. */
export const sharedChangeShape = yup.object({
  id: anyId(),
  revision: yup.number().required(),
  at: time(),
  kind: yup.string().required(),
})
export type SharedChange = yup.InferType<typeof sharedChangeShape>

export const unlockRequestShape = yup.object({ passphrase: yup.string().max(200).required('Say the passphrase.') })

export const sharedUndoRequestShape = yup.object({ id: anyId(), changeId: anyId() })

/** A copy into my plan. */
export const copyRequestShape = yup.object({
  change: anyId(),
  document: documentId(),
  /** null: the In-tray. */
  folder: folderId().nullable().default(null),
})

const PUT_AT_MOST = 100
/** Copies of my documents into a folder of another's plan. */
export const putRequestShape = yup.object({
  change: anyId(),
  folder: folderId(),
  documents: yup
    .array(yup.object({ id: documentId(), copyId: documentId() }))
    .min(1)
    .max(PUT_AT_MOST)
    .required(),
})

const COPIES_AT_MOST = 100
export const copiesRequestShape = yup.object({
  /** The client's key of the act. */
  change: anyId(),
  to: yup
    .array(
      yup.object({
        who: yup
          .string()
          .oneOf(['person', 'group'] as const)
          .required(),
        whoId: anyId(),
      }),
    )
    .min(1)
    .max(COPIES_AT_MOST)
    .required(),
})
/** How many people have a copy. */
export const copiesShape = yup.object({ people: yup.number().required() })

/** Something that was given to me. Its id opens it under /api/shared. */
const receivedThingShape = yup.object({
  id: grantId(),
  target: yup.string().oneOf(TARGETS).required(),
  targetId: anyId(),
  /** It is a plan that one may work in as in one's own. */
  isWorkable: yup.boolean().required(),
  /** "2.2 Handouts", the name of the document or of the plan. */
  name: yup.string().required(),
  role: yup.string().oneOf(ROLES).required(),
  until: yup.string().nullable().defined(),
  note: yup.string().defined(),
  createdAt: time(),
  /** Who gave it, by name and id. */
  from: yup.string().required(),
  ownerId: anyId(),
  /** I want to hear nothing of what they give me. */
  muted: yup.boolean().required(),
  /** Areas in it, where things are put for others. */
  areas: yup
    .array(yup.object({ folderId: folderId(), name: yup.string().required(), purpose: yup.string().defined() }))
    .required(),
  /** When I opened it last, or laid it aside; null: it is new to me. */
  openedAt: yup.string().nullable().defined(),
})
export const receivedShape = yup.object({ received: yup.array(receivedThingShape).required() })
export type ReceivedThing = yup.InferType<typeof receivedThingShape>

export const muteRequestShape = yup.object({ giverId: anyId(), on: yup.boolean().required() })

export const personQueryShape = yup.object({ email: yup.string().trim().max(200).required() })
export const personShape = yup.object({ id: anyId(), name: yup.string().required(), email: yup.string().required() })

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
