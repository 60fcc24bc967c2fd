import * as yup from 'yup'
import { CHILD_ORDERS, NUMBER_STYLES } from '../core/numbering/index'
import type { Command } from '../core/plan/index'
import { anyId, documentId, folderId, meaningId } from './ids'

const THINGS_LIMIT = 50_000

const name = () => yup.string().strict().defined().max(2000)
const allowTwin = () => yup.boolean().default(false)
const things = {
  folderIds: yup.array(folderId()).max(THINGS_LIMIT).default([]),
  documentIds: yup.array(documentId()).max(THINGS_LIMIT).default([]),
}

export const numberingShape = yup.object({
  style: yup.string().oneOf(NUMBER_STYLES).required(),
  joined: yup.boolean().required(),
  start: yup.number().required(),
  step: yup.number().required(),
})

/** One shape for each command that a client may send; core/plan says what each does. */
export const COMMAND_SHAPES = {
  'folder.create': yup.object({ id: folderId(), parentId: folderId().nullable(), name: name(), allowTwin: allowTwin() }),
  'folder.rename': yup.object({ id: folderId(), name: name(), allowTwin: allowTwin() }),
  'folder.describe': yup.object({ id: folderId(), purpose: yup.string().strict().defined() }),
  'folder.colour': yup.object({ id: folderId(), meaningId: meaningId().nullable() }),
  'folder.number': yup.object({ id: folderId(), number: yup.number().nullable().defined() }),
  'folder.numbering': yup.object({ id: folderId().nullable(), numbering: numberingShape.nullable().default(null) }),
  'folder.order': yup.object({ id: folderId().nullable(), order: yup.string().oneOf(CHILD_ORDERS).required() }),
  'document.rename': yup.object({ id: documentId(), name: name() }),
  'document.remark': yup.object({ id: documentId(), remark: yup.string().strict().defined() }),
  'meaning.set': yup.object({ id: meaningId(), name: name(), ink: yup.string().required(), closed: yup.boolean().required() }),
  'move': yup.object({ ...things, toFolderId: folderId().nullable(), fromFolderId: folderId().nullable(), allowTwin: allowTwin() }),
  'star': yup.object({ ...things, on: yup.boolean().required() }),
  'trash': yup.object(things),
  'restore': yup.object(things),
} as const

export type CommandName = keyof typeof COMMAND_SHAPES
/** What a client may ask for; documents are added by uploads only. */
export type ClientCommand = Exclude<Command, { kind: 'document.add' }>

export function isCommandName(kind: unknown): kind is CommandName {
  return typeof kind === 'string' && Object.hasOwn(COMMAND_SHAPES, kind)
}

/** Parses the `command` of a change. Throws yup's ValidationError. */
export async function parseCommand(value: unknown): Promise<ClientCommand> {
  const kind = (value as { kind?: unknown } | null)?.kind
  if (!isCommandName(kind)) throw new yup.ValidationError('the kind of command is not known')
  const parsed: object = await COMMAND_SHAPES[kind].validate(value, { stripUnknown: true })
  return { kind, ...parsed } as ClientCommand // the shape belongs to the kind
}

export const changeRequestShape = yup.object({
  /** Made by the client (UUID, version 7): asked again with the same id, nothing is done twice. */
  id: anyId(),
  command: yup.mixed().required(),
})
