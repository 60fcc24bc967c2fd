import * as yup from 'yup'
import type { MadeBy } from '../core/change/index'
import { MADE_BY } from '../core/change/index'
import type { Message } from '../core/history/index'
import { UUID_PATTERN } from '../core/ids'
import { anyId, time } from './ids'

export const changeShape = yup.object({
  id: anyId(),
  revision: yup.number().required(),
  at: time(),
  kind: yup.string().required(),
  /** What was done, in words. */
  label: yup.string().required(),
  /** The same as it is stored: a key of the catalogue and its values. null: an older entry, which has words alone. */
  message: yup.mixed<Message>().nullable().defined(),
  /** Folder ids; the plan's own id stands for its top and for the In-tray. */
  places: yup.array(anyId()).required(),
  /** By name; empty where the account is gone. */
  actor: yup.string().defined(),
  actorId: yup.string().nullable().defined(),
  /** Who carried it out: the person, a standing order, a device that brought documents in. */
  madeBy: yup.string<MadeBy>().oneOf(MADE_BY).required(),
  undoes: yup.string().nullable().defined(),
  undoneBy: yup.string().nullable().defined(),
})
export type ChangeEntry = yup.InferType<typeof changeShape>

export const historyShape = yup.object({
  changes: yup.array(changeShape).required(),
  next: yup.number().nullable().defined(),
})
export type HistoryPage = yup.InferType<typeof historyShape>

/** Query of History. `before` is the revision given as `next` with the page before. */
export const historyQueryShape = yup.object({
  before: yup.number().integer().min(0).nullable().default(null),
  /** Words that stand in what was done. */
  text: yup.string().max(200).default(''),
  /** ISO 8601; done at this time or later, and before that time. */
  from: yup.string().datetime().nullable().default(null),
  until: yup.string().datetime().nullable().default(null),
  /** A folder's id: what was done in it and below. */
  folder: yup.string().matches(UUID_PATTERN, 'this is not an id').nullable().default(null),
  /** A folder's or document's id: its own story. */
  thing: yup.string().matches(UUID_PATTERN, 'this is not an id').nullable().default(null),
  /** Only what this person did. */
  who: yup.string().matches(UUID_PATTERN, 'this is not an id').nullable().default(null),
  /** Only what was done by hand, by standing orders or devices. */
  madeBy: yup.string<MadeBy>().oneOf(MADE_BY).nullable().default(null),
})

export const lastActsShape = yup.object({
  last: changeShape.nullable().defined(),
  /** Who carried the last one out, where that was another person. */
  by: yup.string().nullable().defined(),
  undo: changeShape.nullable().defined(),
  redo: changeShape.nullable().defined(),
})
export type LastActs = yup.InferType<typeof lastActsShape>

export const undoRequestShape = yup.object({
  id: anyId(),
  /** The change to take back; null: the newest act that is not undone. */
  changeId: yup.string().matches(UUID_PATTERN, 'this is not an id').nullable().default(null),
})
/** Everything done from this act on. */
export const undoSinceRequestShape = yup.object({ id: anyId(), changeId: anyId() })
export const undoneShape = yup.object({ changes: yup.array(changeShape).required() })
export type Undone = yup.InferType<typeof undoneShape>

export const redoRequestShape = yup.object({ id: anyId() })
