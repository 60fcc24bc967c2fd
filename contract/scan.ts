import * as yup from 'yup'
import { TONES } from '../core/scan/index'
import { COMMAND_LIMIT_BYTES, bodyLimit } from './bodyLimits'
import { anyId, documentId } from './ids'

const cut = () => yup.number().min(0).max(0.45).required()

export const scanEditsShape = yup.object({
  /** Quarter turns clockwise. */
  quarters: yup
    .number()
    .oneOf([0, 1, 2, 3] as const)
    .required(),
  /** Clockwise. */
  degrees: yup.number().min(-15).max(15).required(),
  /** What is cut off at each side, as shares of the turned picture. */
  crop: yup.object({ left: cut(), top: cut(), right: cut(), bottom: cut() }).required(),
  tone: yup.string().oneOf(TONES).required(),
})

export const scansShape = yup.object({
  pages: yup
    .array(
      yup.object({
        id: anyId(),
        width: yup.number().required(),
        height: yup.number().required(),
        edits: scanEditsShape.required(),
        /** Its text is recognised as it is edited now. */
        read: yup.boolean().required(),
      }),
    )
    .required(),
})
export type ScannedPage = yup.InferType<typeof scansShape>['pages'][number]

/** Query of a page's picture; `edits` as JSON, without it as the page is kept. */
export const scanPictureQueryShape = yup.object({
  width: yup.number().integer().min(40).max(2000).default(600),
  edits: yup.string().max(500).nullable().default(null),
})
export const scanReadShape = yup.object({ words: yup.number().required() })
export const scanEditRequestShape = yup.object({ edits: scanEditsShape.required() })
export const scanDocumentRequestShape = yup
  .object({
    change: anyId(),
    document: documentId(),
    name: yup.string().trim().min(1).max(200).required(),
    /** In the order wanted. */
    pages: yup.array(anyId()).min(1).max(200).required(),
  })
  .meta(bodyLimit(COMMAND_LIMIT_BYTES))
