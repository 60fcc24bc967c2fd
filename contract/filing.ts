import * as yup from 'yup'
import { documentId, folderId, tagId } from './ids'

/** Where a document could go and what it could be called. */
export const suggestionsShape = yup.object({
  /** At most three, the likeliest first; empty where it would be a guess. */
  places: yup
    .array(
      yup.object({
        folderId: folderId(),
        /** Confidence, from 0 to 1. */
        share: yup.number().required(),
        /** Why, in words. */
        reason: yup.string().required(),
      }),
    )
    .required(),
  names: yup
    .array(
      yup.object({
        name: yup.string().required(),
        /** Where it was taken from, in words. */
        from: yup.string().required(),
      }),
    )
    .required(),
  /** Documents with the very same bytes. */
  same: yup
    .array(
      yup.object({
        id: documentId(),
        name: yup.string().required(),
        folderIds: yup.array(folderId().nullable()).required(),
      }),
    )
    .required(),
})
export type Suggestions = yup.InferType<typeof suggestionsShape>

/** Query of the names: as they would be in this folder. */
export const suggestionsQueryShape = yup.object({ folder: yup.string().max(60).default('') })

/** Tags that documents like it carry: at most three, the likeliest first. */
export const tagSuggestionsShape = yup.object({
  tags: yup
    .array(
      yup.object({
        tagId: tagId(),
        /** From 0 to 1. */
        share: yup.number().required(),
        /** Why, in words. */
        reason: yup.string().required(),
      }),
    )
    .required(),
})
export type TagSuggestions = yup.InferType<typeof tagSuggestionsShape>
