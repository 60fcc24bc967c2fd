// The order and the headings of found documents when they are not listed by best match.

import type { FolderId, MeaningId, TagId } from '../ids'
import { typeGroupOf, TYPE_GROUP_NAMES } from './types'

export const FOUND_SORTS = ['best', 'name', 'changed', 'added', 'opened', 'dated', 'size', 'place'] as const
export type FoundSort = (typeof FOUND_SORTS)[number]
export const FOUND_GROUPS = ['none', 'place', 'type', 'meaning', 'tag', 'month', 'sender'] as const
export type FoundGroup = (typeof FOUND_GROUPS)[number]

export interface Orderable {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly size: number
  readonly changedAt: string
  readonly addedAt: string
  readonly openedAt: string | null
  readonly datedAt: string | null
  readonly sender: string
  /** The home; null: the In-tray. */
  readonly folderId: FolderId | null
  /** The colour that shows on it. */
  readonly meaningId: MeaningId | null
  /** Its first tag by name. */
  readonly tagId: TagId | null
}

/** How folders, colours and tags follow each other in the plan: a lower number comes first. */
export interface PlanOrder {
  readonly folder: (id: FolderId) => number
  readonly meaning: (id: MeaningId) => number
  readonly tag: (id: TagId) => number
}

export interface Ordered {
  readonly id: string
  /** The heading it stands under: an id, a word, a month; empty where there is none. */
  readonly group: string
}

const LAST = Number.MAX_SAFE_INTEGER

/** `best` keeps the order in which documents are given. Documents without the value asked for come last. */
export function orderFound(
  documents: readonly Orderable[],
  { sort, descending, group }: { readonly sort: FoundSort; readonly descending: boolean; readonly group: FoundGroup },
  plan: PlanOrder,
  locale: string,
): Ordered[] {
  const names = new Intl.Collator(locale, { numeric: true, sensitivity: 'base' })
  const sign = descending ? -1 : 1
  const keyed = documents.map((document, index) => ({
    document,
    index,
    group: groupOf(document, group),
    rank: rankOf(document, group, plan),
  }))
  keyed.sort(
    (a, b) =>
      a.rank - b.rank ||
      (group === 'sender' ? names.compare(a.group, b.group) : 0) ||
      sign * compare(a.document, b.document, sort, plan, names) ||
      missing(a.document, b.document, sort) ||
      a.index - b.index,
  )
  return keyed.map(({ document, group: under }) => ({ id: document.id, group: under }))
}

function groupOf(document: Orderable, group: FoundGroup): string {
  switch (group) {
    case 'none':
      return ''
    case 'place':
      return document.folderId ?? ''
    case 'type':
      return typeGroupOf(document.extension)
    case 'meaning':
      return document.meaningId ?? ''
    case 'tag':
      return document.tagId ?? ''
    case 'month':
      return document.changedAt.slice(0, 7)
    case 'sender':
      return document.sender
  }
}

/** In the order of the plan; months from the newest on; those without come last. */
function rankOf(document: Orderable, group: FoundGroup, plan: PlanOrder): number {
  switch (group) {
    case 'none':
      return 0
    case 'place':
      return document.folderId === null ? LAST : plan.folder(document.folderId)
    case 'type':
      return TYPE_GROUP_NAMES.indexOf(typeGroupOf(document.extension))
    case 'meaning':
      return document.meaningId === null ? LAST : plan.meaning(document.meaningId)
    case 'tag':
      return document.tagId === null ? LAST : plan.tag(document.tagId)
    case 'month':
      return -Number(document.changedAt.slice(0, 7).replace('-', ''))
    case 'sender':
      return document.sender === '' ? LAST : 0
  }
}

function compare(a: Orderable, b: Orderable, sort: FoundSort, plan: PlanOrder, names: Intl.Collator): number {
  switch (sort) {
    case 'best':
      return 0
    case 'name':
      return names.compare(a.name, b.name)
    case 'size':
      return a.size - b.size
    case 'place':
      return place(a, plan) - place(b, plan) || names.compare(a.name, b.name)
    default: {
      const [one, two] = [a[`${sort}At`], b[`${sort}At`]]
      return one === null || two === null ? 0 : one < two ? -1 : one > two ? 1 : 0
    }
  }
}

/** Whatever the direction, what has no time comes after what has one. */
function missing(a: Orderable, b: Orderable, sort: FoundSort): number {
  if (sort !== 'opened' && sort !== 'dated') return 0
  return Number(a[`${sort}At`] === null) - Number(b[`${sort}At`] === null)
}

function place(document: Orderable, plan: PlanOrder): number {
  return document.folderId === null ? LAST : plan.folder(document.folderId)
}
