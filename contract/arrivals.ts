import * as yup from 'yup'
import { changeShape } from './change'

const DEVICES = ['mailbox', 'colleague'] as const
export type Device = (typeof DEVICES)[number]
export const isDevice = (text: unknown): text is Device => DEVICES.some(device => device === text)

export const arrivalsRequestShape = yup.object({
  /** Of a colleague's papers: copies, or pointers to the originals. */
  as: yup
    .string()
    .oneOf(['copies', 'pointers'] as const)
    .default('copies'),
  /** A colleague hands a whole folder over. */
  folder: yup.boolean().default(false),
})
export const arrivalsShape = yup.object({
  /** One for each message or handing over; they lie in the In-tray. */
  changes: yup.array(changeShape).required(),
})
export type Arrivals = yup.InferType<typeof arrivalsShape>
