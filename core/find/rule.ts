// A search as data. The same value is typed in the find field, put in a URL, matched in memory and
// compiled to SQL; the two ways of answering it are held against each other by a test.

import type { FolderId, TagId } from '../ids'
import type { Origin } from '../rows/index'
import type { TypeGroup } from './types'

export type Rule =
  | { readonly kind: 'all' | 'any' | 'none'; readonly rules: readonly Rule[] }
  /** A word anywhere in the name or the text; with `prefix`, the beginning of one. `text` is folded. */
  | { readonly kind: 'word'; readonly text: string; readonly prefix: boolean }
  /** Words next to each other, in the name or on one page; folded. */
  | { readonly kind: 'phrase'; readonly words: readonly string[] }
  | { readonly kind: 'type'; readonly anyOf: readonly TypeGroup[] }
  /** Filed in the folder, or (below) in a folder under it. null: in no folder, that is in the In-tray. */
  | { readonly kind: 'place'; readonly folderId: FolderId | null; readonly below: boolean }
  /** Changed at `from` or later and before `before`; ISO 8601; null leaves a side open. */
  | { readonly kind: 'changed'; readonly from: string | null; readonly before: string | null }
  /** Carries the tag. */
  | { readonly kind: 'tag'; readonly tagId: TagId }
  | { readonly kind: 'star'; readonly on: boolean }
  /** Came in by one of these ways. */
  | { readonly kind: 'origin'; readonly anyOf: readonly Origin[] }
  /** In how many folders it is filed. */
  | { readonly kind: 'filed'; readonly anyOf: readonly Filed[] }

export const FILED = ['none', 'one', 'several'] as const
export type Filed = (typeof FILED)[number]

export const EVERYTHING: Rule = { kind: 'all', rules: [] }

/** What a document shows to a search. `folded` and the pages are words with one space between (core/text). */
export interface Findable {
  readonly folded: string
  readonly pages: readonly string[]
  readonly extension: string
  readonly folderIds: readonly FolderId[]
  readonly changedAt: string
  readonly starred: boolean
  readonly tagIds: readonly TagId[]
  readonly origin: Origin
}

export function filedOf(folders: number): Filed {
  return folders === 0 ? 'none' : folders === 1 ? 'one' : 'several'
}
