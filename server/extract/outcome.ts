export interface ReadTask { readonly extension: string; readonly bytes: Uint8Array }

export type Outcome =
  /** `paged` is true where the pages are real ones; otherwise they are parts of one text. */
  | { readonly ok: true; readonly pages: readonly string[]; readonly paged: boolean }
  /** One sentence for the person. */
  | { readonly ok: false; readonly reason: string }

/** A document that is not what its name says, or that would do harm; the message is for the person. */
export class Unreadable extends Error {}

/** More text than this is cut: nobody reads it, and it would fill the index. */
export const TEXT_LIMIT = 20_000_000
