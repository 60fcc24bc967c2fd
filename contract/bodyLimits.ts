// How large the body of a request may be. A shape that takes more than a form says so with `.meta(bodyLimit(...))`.

export const FORM_LIMIT_BYTES = 64 * 1024
/** Commands, and lists of a few thousand things. */
export const COMMAND_LIMIT_BYTES = 2 * 1024 * 1024
/** Lists and drafts of tens of thousands of things with their names. */
export const BULK_LIMIT_BYTES = 24 * 1024 * 1024
/** A picture that becomes a page of the scanner. */
export const PICTURE_LIMIT_BYTES = 64 * 1024 * 1024
/** JSON that is nested deeper than this is refused before it is parsed. */
export const DEPTH_LIMIT = 64

const KEY = 'x-limit-bytes'

/** For `.meta()`; it also stands in the OpenAPI document. */
export const bodyLimit = (bytes: number): Readonly<Record<string, number>> => ({ [KEY]: bytes })

export function limitOf(meta: Readonly<Record<string, unknown>> | undefined): number {
  const bytes = meta?.[KEY]
  return typeof bytes === 'number' ? bytes : FORM_LIMIT_BYTES
}
