export type ReadTask =
  | { readonly kind: 'read'; readonly extension: string; readonly bytes: Uint8Array }
  /** One page (from 1) drawn as a picture, for recognition. */
  | { readonly kind: 'draw'; readonly extension: string; readonly bytes: Uint8Array; readonly page: number }
  /** A small picture of its beginning; `text` is what was read of it. */
  | { readonly kind: 'thumbnail'; readonly extension: string; readonly bytes: Uint8Array; readonly text: string }

export type Outcome =
  /**
   * `paged` is true where the pages are real ones; otherwise they are parts of one text. `scans` are the pages
   * (from 1) that hold no text but may be pictures of one.
   */
  | { readonly ok: true; readonly pages: readonly string[]; readonly paged: boolean; readonly scans?: readonly number[]; readonly title?: string; readonly author?: string }
  /** One sentence for the person. */
  | { readonly ok: false; readonly reason: string }

/** A PNG of a page, a WebP of a thumbnail. */
export type Drawn = { readonly ok: true; readonly picture: Uint8Array } | { readonly ok: false; readonly reason: string }

/** A document that is not what its name says, or that would do harm; the message is for the person. */
export class Unreadable extends Error {}

/** More text than this is cut: nobody reads it, and it would fill the index. */
export const TEXT_LIMIT = 20_000_000
