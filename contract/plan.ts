import * as yup from 'yup'
import type { TagId } from '../core/ids'
import { CHILD_ORDERS } from '../core/numbering/index'
import { GRANTEES, PATTERNS, ROLES, TARGETS } from '../core/rows/index'
import { numberingShape, searchQueryShape } from './command'
import { documentId, folderId, grantId, groupId, meaningId, personId, searchId, shareLinkId, tagId, time } from './ids'

const folderShape = yup.object({
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
  pinned: yup.boolean().required(),
  /** A place for what others are to see. */
  area: yup.boolean().required(),
  registering: yup.boolean().required(),
  numbering: numberingShape.nullable().default(null),
  childOrder: yup.string().oneOf(CHILD_ORDERS).required(),
  meaningId: meaningId().nullable(),
  purpose: yup.string().defined(),
  remark: yup.string().defined(),
  /** How documents filed here are called; null: as in its parent. */
  namePattern: yup.string().nullable().defined(),
  createdAt: time(),
  changedAt: time(),
})
export type PlanFolder = yup.InferType<typeof folderShape>

const meaningShape = yup.object({
  id: meaningId(),
  name: yup.string().required(),
  ink: yup.string().required(),
  orderKey: yup.string().required(),
  closed: yup.boolean().required(),
  pattern: yup.string().oneOf(PATTERNS).required(),
})
export type Meaning = yup.InferType<typeof meaningShape>

const tagShape = yup.object({
  id: tagId(),
  name: yup.string().required(),
  folded: yup.string().required(),
  meaningId: meaningId().nullable(),
  hidden: yup.boolean().required(),
  /** Live folders and documents that carry it. */
  count: yup.number().required(),
})
export type Tag = yup.InferType<typeof tagShape>

const keptSearchShape = yup.object({
  id: searchId(),
  name: yup.string().required(),
  /** The parts of its URL. */
  query: searchQueryShape,
  folderId: folderId().nullable(),
  pinned: yup.boolean().required(),
  desk: yup.boolean().required(),
  createdAt: time(),
})
export type KeptSearch = yup.InferType<typeof keptSearchShape>

export const folderFactsShape = yup.object({
  folders: yup
    .array(
      yup.object({
        folderId: folderId(),
        documents: yup.number().required(),
        size: yup.number().required(),
        changedAt: time(),
      }),
    )
    .required(),
})
export type FolderFacts = yup.InferType<typeof folderFactsShape>['folders'][number]

export const meetingQueryShape = yup.object({ from: folderId(), into: folderId() })
export const meetingShape = yup.object({
  /** Pairs of folders that become one, the two themselves first. */
  folders: yup.array(yup.object({ from: folderId(), into: folderId() })).required(),
  /** Folders that only move over. */
  moved: yup.array(folderId()).required(),
  /** Documents that only move over. */
  documents: yup.number().required(),
  /** Documents that meet one of the same name; `same`: with the very same bytes. */
  clashes: yup
    .array(
      yup.object({
        from: documentId(),
        into: documentId(),
        name: yup.string().required(),
        extension: yup.string().defined(),
        same: yup.boolean().required(),
      }),
    )
    .required(),
})
export type MeetingReply = yup.InferType<typeof meetingShape>

/** `since`: the revision of the outline that is known; only what changed from it is sent where that can be told. */
export const outlineQueryShape = yup.object({ since: yup.number().integer().min(0).nullable().default(null) })

/** A link that was given out; what opens it is not told again. */
export const givenLinkShape = yup.object({
  id: shareLinkId(),
  target: yup
    .string()
    .oneOf(['folder', 'document'] as const)
    .required(),
  targetId: yup.string().required(),
  /** Of a document; null where that is gone, and of folders. */
  name: yup.string().nullable().defined(),
  until: yup.string().nullable().defined(),
  note: yup.string().defined(),
  /** It asks for one as well. */
  hasPassphrase: yup.boolean().required(),
  createdAt: time(),
  /** How often it was opened, and when last. */
  opened: yup.number().required(),
  openedAt: yup.string().nullable().defined(),
})
export type GivenLink = yup.InferType<typeof givenLinkShape>

/** A role of a person, a group or everyone. */
export const grantShape = yup.object({
  id: grantId(),
  target: yup.string().oneOf(TARGETS).required(),
  targetId: yup.string().required(),
  who: yup.string().oneOf(GRANTEES).required(),
  /** Of the person or group; null: everyone. */
  whoId: yup.string().nullable().defined(),
  role: yup.string().oneOf(ROLES).required(),
  until: yup.string().nullable().defined(),
  note: yup.string().defined(),
  createdAt: time(),
  /** Of a document; null where that is gone, and of folders and the plan. */
  name: yup.string().nullable().defined(),
  opened: yup.number().required(),
  openedAt: yup.string().nullable().defined(),
})
export type GivenGrant = yup.InferType<typeof grantShape>

export const handInsShape = yup.object({
  handIns: yup
    .array(
      yup.object({
        /** The folder of this person. */
        folderId: folderId(),
        personId: personId(),
        name: yup.string().required(),
        until: yup.string().nullable().defined(),
        /** Documents that they brought in themselves, and when the last of them came. */
        count: yup.number().required(),
        lastAt: yup.string().nullable().defined(),
        /** When they looked last. */
        openedAt: yup.string().nullable().defined(),
      }),
    )
    .required(),
})
export type HandIn = yup.InferType<typeof handInsShape>['handIns'][number]

export const groupShape = yup.object({
  id: groupId(),
  name: yup.string().required(),
  createdAt: time(),
  memberIds: yup.array(personId()).required(),
})
export type PersonGroup = yup.InferType<typeof groupShape>

const knownPersonShape = yup.object({
  id: personId(),
  name: yup.string().required(),
  /** Empty for whoever works in the plan of another. */
  email: yup.string().defined(),
})

export const outlineShape = yup.object({
  /** The revision from which on folders and counts are told; null: all of them are here. */
  since: yup.number().nullable().defined(),
  /** Ids that no folder has since then; those of documents may be among them. */
  gone: yup.array(yup.string().required()).required(),
  plan: yup.object({
    id: yup.string().required(),
    name: yup.string().required(),
    numbering: numberingShape.required(),
    childOrder: yup.string().oneOf(CHILD_ORDERS).required(),
    trashDays: yup.number().nullable().defined(),
    /** Nothing is given but areas. */
    areasOnly: yup.boolean().required(),
    revision: yup.number().required(),
  }),
  folders: yup.array(folderShape).required(),
  meanings: yup.array(meaningShape).required(),
  tags: yup.array(tagShape).required(),
  /** Kept searches by name. */
  searches: yup.array(keptSearchShape).required(),
  /** Links that were given out, the newest first. */
  links: yup.array(givenLinkShape).required(),
  /** What people were given, the newest first; their groups, and the people of both. */
  grants: yup.array(grantShape).required(),
  groups: yup.array(groupShape).required(),
  people: yup.array(knownPersonShape).required(),
  /** Tags of folders, by the folder's id; folders without any are left out. */
  folderTags: yup.mixed<Record<string, readonly TagId[]>>().required(),
  /** Ids of starred folders. */
  starred: yup.array(yup.string().required()).required(),
  /**
   * Documents directly in each folder, by its id; folders without any are left out. Since a revision: of those whose
   * number is another one.
   */
  counts: yup.mixed<Record<string, number>>().required(),
  inTray: yup.number().required(),
})
export type OutlineReply = yup.InferType<typeof outlineShape>
