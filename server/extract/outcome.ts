import type { IndexedText, PageText, PartName, TickCount } from '../../core/text/index'
import type { ScanEdits } from '../../core/scan/index'

/** Bytes of a document with the extension of its name; what it really is, is told from the bytes. */
interface Opened {
  readonly extension: string
  readonly bytes: Uint8Array
}

export type Task =
  /**
   * `recognised` are words of pages (from 1) that are known from an earlier reading, in place of recognising them
   * again.
   */
  | (Opened & { readonly kind: 'read'; readonly recognised: readonly RecognisedBody[] })
  /** One page (from 1) drawn as a picture, for recognition or to be looked at. */
  | (Opened & { readonly kind: 'draw'; readonly page: number })
  /** A small picture of its beginning; `text` is what was read of it. */
  | (Opened & { readonly kind: 'thumbnail'; readonly text: string })
  /** A message, taken apart. */
  | { readonly kind: 'mail'; readonly bytes: Uint8Array }
  /** What it holds, as files of their own. */
  | (Opened & { readonly kind: 'contents' })
  /** A picture from a scanner or a person: made a page, straightened and cut. */
  | { readonly kind: 'page.look'; readonly bytes: Uint8Array }
  | { readonly kind: 'page.draw'; readonly bytes: Uint8Array; readonly edits: ScanEdits; readonly width: number | null }
  /** Pages as one PDF; `bytes` are their pictures, one behind the other, each as long as `lengths` says. */
  | {
      readonly kind: 'page.compose'
      readonly bytes: Uint8Array
      readonly lengths: readonly number[]
      readonly pages: readonly ComposedPage[]
      readonly title: string
      readonly now: Date
    }
  /** Loads what draws pages, so that the first one does not wait for it. */
  | { readonly kind: 'ready'; readonly bytes: Uint8Array }
  /** The pages that lie in the simulated scanner. */
  | { readonly kind: 'page.simulate'; readonly turn: number; readonly bytes: Uint8Array }
  /** What is derived from pages whose words are known. */
  | { readonly kind: 'index'; readonly bytes: Uint8Array }

/** A task as it travels: its bytes are in a file. */
export type StagedTask = Task extends infer One
  ? One extends Task
    ? Omit<One, 'bytes'> & { readonly file: string }
    : never
  : never

export interface RecognisedBody {
  readonly page: number
  readonly body: string
}

/** A word with where it stands: left, top, right, bottom as shares of the picture. */
export interface PlacedWord {
  readonly text: string
  readonly box: readonly [number, number, number, number]
}

export interface ComposedPage {
  readonly width: number
  readonly height: number
  readonly words: readonly PlacedWord[]
}

/** One sentence for the person about what is wrong with the document. */
export interface Failure {
  readonly ok: false
  readonly reason: string
}

interface ReadText extends IndexedText {
  readonly pages: readonly (PageText & PartName)[]
  /** True where the pages are real ones; otherwise they are parts of one text. */
  readonly paged: boolean
  /** Pages (from 1) that hold no text but may be pictures of one. */
  readonly scans: readonly number[]
  /** Of check lists. */
  readonly ticks: TickCount
}

export type Outcome = ({ readonly ok: true } & ReadText) | Failure
/** A PNG of a page, a WebP of a thumbnail. */
export type Drawn = { readonly ok: true; readonly picture: Uint8Array } | Failure

interface MailPart {
  readonly fileName: string
  readonly bytes: Uint8Array
}
export interface OpenedMail {
  readonly subject: string
  readonly sender: string
  /** As it stands in the message. */
  readonly date: string
  readonly attachments: readonly MailPart[]
}
export type MailOutcome = ({ readonly ok: true } & OpenedMail) | Failure

/** A file within another one. */
export interface HeldFile {
  /** "Photos/May/sea.jpg": folders only in archives. */
  readonly path: string
  readonly bytes: Uint8Array
}
export type ContentsOutcome = { readonly ok: true; readonly files: readonly HeldFile[] } | Failure

/** A document that is not what its name says, or that would do harm; the message is for the person. */
/** A file that is attached to a message or a PDF. */
export interface AttachedFile {
  readonly name: string
  readonly description: string
  readonly bytes: Uint8Array
}

export class Unreadable extends Error {}

export const PROTECTED = 'It is protected by a password. Save a copy without one to find it by its words.'
export const DAMAGED = 'A part of it is damaged and could not be read. Open it where it was made and save it again.'

/** More text than this is cut: nobody reads it, and it would fill the index. */
export const TEXT_LIMIT = 20_000_000
