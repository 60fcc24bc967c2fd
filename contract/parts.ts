import * as yup from 'yup'
import { PART_KINDS } from '../core/text/index'

/** What a part of a document is, and what the document calls it: a sheet, a slide, its notes, a message. */
export const partShape = yup.object({ kind: yup.string().oneOf(PART_KINDS).required(), name: yup.string().defined() })
