import * as yup from 'yup'
import { CLASHES } from '../core/plan/index'
import { ORIGINS } from '../core/rows/index'
import type { Language } from '../core/text/index'
import { LANGUAGES, PART_KINDS } from '../core/text/index'
import { COMMAND_LIMIT_BYTES, bodyLimit } from './bodyLimits'
import { anyId, documentId, folderId, meaningId, tagId, time } from './ids'
import { partShape } from './parts'

export const SORTS = ['name', 'changed', 'size', 'type', 'added'] as const
export type Sort = (typeof SORTS)[number]
const READING_STATES = ['none', 'waiting', 'reading', 'read', 'failed', 'locked'] as const

export const listedDocumentShape = yup.object({
  id: documentId(),
  name: yup.string().required(),
  extension: yup.string().defined(),
  /** Bytes. */
  size: yup.number().required(),
  changedAt: time(),
  createdAt: time(),
  version: yup.number().required(),
  /** A meaning of its own; null: the colour of the folder. */
  meaningId: meaningId().nullable(),
  /** As a folder gave it ("1.1-014"); null: none. */
  runningNumber: yup.string().nullable().defined(),
  /** The way in. */
  origin: yup.string().oneOf(ORIGINS).required(),
  /** Who it came from; empty when nobody is known. */
  sender: yup.string().defined(),
  tagIds: yup.array(tagId()).required(),
  starred: yup.boolean().required(),
  reading: yup.string().oneOf(READING_STATES).required(),
  /** Items of its check lists; null: it has none. */
  ticks: yup.object({ all: yup.number().required(), done: yup.number().required() }).nullable().defined(),
  /** All its places, home first; null is the In-tray. */
  folderIds: yup.array(folderId().nullable()).required(),
})
export type ListedDocument = yup.InferType<typeof listedDocumentShape>

export const documentListShape = yup.object({
  documents: yup.array(listedDocumentShape).required(),
  /** So many of them, from the beginning, are kept before the others of the folder. */
  first: yup.number().required(),
  next: yup.string().nullable().defined(),
})
export type DocumentListPage = yup.InferType<typeof documentListShape>

/** Query of a list of documents. `folder` is a folder's id or "in-tray". */
export const documentListQueryShape = yup.object({
  folder: yup.string().required(),
  sort: yup.string().oneOf(SORTS).default('name'),
  descending: yup.boolean().default(false),
  cursor: yup.string().max(2000).nullable().default(null),
  limit: yup.number().integer().min(1).max(1000).default(100),
})

/** So many fit into an address. */
export const ARCHIVE_LIMIT = 300
const ID_LENGTH = 37

/** Ids with commas between them; without any: the whole plan. */
export const archiveQueryShape = yup.object({
  folders: yup
    .string()
    .max(ARCHIVE_LIMIT * ID_LENGTH)
    .default(''),
  documents: yup
    .string()
    .max(ARCHIVE_LIMIT * ID_LENGTH)
    .default(''),
})

const versionShape = yup.object({
  number: yup.number().required(),
  size: yup.number().required(),
  extension: yup.string().defined(),
  changedAt: time(),
  createdAt: time(),
  remark: yup.string().defined(),
})

export const documentShape = yup.object({
  id: documentId(),
  name: yup.string().required(),
  extension: yup.string().defined(),
  mediaType: yup.string().required(),
  size: yup.number().required(),
  version: yup.number().required(),
  remark: yup.string().defined(),
  meaningId: meaningId().nullable(),
  runningNumber: yup.string().nullable().defined(),
  origin: yup.string().oneOf(ORIGINS).required(),
  sender: yup.string().defined(),
  /** The document it was copied from. */
  copiedFrom: documentId().nullable(),
  /** The message it was attached to. */
  partOf: documentId().nullable(),
  /** The standing order that dealt with it. */
  filedBy: yup.string().nullable().defined(),
  /** What belongs together with it: the message and its attachments. */
  together: yup
    .array(yup.object({ id: documentId(), name: yup.string().required(), extension: yup.string().defined() }))
    .required(),
  tagIds: yup.array(tagId()).required(),
  createdAt: time(),
  changedAt: time(),
  trashedAt: yup.string().nullable().defined(),
  folderIds: yup.array(folderId().nullable()).required(),
  starred: yup.boolean().required(),
  versions: yup.array(versionShape).required(),
  /** The lock that seals its contents; null: none. */
  lockId: yup.string().nullable().defined(),
  /** An office suite of the server sets it as pages. */
  asPages: yup.boolean().required(),
  reading: yup.object({
    state: yup.string().oneOf(READING_STATES).required(),
    reason: yup.string().nullable().defined(),
    pages: yup.number().required(),
    paged: yup.boolean().required(),
    /** As the document says of itself; empty where it does not. */
    title: yup.string().defined(),
    author: yup.string().defined(),
    /** null: not known. */
    language: yup.string<Language>().oneOf(LANGUAGES).nullable().defined(),
    /** How many parts of each kind it has. */
    parts: yup
      .array(yup.object({ kind: yup.string().oneOf(PART_KINDS).required(), count: yup.number().required() }))
      .required(),
    /** Pages whose text is still being recognised. */
    scansLeft: yup.number().required(),
  }),
})
export type DocumentFacts = yup.InferType<typeof documentShape>

const numberedPartShape = partShape.shape({ page: yup.number().required() })

export const textShape = yup.object({
  pages: yup.array(numberedPartShape.shape({ body: yup.string().defined() })).required(),
  /** With the first pages only: the names of all parts that have one, of a very long document the first 2,000. */
  parts: yup.array(numberedPartShape).required(),
  next: yup.number().nullable().defined(),
})
export type TextReply = yup.InferType<typeof textShape>

/** Query of an upload; the body is the file itself. */
export const uploadQueryShape = yup.object({
  change: anyId(),
  document: documentId(),
  /** A folder's id or "in-tray". */
  folder: yup.string().required(),
  name: yup.string().max(1000).required(),
  changed: time(),
  clash: yup.string().oneOf(CLASHES).default('both'),
  /** The way in, where it is not a file that was chosen. */
  origin: yup
    .string()
    .oneOf(['upload', 'memo', 'link', 'paste'] as const)
    .default('upload'),
  /** Bytes that have arrived with an earlier request that broke off. */
  offset: yup.number().integer().min(0).default(0),
})

/** Query of new contents for a document; the body is the file itself. */
export const contentQueryShape = yup.object({
  change: anyId(),
  /** Its file name, for the type. */
  name: yup.string().max(1000).required(),
  changed: time(),
  /** It was written here, not brought in. */
  written: yup.boolean().default(false),
})

export const clashRequestShape = yup
  .object({
    folder: yup.string().required(),
    names: yup.array(yup.string().max(1000).required()).max(10_000).required(),
  })
  .meta(bodyLimit(COMMAND_LIMIT_BYTES))
export const clashReplyShape = yup.object({
  clashes: yup
    .array(yup.object({ fileName: yup.string().required(), twin: yup.string().required(), documentId: documentId() }))
    .required(),
})
export type NameClash = yup.InferType<typeof clashReplyShape>['clashes'][number]

export const trashShape = yup.object({
  items: yup
    .array(
      yup.object({
        id: anyId(),
        target: yup
          .string()
          .oneOf(['folder', 'document'] as const)
          .required(),
        name: yup.string().required(),
        extension: yup.string().defined(),
        trashedAt: time(),
        parentId: folderId().nullable(),
        folders: yup.number().required(),
        documents: yup.number().required(),
        size: yup.number().required(),
      }),
    )
    .required(),
})
/** What lies in a folder of the Trash. */
export const insideTrashShape = yup.object({
  items: yup
    .array(
      yup.object({
        id: anyId(),
        target: yup
          .string()
          .oneOf(['folder', 'document'] as const)
          .required(),
        name: yup.string().required(),
        extension: yup.string().defined(),
        parentId: folderId().nullable().defined(),
        size: yup.number().required(),
      }),
    )
    .required(),
})
export type InsideTrash = yup.InferType<typeof insideTrashShape>['items'][number]
export type TrashItem = yup.InferType<typeof trashShape>['items'][number]

export const hitsQueryShape = yup.object({ q: yup.string().default('') })
/** Pages on which the words of a search stand. */
export const hitsShape = yup.object({
  pages: yup.array(numberedPartShape.shape({ count: yup.number().required() })).required(),
})
export type HitPages = yup.InferType<typeof hitsShape>

/** Documents whose small pictures are wanted. */
export const thumbnailsRequestShape = yup.object({ ids: yup.array(documentId()).max(500).required() })
/**
 * made: GET …/thumbnail gives it; waiting: the event "thumbnail" says when it is there; none: there will not be one.
 */
export const thumbnailsShape = yup.object({
  thumbnails: yup
    .array(
      yup.object({
        id: documentId(),
        state: yup
          .string()
          .oneOf(['waiting', 'made', 'none'] as const)
          .required(),
      }),
    )
    .required(),
})
export type ThumbnailState = yup.InferType<typeof thumbnailsShape>['thumbnails'][number]['state']

/** All documents of a place, in the order of its list. */
export const documentIdsShape = yup.object({ ids: yup.array(documentId()).required() })

/** `change`: the id that the act gets; asked again with it, nothing is made twice. */
export const takeOutShape = yup.object({ change: anyId() })

export const readAgainShape = yup.object({ state: yup.string().oneOf(['waiting']).required() })
