import * as yup from 'yup'
import { CHILD_ORDERS, JOINTS, NUMBER_LIMIT, NUMBER_STYLES, OWN_TEXT_LIMIT, SKIP_LIMIT } from '../core/numbering/index'
import type { Command, DraftedFolder } from '../core/plan/index'
import { MERGE_CHOICES, RENUMBER_MODES } from '../core/plan/index'
import type { Origin } from '../core/rows/index'
import { ORIGINS, PATTERNS } from '../core/rows/index'
import { TYPE_GROUP_NAMES } from '../core/find/index'
import { BULK_LIMIT_BYTES, bodyLimit } from './bodyLimits'
import { anyId, bundleId, documentId, folderId, meaningId, orderId, searchId, tagId } from './ids'
import { documentIds, documentsToFile, folderIds, isId, NAME_LIMIT, namedDocuments, THINGS_LIMIT } from './many'

const name = () => yup.string().strict().defined().max(NAME_LIMIT)
const allowTwin = () => yup.boolean().default(false)
const things = {
  folderIds: folderIds().default([]),
  documentIds: documentIds().default([]),
}

/** The parts of a search's URL (core/find/asked). */
export const searchQueryShape = yup.mixed<Readonly<Record<string, string>>>().required().test('query', 'a search is a list of texts by name', value => typeof value === 'object' && !Array.isArray(value) && Object.values(value).every(part => typeof part === 'string') && JSON.stringify(value).length <= 20_000)

const tagsShape = yup.array(yup.object({ id: tagId(), name: name() })).max(50)

export const orderWhenShape = yup.object({
  origins: yup.array(yup.string<Origin>().oneOf(ORIGINS).required()).default([]),
  types: yup.array(yup.string().oneOf(TYPE_GROUP_NAMES).required()).default([]),
  sender: yup.string().max(200).default(''),
  words: yup.string().max(200).default(''),
})
export const orderThenShape = yup.object({
  folderId: folderId().nullable(),
  pattern: yup.string().max(1000).nullable().default(null),
  tags: yup.array(yup.string().max(200).required()).max(20).default([]),
  star: yup.boolean().default(false),
})

export const numberingShape = yup.object({
  style: yup.string().oneOf(NUMBER_STYLES).required(),
  joined: yup.boolean().required(),
  start: yup.number().required(),
  step: yup.number().required(),
  joint: yup.string().oneOf(JOINTS).optional(),
  width: yup.number().optional(),
  text: yup.string().strict().max(OWN_TEXT_LIMIT).optional(),
  skip: yup.mixed<readonly number[]>().test('skip', 'the numbers to skip are a list of numbers', value => value === undefined || (Array.isArray(value) && value.length <= SKIP_LIMIT && value.every(Number.isInteger))).optional(),
})

export const whereToShape = yup.object({ to: yup.string().oneOf(['parent', 'in-tray', 'trash', 'folder'] as const).required(), folderId: folderId().nullable().optional() })

const DRAFT_LIMIT = 50_000

function isDrafted(value: unknown): value is DraftedFolder {
  const { id, parent, name: folderName, number, label, numbered, meaningId: meaning, purpose, likeId = null } = (value ?? {}) as Partial<Record<keyof DraftedFolder, unknown>>
  return isId(id) && Number.isInteger(parent) && typeof folderName === 'string' && (number === null || (Number.isInteger(number) && Number(number) >= 0 && Number(number) <= NUMBER_LIMIT))
    && (label === null || (typeof label === 'string' && label.length <= 40)) && typeof numbered === 'boolean' && (meaning === null || isId(meaning)) && typeof purpose === 'string' && purpose.length <= 4000 && (likeId === null || isId(likeId))
}

/** Tens of thousands of them: checked by hand, since a shape for each costs seconds. */
const draftedShape = yup.mixed<readonly DraftedFolder[]>().required().test('drafted', 'the folders of a draft have id, parent, name, number, label, numbered, meaningId, purpose', value => Array.isArray(value) && value.length <= DRAFT_LIMIT && value.every(isDrafted))

/** One shape for each command that a client may send; core/plan says what each does. */
export const COMMAND_SHAPES = {
  'folder.create': yup.object({ id: folderId(), parentId: folderId().nullable(), name: name(), allowTwin: allowTwin() }),
  'folder.rename': yup.object({ id: folderId(), name: name(), allowTwin: allowTwin() }),
  'folder.describe': yup.object({ id: folderId(), purpose: yup.string().strict().defined() }),
  'folder.remark': yup.object({ id: folderId(), remark: yup.string().strict().defined() }),
  'folder.pin': yup.object({ id: folderId(), on: yup.boolean().required() }),
  'folder.register': yup.object({ id: folderId(), on: yup.boolean().required() }),
  'folder.first': yup.object({ id: folderId(), on: yup.boolean().required() }),
  'folder.colour': yup.object({ id: folderId(), meaningId: meaningId().nullable(), below: yup.boolean().default(false) }),
  'folder.number': yup.object({ id: folderId(), number: yup.number().nullable().defined(), fixed: yup.boolean().default(true), label: yup.string().nullable().default(null), numbered: yup.boolean().default(true) }),
  'folder.numbering': yup.object({ id: folderId().nullable(), numbering: numberingShape.nullable().default(null) }),
  'folder.order': yup.object({ id: folderId().nullable(), order: yup.string().oneOf(CHILD_ORDERS).required() }),
  'folder.duplicate': yup.object({ id: folderId(), newId: folderId(), parentId: folderId().nullable(), withDocuments: yup.boolean().default(false) }),
  'folder.merge': yup.object({ fromId: folderId(), intoId: folderId(), choices: yup.array(yup.object({ documentId: documentId(), choice: yup.string().oneOf(MERGE_CHOICES).required() })).max(THINGS_LIMIT).default([]) }),
  'folder.place': yup.object({ ids: yup.array(folderId()).min(1).max(2000).required(), parentId: folderId().nullable(), before: folderId().nullable(), allowTwin: allowTwin() }),
  'folder.arrange': yup.object({ id: folderId().nullable(), numbering: numberingShape.nullable().default(null), order: yup.string().oneOf(CHILD_ORDERS).required(), renumber: yup.string().oneOf(RENUMBER_MODES).nullable().default(null), deep: yup.boolean().default(false) }),
  'draft.apply': yup.object({
    rootId: folderId().nullable(),
    revision: yup.number().integer().required(),
    folders: draftedShape,
    removed: yup.array(yup.object({ id: folderId(), documents: whereToShape.required() })).max(DRAFT_LIMIT).default([]),
    newMeanings: yup.array(yup.object({ id: meaningId(), name: name(), ink: yup.string().required() })).max(200).default([]),
    numbering: numberingShape.nullable().default(null),
    additive: yup.boolean().default(false),
  }),
  'document.rename': yup.object({ id: documentId(), name: name() }),
  'document.remark': yup.object({ id: documentId(), remark: yup.string().strict().defined() }),
  'meaning.set': yup.object({ id: meaningId(), name: name(), ink: yup.string().required(), closed: yup.boolean().required(), pattern: yup.string().oneOf(PATTERNS).optional() }),
  'meaning.place': yup.object({ id: meaningId(), before: meaningId().nullable() }),
  'meaning.drop': yup.object({ id: meaningId(), replaceBy: meaningId().nullable() }),
  'document.colour': yup.object({ documentIds: documentIds().min(1).required(), meaningId: meaningId().nullable() }),
  'folder.names': yup.object({ id: folderId(), pattern: yup.string().strict().max(1000).nullable().defined() }),
  'document.file': yup.object({
    documents: documentsToFile().min(1).required(),
    folderIds: yup.array(folderId()).min(1).max(50).required(),
    tags: tagsShape.default([]),
  }),
  'document.names': yup.object({ names: namedDocuments().min(1).required() }),
  'version.current': yup.object({ documentId: documentId(), number: yup.number().integer().min(1).required() }),
  'version.remark': yup.object({ documentId: documentId(), number: yup.number().integer().min(1).required(), remark: yup.string().strict().defined() }),
  'plan.trash': yup.object({ days: yup.number().nullable().defined() }),
  'order.set': yup.object({ id: orderId(), name: name(), active: yup.boolean().required(), when: orderWhenShape.required(), then: orderThenShape.required() }),
  'order.drop': yup.object({ id: orderId() }),
  'place.remove': yup.object({ documentIds: documentIds().min(1).required(), folderId: folderId() }),
  'place.home': yup.object({ documentId: documentId(), folderId: folderId() }),
  'document.copy': yup.object({ copies: yup.array(yup.object({ id: documentId(), newId: documentId() })).max(THINGS_LIMIT).required(), folderId: folderId().nullable(), folders: yup.array(yup.object({ id: folderId(), newId: folderId() })).max(2000).default([]) }),
  'search.keep': yup.object({ id: searchId(), name: name(), query: searchQueryShape, folderId: folderId().nullable().default(null), pinned: yup.boolean().default(false), desk: yup.boolean().default(false) }),
  'search.drop': yup.object({ id: searchId() }),
  'search.folder': yup.object({ id: searchId().nullable().default(null), folderId: folderId(), parentId: folderId().nullable(), name: name(), documentIds: documentIds().required(), way: yup.string().oneOf(['move', 'file'] as const).required(), drop: yup.boolean().default(false) }),
  'folder.tag': yup.object({ id: folderId(), tag: yup.object({ id: tagId(), name: name() }).required(), searchId: searchId(), dissolve: yup.boolean().default(false) }),
  'bundle.set': yup.object({ id: bundleId(), name: name(), note: yup.string().strict().default(''), done: yup.boolean().default(false), documentIds: documentIds().default([]) }),
  'bundle.put': yup.object({ id: bundleId(), documentIds: documentIds().min(1).required() }),
  'bundle.take': yup.object({ id: bundleId(), documentIds: documentIds().min(1).required() }),
  'bundle.order': yup.object({ id: bundleId(), documentIds: documentIds().min(1).required() }),
  'bundle.drop': yup.object({ id: bundleId() }),
  'tag.put': yup.object({ ...things, tags: tagsShape.min(1).required() }),
  'tag.take': yup.object({ ...things, tagIds: yup.array(tagId()).min(1).max(50).required() }),
  'tag.set': yup.object({ id: tagId(), name: name(), meaningId: meaningId().nullable(), hidden: yup.boolean().required() }),
  'tag.merge': yup.object({ id: tagId(), into: tagId() }),
  'tag.drop': yup.object({ id: tagId() }),
  'move': yup.object({ ...things, toFolderId: folderId().nullable(), fromFolderId: folderId().nullable(), allowTwin: allowTwin(), also: yup.array(folderId()).max(50).default([]), froms: yup.array(yup.object({ documentId: documentId(), folderId: folderId().nullable().defined() })).max(THINGS_LIMIT).default([]) }),
  'star': yup.object({ ...things, on: yup.boolean().required() }),
  'trash': yup.object(things),
  'restore': yup.object(things),
} as const

export type CommandName = keyof typeof COMMAND_SHAPES
/** What a client may ask for; bytes come in by uploads only. */
export type ClientCommand = Exclude<Command, { kind: 'document.add' | 'document.write' }>

export function isCommandName(kind: unknown): kind is CommandName {
  return typeof kind === 'string' && Object.hasOwn(COMMAND_SHAPES, kind)
}

/** Parses the `command` of a change. Throws yup's ValidationError. */
export async function parseCommand(value: unknown): Promise<ClientCommand> {
  const kind = (value as { kind?: unknown } | null)?.kind
  if (!isCommandName(kind)) throw new yup.ValidationError('the kind of command is not known')
  const parsed: object = await COMMAND_SHAPES[kind].validate(value, { stripUnknown: true }).catch((error: unknown) => {
    // An object that takes the place of a text, with a "toString" of its own, cannot even be looked at.
    throw error instanceof TypeError ? new yup.ValidationError('a value in it is of the wrong kind') : error
  })
  return { kind, ...parsed } as ClientCommand // the shape belongs to the kind
}

export const changeRequestShape = yup.object({
  /** Made by the client (UUID, version 7): asked again with the same id, nothing is done twice. */
  id: anyId(),
  command: yup.mixed().required(),
}).meta(bodyLimit(BULK_LIMIT_BYTES))
