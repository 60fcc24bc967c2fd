// A search as data. The same value is typed in the find field, made by pointing, put in a URL, kept under
// a name, matched in memory and compiled to SQL.

import type { FolderId, MeaningId, TagId } from '../ids'
import type { Origin } from '../rows/index'
import type { Language } from '../text/index'
import type { TypeGroup } from './types'

export type Rule =
  | { readonly kind: 'all' | 'any' | 'none'; readonly rules: readonly Rule[] }
  /**
   * A word, or another form of it, in the name, remark, sender, tags or text; with `prefix`, the beginning of one.
   * `text` is folded.
   */
  | { readonly kind: 'word'; readonly text: string; readonly prefix: boolean }
  /** Exactly these words next to each other, in the name or on one page; folded. */
  | { readonly kind: 'phrase'; readonly words: readonly string[] }
  /** `value` is folded text. */
  | { readonly kind: 'text'; readonly field: TextField; readonly op: TextOp; readonly value: string }
  | { readonly kind: 'type'; readonly anyOf: readonly TypeGroup[] }
  /** Filed in the folder, or (below) in a folder under it. null: in no folder, that is in the In-tray. */
  | { readonly kind: 'place'; readonly folderId: FolderId | null; readonly below: boolean }
  /** At `from` or later and before `before`; ISO 8601; null leaves a side open. */
  | { readonly kind: 'time'; readonly field: TimeField; readonly from: string | null; readonly before: string | null }
  /** In the last so many days, weeks or months, counted from the moment at which it is asked. */
  | { readonly kind: 'recent'; readonly field: TimeField; readonly count: number; readonly unit: TimeUnit }
  /** In bytes: `from` or more and less than `before`; null leaves a side open. */
  | { readonly kind: 'size'; readonly from: number | null; readonly before: number | null }
  /** Carries any of the tags. */
  | { readonly kind: 'tag'; readonly anyOf: readonly TagId[] }
  /** Its colour, of its own or of the folder it lies in; null: none. */
  | { readonly kind: 'meaning'; readonly anyOf: readonly (MeaningId | null)[] }
  | { readonly kind: 'star'; readonly on: boolean }
  /** Came in by one of these ways. */
  | { readonly kind: 'origin'; readonly anyOf: readonly Origin[] }
  /** In how many folders it is filed. */
  | { readonly kind: 'filed'; readonly anyOf: readonly Filed[] }
  | { readonly kind: 'language'; readonly anyOf: readonly Language[] }
  | { readonly kind: 'reading'; readonly anyOf: readonly ReadingKind[] }
  /** Another document of the plan holds the same bytes. */
  | { readonly kind: 'twin' }
  /** Nothing stands there. */
  | { readonly kind: 'empty'; readonly field: EmptyField }

export type LeafRule = Exclude<Rule, { readonly rules: readonly Rule[] }>

export const TEXT_FIELDS = ['name', 'remark', 'sender', 'number'] as const
export type TextField = (typeof TEXT_FIELDS)[number]
export const TEXT_OPS = ['contains', 'is', 'starts', 'ends'] as const
export type TextOp = (typeof TEXT_OPS)[number]
/** dated: the first date found in the name, else in the text. */
export const TIME_FIELDS = ['changed', 'added', 'opened', 'dated'] as const
export type TimeField = (typeof TIME_FIELDS)[number]
export const TIME_UNITS = ['day', 'week', 'month'] as const
export type TimeUnit = (typeof TIME_UNITS)[number]
export const EMPTY_FIELDS = ['remark', 'sender', 'number', 'tags', 'language', 'opened', 'dated'] as const
export type EmptyField = (typeof EMPTY_FIELDS)[number]

export const FILED = ['none', 'one', 'several'] as const
export type Filed = (typeof FILED)[number]

/**
 * wordless: it was read, and there is no word in it. waiting: also while its pages are still to be recognised. none:
 * not of a type that is read.
 */
export const READING_KINDS = ['read', 'wordless', 'waiting', 'failed', 'none'] as const
export type ReadingKind = (typeof READING_KINDS)[number]

/** What a document shows to a search. Texts are words with one space between (core/text). */
export interface SearchableDocument {
  /** The name, with the running number before it. */
  readonly folded: string
  readonly remark: string
  readonly sender: string
  readonly number: string
  /** The names of its tags. */
  readonly tagWords: string
  readonly pages: readonly string[]
  readonly language: Language | null
  readonly reading: ReadingKind
  readonly extension: string
  readonly size: number
  /** The home first. */
  readonly folderIds: readonly FolderId[]
  /** Its own; null: that of its home. */
  readonly meaningId: MeaningId | null
  readonly changedAt: string
  readonly addedAt: string
  readonly openedAt: string | null
  /** ISO 8601, midnight UTC. */
  readonly datedAt: string | null
  readonly starred: boolean
  readonly tagIds: readonly TagId[]
  readonly origin: Origin
  readonly twin: boolean
}

/** What a rule needs to know of the plan and the moment. */
export interface MatchContext {
  /** A folder and everything under it; empty when it is gone. */
  readonly below: (id: FolderId) => readonly FolderId[]
  /** The colour that shows on a folder, its own or inherited. */
  readonly meaningOf: (id: FolderId) => MeaningId | null
  /** All folders on which one of these colours shows. */
  readonly coloured: (meanings: readonly (MeaningId | null)[]) => readonly FolderId[]
  /** ISO 8601. */
  readonly now: string
}

export function filedOf(folders: number): Filed {
  return folders === 0 ? 'none' : folders === 1 ? 'one' : 'several'
}

export function isGroup(rule: Rule): rule is Extract<Rule, { readonly rules: readonly Rule[] }> {
  return 'rules' in rule
}

const DAY_MS = 86_400_000

/** The moment from which a span of so many days, weeks or months up to now begins. */
export function recentFrom(now: string, count: number, unit: TimeUnit): string {
  const date = new Date(now)
  if (unit !== 'month') return new Date(date.getTime() - count * (unit === 'week' ? 7 : 1) * DAY_MS).toISOString()
  const day = date.getUTCDate()
  date.setUTCDate(1)
  date.setUTCMonth(date.getUTCMonth() - count)
  // 31 March less a month is the last of February.
  date.setUTCDate(Math.min(day, new Date(Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + 1, 0)).getUTCDate()))
  return date.toISOString()
}
