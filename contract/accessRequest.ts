// What somebody would like to be given, by an address that they have.

import * as yup from 'yup'
import { ROLES, TARGETS } from '../core/rows/index'
import { anyId, grantId, personId, time } from './ids'

const NOTE_LIMIT = 500

export const accessRequestShape = yup.object({
  /** As the address has it: of a grant, a folder, a document or a plan. */
  wanted: anyId(),
  note: yup.string().trim().max(NOTE_LIMIT, 'Say it in ${max} characters.').default(''),
})

/** What is told of an address to whoever has no right on what it leads to. */
export const requestStateShape = yup.object({
  /** From whom they had it before; null: they had not. */
  from: yup.string().nullable().defined(),
  requestedAt: yup.string().nullable().defined(),
})
export type RequestState = yup.InferType<typeof requestStateShape>

export const openRequestsShape = yup.object({
  requests: yup
    .array(
      yup.object({
        id: anyId(),
        personId: personId(),
        name: yup.string().required(),
        email: yup.string().required(),
        target: yup.string().oneOf(TARGETS).required(),
        targetId: anyId(),
        /** Of a document; null of what the outline names, and where it is gone. */
        documentName: yup.string().nullable().defined(),
        note: yup.string().defined(),
        createdAt: time(),
      }),
    )
    .required(),
})
export type OpenRequest = yup.InferType<typeof openRequestsShape>['requests'][number]

export const requestAnswerShape = yup.object({
  /** null: declined. */
  role: yup.string().oneOf(ROLES).nullable().defined(),
  change: anyId(),
  grant: grantId(),
})
