// What History is narrowed to, as it stands in the fields, and as the server is asked.

import type { MadeBy } from '../../core/change/index'
import { MADE_BY } from '../../core/change/index'
import type { FolderId } from '../../core/ids'
import { tryParseId } from '../../core/ids'
import type { HistoryRequest } from '../api/changes'

export const MADE_BY_WORDS: Record<MadeBy, string> = {
  person: 'by hand',
  order: 'standing orders',
  arrival: 'came in by itself',
}

export interface HistoryFilter {
  readonly text: string
  /** 2026-05-03, or empty: any. */
  readonly day: string
  readonly folder: FolderId | ''
  /** One of MADE_BY or the id of a person; empty: anyone. */
  readonly madeBy: string
}

export const NO_FILTER: HistoryFilter = { text: '', day: '', folder: '', madeBy: '' }

export const narrowsHistory = (filter: HistoryFilter): boolean => Object.values(filter).some(value => value !== '')

/** A day is the person's own, from midnight to midnight where they are. */
export function historyRequest({ text, day, folder, madeBy }: HistoryFilter): HistoryRequest {
  const from = day === '' ? null : new Date(`${day}T00:00:00`)
  const until = from && new Date(from.getFullYear(), from.getMonth(), from.getDate() + 1)
  return {
    text: text.trim(),
    from: from?.toISOString() ?? null,
    until: until?.toISOString() ?? null,
    folder: folder || null,
    madeBy: MADE_BY.find(by => by === madeBy) ?? null,
    who: tryParseId(madeBy),
  }
}
