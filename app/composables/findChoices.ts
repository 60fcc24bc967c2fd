// What the Find page looks for, as it stands in its URL.

import type { LocationQuery } from 'vue-router'
import type { Filed, TypeGroup } from '../../core/find/index'
import { FILED, isTypeGroup } from '../../core/find/index'
import { tryParseId } from '../../core/ids'
import type { Origin } from '../../core/rows/index'
import { ORIGINS } from '../../core/rows/index'

export const CHANGED_CHOICES = {
  any: { name: 'any time', days: null },
  week: { name: 'last 7 days', days: 7 },
  month: { name: 'last 31 days', days: 31 },
  year: { name: 'last 12 months', days: 365 },
  between: { name: 'between two days', days: null },
} as const
export type ChangedChoice = keyof typeof CHANGED_CHOICES

export interface FindChoices {
  readonly q: string
  readonly types: readonly TypeGroup[]
  /** A folder's id, "in-tray", or empty for everywhere. */
  readonly place: string
  readonly changed: ChangedChoice
  /** YYYY-MM-DD, for "between". */
  readonly from: string
  readonly to: string
  readonly starred: boolean
  /** Ids of tags; all of them. */
  readonly tags: readonly string[]
  readonly origins: readonly Origin[]
  readonly filed: readonly Filed[]
}

/** Nothing but the words narrows the search. */
export const UNNARROWED: Partial<FindChoices> = { types: [], place: '', changed: 'any', from: '', to: '', starred: false, tags: [], origins: [], filed: [] }

const DAY_MS = 86_400_000

export function choicesIn(query: LocationQuery): FindChoices {
  const text = (name: string) => (typeof query[name] === 'string' ? query[name] : '')
  const changed = text('changed')
  return {
    q: text('q'),
    types: text('types').split(',').filter(isTypeGroup),
    place: text('place'),
    changed: changed in CHANGED_CHOICES ? changed as ChangedChoice : 'any',
    from: text('from'),
    to: text('to'),
    starred: text('starred') === '1',
    tags: text('tags').split(',').filter(id => tryParseId(id) !== null),
    origins: text('from-way').split(',').filter((way): way is Origin => (ORIGINS as readonly string[]).includes(way)),
    filed: text('filed').split(',').filter((way): way is Filed => (FILED as readonly string[]).includes(way)),
  }
}

export function queryOf(choices: FindChoices): Record<string, string> {
  const { q, types, place, changed, from, to, starred, tags, origins, filed } = choices
  const parts = { q, types: types.join(','), place, changed: changed === 'any' ? '' : changed, from, to, starred: starred ? '1' : '', tags: tags.join(','), 'from-way': origins.join(','), 'filed': filed.join(',') }
  return Object.fromEntries(Object.entries(parts).filter(([, value]) => value !== ''))
}

/** The span of time that is meant, in ISO 8601; null leaves a side open. */
export function spanOf(choices: FindChoices, now: number): { from: string | null; before: string | null } {
  const iso = (time: number) => new Date(time).toISOString()
  const { days } = CHANGED_CHOICES[choices.changed]
  if (days !== null) return { from: iso(now - days * DAY_MS), before: null }
  if (choices.changed !== 'between') return { from: null, before: null }
  const day = (text: string) => (text === '' ? null : new Date(`${text}T00:00:00`).getTime())
  const [from, to] = [day(choices.from), day(choices.to)]
  return { from: from === null ? null : iso(from), before: to === null ? null : iso(to + DAY_MS) }
}

export function isNarrowed(choices: FindChoices): boolean {
  return choices.types.length > 0 || choices.place !== '' || choices.changed !== 'any' || choices.starred || choices.tags.length > 0 || choices.origins.length > 0 || choices.filed.length > 0
}
