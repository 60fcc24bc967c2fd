// Typed words that say when: a month, a year, a day of the week. They are words like all others until no document has
// them; then they are meant as a time.

import { foldMonth, MONTH_OF } from '../dates/index'
import { wordsOf } from '../text/index'
import type { Rule } from './rule'

export interface TimeInWords {
  /** What is left of the query. */
  readonly q: string
  /** The words that say when, as they were typed. */
  readonly typed: string
  /** The time in words: "November 2025". */
  readonly time: string
  /** Dated, changed or added in it. */
  readonly rule: Rule
}

/** Monday to Sunday in English, German, French and Spanish, folded. */
const WEEKDAYS: readonly (readonly string[])[] = [
  ['monday', 'montag', 'lundi', 'lunes'],
  ['tuesday', 'dienstag', 'mardi', 'martes'],
  ['wednesday', 'mittwoch', 'mercredi', 'miercoles'],
  ['thursday', 'donnerstag', 'jeudi', 'jueves'],
  ['friday', 'freitag', 'vendredi', 'viernes'],
  ['saturday', 'samstag', 'sonnabend', 'samedi', 'sabado'],
  ['sunday', 'sonntag', 'dimanche', 'domingo'],
]
const WEEKDAY_OF = new Map(WEEKDAYS.flatMap((names, index) => names.map(name => [name, index] as const)))
const MONTH_NAMES = Array.from({ length: 12 }, (_, month) =>
  new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' }).format(Date.UTC(2000, month, 1)),
)
const DAY_MS = 86_400_000

/**
 * The time that the words of a query say, and the rest of it; null where they say none, or more than one. A month
 * without a year, and a day of the week, is the last one that has begun. Words in quotes and left-out words are no
 * time. `now`: ISO 8601.
 */
export function timeInWords(query: string, now: string): TimeInWords | null {
  if (/["“”„{}]/.test(query)) return null
  const words = wordsOf(query).filter(({ from }) => query[from - 1] !== '-')
  const said = words.flatMap(word => saidBy(query, word))
  const only = (kind: Said['kind']) => said.filter(one => one.kind === kind)
  const [months, years, weekdays] = [only('month'), only('year'), only('weekday')]
  const isOne = months.length <= 1 && years.length <= 1 && weekdays.length <= 1
  if (said.length === 0 || !isOne || (weekdays.length > 0 && said.length > 1)) return null
  const span = spanOf(months[0]?.value, years[0]?.value, weekdays[0]?.value, new Date(now))
  return {
    q: without(query, said),
    typed: said.map(({ from, to }) => query.slice(from, to)).join(' '),
    time: span.time,
    rule: {
      kind: 'any',
      rules: (['dated', 'changed', 'added'] as const).map(field => ({
        kind: 'time',
        field,
        from: new Date(span.from).toISOString(),
        before: new Date(span.before).toISOString(),
      })),
    },
  }
}

interface Said {
  readonly from: number
  readonly to: number
  readonly kind: 'month' | 'year' | 'weekday'
  readonly value: number
}

function saidBy(query: string, { from, to }: { readonly from: number; readonly to: number }): Said[] {
  const text = foldMonth(query.slice(from, to))
  const month = MONTH_OF.get(text)
  if (month !== undefined) return [{ from, to, kind: 'month', value: month - 1 }]
  if (/^(?:19|20)\d\d$/.test(text)) return [{ from, to, kind: 'year', value: Number(text) }]
  const weekday = WEEKDAY_OF.get(text)
  return weekday === undefined ? [] : [{ from, to, kind: 'weekday', value: weekday }]
}

function spanOf(month: number | undefined, year: number | undefined, weekday: number | undefined, now: Date) {
  const today = Date.UTC(now.getUTCFullYear(), now.getUTCMonth(), now.getUTCDate())
  if (weekday !== undefined) {
    const from = today - ((((now.getUTCDay() + 6) % 7) - weekday + 7) % 7) * DAY_MS
    const form = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })
    return { from, before: from + DAY_MS, time: form.format(from) }
  }
  const of = year ?? now.getUTCFullYear() - (month !== undefined && month > now.getUTCMonth() ? 1 : 0)
  if (month === undefined) return { from: Date.UTC(of, 0), before: Date.UTC(of + 1, 0), time: String(of) }
  return { from: Date.UTC(of, month), before: Date.UTC(of, month + 1), time: `${MONTH_NAMES[month] ?? ''} ${of}` }
}

function without(query: string, spots: readonly { readonly from: number; readonly to: number }[]): string {
  let [rest, at] = ['', 0]
  for (const { from, to } of [...spots].sort((a, b) => a.from - b.from)) {
    rest += query.slice(at, from)
    at = to
  }
  return (rest + query.slice(at)).replace(/\s+/g, ' ').trim()
}
