import * as yup from 'yup'
import type { TypeGroup } from '../core/find/index'
import { TYPE_GROUP_NAMES } from '../core/find/index'
import { registerRowShape } from './document'
import { tagId } from './ids'

const split = (_: unknown, given: unknown): unknown[] => (given === undefined || given === '' ? [] : Array.isArray(given) ? given : String(given).split(','))
const list = () => yup.array(yup.string<TypeGroup>().oneOf(TYPE_GROUP_NAMES).required()).transform(split)

/** Query of a search. */
export const findQueryShape = yup.object({
  q: yup.string().default(''),
  typing: yup.boolean().default(false),
  /** Comma-separated type groups; any of them. */
  types: list().default([]),
  /** A folder's id (with everything below it) or "in-tray". */
  place: yup.string().default(''),
  /** ISO 8601; changed at this time or later. */
  from: yup.string().datetime().nullable().default(null),
  /** ISO 8601; changed before this time. */
  before: yup.string().datetime().nullable().default(null),
  starred: yup.boolean().default(false),
  /** Comma-separated ids of tags; all of them. */
  tags: yup.array(tagId()).max(20).transform(split).default([]),
  cursor: yup.string().max(500).nullable().default(null),
  limit: yup.number().integer().min(1).max(200).default(30),
})

const markShape = yup.array(yup.number().required())

export const foundDocumentShape = registerRowShape.shape({
  rank: yup.number().required(),
  passage: yup.object({
    text: yup.string().defined(),
    marks: yup.array(markShape.required()).required(),
    page: yup.number().nullable().defined(),
  }).nullable().default(null),
})
export type FoundDocument = yup.InferType<typeof foundDocumentShape>

export const foundShape = yup.object({
  documents: yup.array(foundDocumentShape).required(),
  /** With the first page only; exact up to countLimit, one more means "more than that". */
  count: yup.number().nullable().defined(),
  countLimit: yup.number().required(),
  sought: yup.array(yup.object({ text: yup.string().required(), prefix: yup.boolean().required() })).required(),
  next: yup.string().nullable().defined(),
})
export type Found = yup.InferType<typeof foundShape>

export const namesQueryShape = yup.object({ q: yup.string().default(''), limit: yup.number().integer().min(1).max(50).default(10) })
export const foundNamesShape = yup.object({
  documents: yup.array(registerRowShape).required(),
  corrected: yup.object({ typed: yup.string().required(), to: yup.string().required() }).nullable().default(null),
})
export type FoundNames = yup.InferType<typeof foundNamesShape>
