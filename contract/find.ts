import * as yup from 'yup'
import type { Filed, TypeGroup } from '../core/find/index'
import { FILED, TYPE_GROUP_NAMES } from '../core/find/index'
import type { Origin } from '../core/rows/index'
import { ORIGINS } from '../core/rows/index'
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
  /** Comma-separated ways in; any of them. */
  origins: yup.array(yup.string<Origin>().oneOf(ORIGINS).required()).transform(split).default([]),
  /** Comma-separated: filed in none, one, several folders; any of them. */
  filed: yup.array(yup.string<Filed>().oneOf(FILED).required()).transform(split).default([]),
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

const numbers = () => yup.mixed<Readonly<Record<string, number>>>().required()

/** How many of what is found are of which type and so on; each group as if it did not narrow itself. */
export const countsShape = yup.object({
  types: numbers(),
  origins: numbers(),
  filed: numbers(),
  /** By a folder's id, with everything below it. */
  places: numbers(),
  tags: numbers(),
  /** By month of the last change, "2026-03". */
  months: numbers(),
  starred: yup.number().required(),
  /** More than 10,000 are found: each number is at least that many. */
  more: yup.boolean().required(),
})
export type FoundCounts = yup.InferType<typeof countsShape>
