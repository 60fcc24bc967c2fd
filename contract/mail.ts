// Copies of documents that leave by mail.

import * as yup from 'yup'
import { anyId } from './ids'

const MAILED_AT_MOST = 20
const [NOTE_LIMIT, ADDRESS_LIMIT] = [2000, 254]

export const mailedCopiesShape = yup.object({
  /** The client's key of the act. */
  change: anyId(),
  documentIds: yup
    .array(anyId())
    .min(1)
    .max(MAILED_AT_MOST, 'Choose ${max} documents at most for one message.')
    .required(),
  to: yup
    .array(
      yup
        .string()
        .trim()
        .lowercase()
        .max(ADDRESS_LIMIT)
        .email('“${value}” does not look like an e-mail address.')
        .required(),
    )
    .min(1, 'Write an address.')
    .max(MAILED_AT_MOST, 'Send it to ${max} addresses at most at once.')
    .required(),
  note: yup.string().trim().max(NOTE_LIMIT, 'Say it in ${max} characters.').default(''),
})

/** To how many it goes; `isSent`: it leaves this machine. */
export const mailedShape = yup.object({ to: yup.number().required(), isSent: yup.boolean().required() })
export type Mailed = yup.InferType<typeof mailedShape>
