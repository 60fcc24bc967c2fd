import * as yup from 'yup'
import { documentId } from './ids'

export const RECOGNISED_LANGUAGES = ['eng', 'deu', 'fra', 'spa'] as const

export const recognisingShape = yup.object({
  /** Pages and documents of the plan whose text is still to be recognised. */
  pages: yup.number().required(),
  documents: yup.number().required(),
  /** False while it is paused. */
  recognising: yup.boolean().required(),
  /** As chosen; null: what the plan mostly holds. */
  languages: yup.array(yup.string().required()).nullable().defined(),
  /** Those that are used now, the likeliest first. */
  used: yup.array(yup.string().required()).required(),
})
export type Recognising = yup.InferType<typeof recognisingShape>

export const recognisingRequestShape = yup.object({
  recognising: yup.boolean().required(),
  languages: yup.array(yup.string().oneOf(RECOGNISED_LANGUAGES).required()).nullable().default(null),
})

/** Where the words of recognised pages stand: left, top, right, bottom as shares of the page. */
export const wordsShape = yup.object({
  id: documentId(),
  pages: yup
    .array(
      yup.object({
        page: yup.number().required(),
        words: yup
          .array(
            yup.object({ text: yup.string().defined(), box: yup.array(yup.number().required()).length(4).required() }),
          )
          .required(),
      }),
    )
    .required(),
})
export type WordsReply = yup.InferType<typeof wordsShape>
