// What is offered to somebody to be theirs from then on.

import * as yup from 'yup'
import { ROLES, TARGETS } from '../core/rows/index'
import { anyId, folderId, personId, time } from './ids'

const NOTE_LIMIT = 500
const target = () => yup.string().oneOf(TARGETS).required()

export const handoverShape = yup.object({
  id: anyId(),
  target: target(),
  targetId: anyId(),
  personId: personId(),
  /** What whoever hands it over keeps; null: nothing. */
  role: yup.string().oneOf(ROLES).nullable().defined(),
  note: yup.string().trim().max(NOTE_LIMIT, 'Say it in ${max} characters.').default(''),
})

const offeredShape = yup.object({
  id: anyId(),
  target: target(),
  targetId: anyId(),
  /** Whoever offers it to me, or the one it is offered to. */
  personId: personId(),
  person: yup.string().required(),
  email: yup.string().required(),
  role: yup.string().oneOf(ROLES).nullable().defined(),
  note: yup.string().defined(),
  createdAt: time(),
  name: yup.string().required(),
  /** Folders with all below, and documents in them. */
  folders: yup.number().required(),
  documents: yup.number().required(),
  bytes: yup.number().required(),
})
export type OfferedThing = yup.InferType<typeof offeredShape>

export const handoversShape = yup.object({
  incoming: yup.array(offeredShape).required(),
  outgoing: yup.array(offeredShape).required(),
})
export type Handovers = yup.InferType<typeof handoversShape>

export const takeOverShape = yup.object({
  change: anyId(),
  /** Where it goes; null: the top of the plan, or the In-tray. */
  folderId: folderId().nullable().defined(),
})
