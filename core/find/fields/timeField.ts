// Fields that hold a moment: between two, or in the last so many days, weeks or months.

import type { Empty, Field, Marks, Sql } from './field'
import { both } from './field'
import { NoClause } from './readClause'
import { number, one, time } from './readValue'

export const TIME_UNITS = ['day', 'week', 'month'] as const
export type TimeUnit = (typeof TIME_UNITS)[number]
const COUNT_LIMIT = 10_000
const DAY_MS = 86_400_000

export type TimeRule<K extends string> =
  /** At `from` or later and before `before`; ISO 8601; null leaves a side open. */
  | { readonly kind: 'time'; readonly field: K; readonly from: string | null; readonly before: string | null }
  /** In the last so many, counted from the moment at which it is asked. */
  | { readonly kind: 'recent'; readonly field: K; readonly count: number; readonly unit: TimeUnit }

type Dated<P extends string> = Readonly<Record<P, string | null>>

interface Spec<K extends string, P extends string, E extends string> {
  readonly key: K
  readonly name: string
  readonly property: P
  readonly column: string
  /** The moment of a document where it is not in its own row: the rows, and it in them. */
  readonly row?: { readonly from: string; readonly column: string }
  readonly isOptional?: boolean
  /** Beside its name where that does not say enough. */
  readonly note?: string
  readonly empty?: Omit<Empty<E, object>, 'matches' | 'compile'>
}

/** `moment`: as an expression over `s`. */
export function timeField<const K extends string, const P extends string, const E extends string = never>(
  spec: Spec<K, P, E>,
): Field<TimeRule<K>, Dated<P>> &
  Marks<undefined, E, Dated<P>> & { readonly key: K; readonly moment: string; readonly note: string } {
  const { key, name, property, column, row, empty } = spec
  const span = (rule: TimeRule<K>, now: string) =>
    rule.kind === 'time' ? rule : { from: recentFrom(now, rule.count, rule.unit), before: null }
  return {
    key,
    name,
    rules: [`time:${key}`, `recent:${key}`],
    editor: 'time',
    moment: column,
    note: spec.note ?? '',
    fresh: () => ({ kind: 'recent', field: key, count: 7, unit: 'day' }),
    isComplete: () => true,
    read: raw =>
      raw.kind === 'time'
        ? { kind: 'time', field: key, from: time(raw.from), before: time(raw.before) }
        : { kind: 'recent', field: key, count: number(raw.count, COUNT_LIMIT) ?? 1, unit: one(raw.unit, TIME_UNITS) },
    parse: ({ head, rest }) => (head === key ? timeClause(key, rest) : null),
    print: rule =>
      rule.kind === 'time'
        ? `${key} ${spanText(rule.from, rule.before)}`
        : `${key} last ${rule.count} ${rule.unit}${rule.count === 1 ? '' : 's'}`,
    matches: (rule, document, { now }) => {
      const [at, { from, before }] = [document[property], span(rule, now)]
      return at !== null && (from === null || at >= from) && (before === null || at < before)
    },
    columns: { [property]: isoText(column) },
    compile: (rule, sql, { now }) => within(spec, span(rule, now), sql),
    facet: undefined,
    empty: empty && {
      ...empty,
      matches: document => document[property] === null,
      compile: () => (row ? `NOT EXISTS (SELECT FROM ${row.from})` : `${column} IS NULL`),
    },
  }
}

/** A time column as ISO 8601 text in UTC with milliseconds. */
export const isoText = (column: string): string =>
  `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`

function within(
  { column, row, isOptional = false }: Pick<Spec<string, string, string>, 'column' | 'row' | 'isOptional'>,
  { from, before }: { readonly from: string | null; readonly before: string | null },
  { bind }: Sql,
): string {
  const at = row?.column ?? column
  const parts = [
    from === null ? '' : `${at} >= ${bind(from)}::timestamptz`,
    before === null ? '' : `${at} < ${bind(before)}::timestamptz`,
  ]
  if (row) return `EXISTS (SELECT FROM ${row.from} AND ${both(parts)})`
  // A comparison with nothing is neither true nor false, and its opposite neither: what may be missing comes first.
  return both([isOptional || parts.every(part => part === '') ? `${at} IS NOT NULL` : '', ...parts])
}

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

function timeClause<K extends string>(key: K, rest: string): TimeRule<K> {
  const last = /^(?:in the )?last\s+(\d{1,4})?\s*(day|week|month)s?$/i.exec(rest)
  if (last) {
    const unit = TIME_UNITS.find(name => name === last[2]?.toLowerCase()) ?? 'day'
    return { kind: 'recent', field: key, count: Number(last[1] ?? 1), unit }
  }
  const [, word, one, two] =
    /^(since|before|on)?\s*(\d{4}(?:-\d\d){0,2})(?:\s+to\s+(\d{4}(?:-\d\d){0,2}))?$/i.exec(rest) ?? []
  if (one === undefined)
    throw new NoClause(`write times as {${key} last 2 weeks}, {${key} since 2026-03-01} or {${key} 2026-03 to 2026-05}`)
  const [isBefore, isSince] = [word?.toLowerCase() === 'before', word?.toLowerCase() === 'since' && two === undefined]
  return {
    kind: 'time',
    field: key,
    from: isBefore ? null : edge(one, false),
    before: isBefore ? edge(one, false) : isSince ? null : edge(two ?? one, true),
  }
}

/** The first moment of a year, month or day, or the one after its last. */
function edge(text: string, after: boolean): string {
  const [year = 0, month, day] = text.split('-').map(Number)
  const at = after
    ? Date.UTC(
        year + (month === undefined ? 1 : 0),
        (month ?? 1) - 1 + (month !== undefined && day === undefined ? 1 : 0),
        (day ?? 1) + (day === undefined ? 0 : 1),
      )
    : Date.UTC(year, (month ?? 1) - 1, day ?? 1)
  return new Date(at).toISOString()
}

function spanText(from: string | null, before: string | null): string {
  const first = from?.slice(0, 10)
  if (before === null) return first === undefined ? 'since 0001-01-01' : `since ${first}`
  if (first === undefined) return `before ${before.slice(0, 10)}`
  const last = new Date(new Date(before).getTime() - DAY_MS).toISOString().slice(0, 10)
  return last === first ? `on ${first}` : `${first} to ${last}`
}
