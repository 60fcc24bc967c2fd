import * as yup from 'yup'
import { UUID_PATTERN } from '../core/ids'
import { anyId, time } from './ids'

/** E-mail address and password, as the form and the route check them. */
export const signInShape = yup.object({
  email: yup
    .string()
    .trim()
    .email('This does not look like an e-mail address.')
    .max(200)
    .required('Type your e-mail address.'),
  password: yup.string().max(200).required('Type your password.'),
})
export type SignIn = yup.InferType<typeof signInShape>

const personName = () => yup.string().trim().max(100, 'Use at most 100 characters.')

export const newAccountShape = yup.object({
  /** What others call the person; left out: their address. */
  name: personName().default(''),
  email: yup
    .string()
    .trim()
    .email('This does not look like an e-mail address.')
    .max(200)
    .required('Type your e-mail address.'),
  password: yup
    .string()
    .min(10, 'Use at least 10 characters; a few words are easy to remember.')
    .max(200, 'Use at most 200 characters.')
    .required('Choose a password.'),
})
export type NewAccount = yup.InferType<typeof newAccountShape>

export const sessionShape = yup.object({
  /** null when nobody is signed in. */
  account: yup
    .object({
      email: yup.string().required(),
      name: yup.string().defined(),
      /** The plan that is worked in belongs to another. */
      isGuest: yup.boolean().required(),
    })
    .nullable()
    .defined(),
  /** The people of the demo, by name, its main one first; each opens without a password. Empty where there is none. */
  demo: yup.array(yup.string().required()).required(),
})
export type SessionState = yup.InferType<typeof sessionShape>

/** null: in my own. */
export const workInShape = yup.object({
  planId: yup.string().matches(UUID_PATTERN, 'this is not an id').nullable().defined(),
})

/** By the name that the session names; left out: the main one. */
export const demoRequestShape = yup.object({ name: yup.string().max(100).nullable().default(null) })

export const passwordRequestShape = yup.object({
  current: yup.string().max(200).required('Type your present password.'),
  next: yup
    .string()
    .min(10, 'Use at least 10 characters; a few words are easy to remember.')
    .max(200, 'Use at most 200 characters.')
    .required('Choose a new password.'),
})
export type PasswordRequest = yup.InferType<typeof passwordRequestShape>

export const emailRequestShape = yup.object({
  email: yup
    .string()
    .trim()
    .email('This does not look like an e-mail address.')
    .max(200)
    .required('Type the new e-mail address.'),
  password: yup.string().max(200).required('Type your password.'),
})
export type EmailRequest = yup.InferType<typeof emailRequestShape>
export const nameRequestShape = yup.object({ name: personName().required('Type your name.') })
export type NameRequest = yup.InferType<typeof nameRequestShape>
export const nameShape = yup.object({ name: yup.string().required() })
export const emailShape = yup.object({ email: yup.string().required() })

/** An account is deleted by whoever knows its password and the name of its plan. */
export const deletionRequestShape = yup.object({
  planName: yup.string().max(2000).required('Type the name of the plan.'),
  password: yup.string().max(200).required('Type your password.'),
})
export type DeletionRequest = yup.InferType<typeof deletionRequestShape>
/** What went: documents and bytes. */
export const deletionShape = yup.object({ documents: yup.number().required(), bytes: yup.number().required() })

/** How many other sessions were ended. */
export const endedShape = yup.object({ ended: yup.number().required() })

export const mailNewsShape = yup.object({ news: yup.boolean().required() })

export const accountShape = yup.object({
  email: yup.string().required(),
  name: yup.string().defined(),
  /** False for the demo, which opens without one. */
  hasPassword: yup.boolean().required(),
  /** Bytes and open uploads, with what is the most. */
  quota: yup
    .object({
      usedBytes: yup.number().required(),
      limitBytes: yup.number().required(),
      openUploads: yup.number().required(),
      openUploadsLimit: yup.number().required(),
    })
    .required(),
  sessions: yup
    .array(
      yup.object({
        id: anyId(),
        agent: yup.string().defined(),
        createdAt: time(),
        /** To the hour. */
        seenAt: time(),
        current: yup.boolean().required(),
      }),
    )
    .required(),
  /** Files of the arrivals folder that could not be taken in. */
  laidAside: yup
    .array(
      yup.object({
        id: anyId(),
        fileName: yup.string().required(),
        path: yup.string().required(),
        reason: yup.string().required(),
        at: time(),
      }),
    )
    .required(),
  /**
   * What I am told by mail. `messages`, the newest first: of a Hembix without a mail server all for me and from me;
   * else those from me that the mail server did not take yet.
   */
  mail: yup
    .object({
      news: yup.boolean().required(),
      isSent: yup.boolean().required(),
      messages: yup
        .array(
          yup.object({
            id: anyId(),
            subject: yup.string().required(),
            body: yup.string().required(),
            at: time(),
            /** Whom I sent it to, with copies of documents; null: it is for me. */
            to: yup.string().nullable().defined(),
            files: yup.array(yup.string().required()).required(),
          }),
        )
        .required(),
    })
    .required(),
  /** When all of this Hembix was last backed up by itself; null: it is not. */
  backedUpAt: yup.string().nullable().defined(),
})
export type AccountFacts = yup.InferType<typeof accountShape>

export const signedOutShape = yup.object({ account: yup.mixed<never>().nullable().defined() })

/** Whether the database answers. */
export const healthShape = yup.object({ status: yup.string().oneOf(['ok']).required() })
