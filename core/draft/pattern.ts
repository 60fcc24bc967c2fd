// Patterns that make many folders of one line: `Week {01..12}`, `{North, South} pontoon`,
// `{2026-09-01..2027-07-31 by week}`. Several in one line make every combination.

import { plain } from './line'

export const PATTERN_LIMIT = 2000
const SPAN_UNITS = ['day', 'week', 'month', 'quarter', 'term', 'year', 'school year'] as const
type SpanUnit = (typeof SPAN_UNITS)[number]

export type Expanded =
  | { readonly ok: true; readonly names: readonly string[]; readonly made: boolean }
  | { readonly ok: false; readonly why: string }

const wrong = (why: string): Expanded => ({ ok: false, why })

/** The names that a line makes; `made` when it holds a pattern at all. */
export function expandName(name: string, limit = PATTERN_LIMIT): Expanded {
  const parts: (readonly string[])[] = []
  let total = 1
  let made = false
  for (let at = 0; at < name.length;) {
    const open = unescaped(name, '{', at)
    const close = open < 0 ? -1 : unescaped(name, '}', open)
    if (open >= 0 && close < 0)
      return wrong('The pattern has no closing brace. Write “}” behind it, or “\\{” for a brace in the name.')
    parts.push([plain(name.slice(at, open < 0 ? undefined : open))])
    if (open < 0) break
    const values = valuesOf(name.slice(open + 1, close))
    if (typeof values === 'string') return wrong(values)
    total *= values.length
    if (total > limit)
      return wrong(`This line would make more than ${limit.toLocaleString('en-GB')} folders. Make the pattern smaller.`)
    parts.push(values)
    made = true
    at = close + 1
  }
  const names = parts.reduce<string[]>(
    (before, values) => before.flatMap(start => values.map(value => start + value)),
    [''],
  )
  return { ok: true, names: names.map(one => one.trim()), made }
}

function unescaped(text: string, sign: string, from: number): number {
  for (let at = from; at < text.length; at++) {
    if (text[at] === '\\') at++
    else if (text[at] === sign) return at
  }
  return -1
}

/** The values of one pattern, or why there are none. */
function valuesOf(inside: string): readonly string[] | string {
  const numbers = /^\s*(\d+)\s*(?:\.\.|…)\s*(\d+)\s*(?:by\s+(\d+)\s*)?$/.exec(inside)
  if (numbers) return countedRange(numbers[1] ?? '', numbers[2] ?? '', Number(numbers[3] ?? 1))
  const letters = /^\s*([A-Za-z])\s*(?:\.\.|…)\s*([A-Za-z])\s*$/.exec(inside)
  if (letters) return letterRange(letters[1] ?? '', letters[2] ?? '')
  const days = /^\s*(\d{4}-\d{2}-\d{2})\s*(?:\.\.|…)\s*(\d{4}-\d{2}-\d{2})\s*by\s+(school year|[a-z]+?)s?\s*$/.exec(
    inside,
  )
  if (days) return span(days[1] ?? '', days[2] ?? '', days[3] ?? '')
  if (/\.\.|…/.test(inside))
    return 'This range is not understood. Write {1..12}, {01..12}, {A..F} or {2026-09-01..2027-07-31 by week}.'
  const listed = inside
    .split(',')
    .map(value => plain(value).trim())
    .filter(value => value !== '')
  return listed.length > 0
    ? listed
    : 'The pattern is empty. Write {1..12}, {North, South} or {2026-09-01..2027-07-31 by month}.'
}

function countedRange(from: string, to: string, step: number): readonly string[] | string {
  const [low, high] = [Number(from), Number(to)]
  if (step < 1) return 'A range counts in steps of 1 or more.'
  const width = /^0\d/.test(from) || /^0\d/.test(to) ? Math.max(from.length, to.length) : 0
  const count = Math.floor(Math.abs(high - low) / step) + 1
  if (count > PATTERN_LIMIT)
    return (
      `This range counts ${count.toLocaleString('en-GB')} folders; at most ` +
      `${PATTERN_LIMIT.toLocaleString('en-GB')} can be made by one line.`
    )
  return Array.from({ length: count }, (_, index) =>
    String(low + index * step * (high < low ? -1 : 1)).padStart(width, '0'),
  )
}

function letterRange(from: string, to: string): readonly string[] | string {
  const [low, high] = [from.charCodeAt(0), to.charCodeAt(0)]
  if (from < 'a' !== to < 'a') return 'A range of letters has both as capitals or both small.'
  return Array.from({ length: Math.abs(high - low) + 1 }, (_, index) =>
    String.fromCharCode(low + index * (high < low ? -1 : 1)),
  )
}

const DAY_MS = 86_400_000
const dayOf = (time: number) => new Date(time).toISOString().slice(0, 10)

/** Names for each day, week (its Monday), month, quarter, term or (school) year that touches the span. */
function span(from: string, to: string, unit: string): readonly string[] | string {
  const [start, end] = [Date.parse(`${from}T00:00:00Z`), Date.parse(`${to}T00:00:00Z`)]
  if (!Number.isFinite(start) || !Number.isFinite(end) || dayOf(start) !== from || dayOf(end) !== to)
    return 'One of the two days does not exist. Write them as 2026-09-01.'
  if (end < start) return 'The second day lies before the first.'
  const name = SPAN_UNITS.includes(unit as SpanUnit) ? SPAN_NAMES[unit as SpanUnit] : null
  if (!name) return `“by ${unit}” is not known. It goes by ${SPAN_UNITS.join(', ')}.`
  if ((end - start) / DAY_MS > 366 * 200) return 'These two days lie more than 200 years apart.'
  const names = new Set<string>()
  for (let time = start; time <= end && names.size <= PATTERN_LIMIT; time += DAY_MS) names.add(name(time))
  return names.size > PATTERN_LIMIT
    ? `This span has more than ${PATTERN_LIMIT.toLocaleString('en-GB')} of them. Choose days that lie closer together.`
    : [...names]
}

const schoolYear = (date: Date) => (date.getUTCMonth() >= 7 ? date.getUTCFullYear() : date.getUTCFullYear() - 1)

/**
 * Weeks begin on Monday (ISO 8601). School years begin in August; terms: August to December, January to March, April to
 * July.
 */
const SPAN_NAMES: Readonly<Record<SpanUnit, (time: number) => string>> = {
  day: dayOf,
  week: time => dayOf(time - ((new Date(time).getUTCDay() + 6) % 7) * DAY_MS),
  month: time => dayOf(time).slice(0, 7),
  quarter: time => `${new Date(time).getUTCFullYear()} Q${Math.floor(new Date(time).getUTCMonth() / 3) + 1}`,
  term: time => {
    const date = new Date(time)
    const month = date.getUTCMonth()
    return `${month >= 7 ? 'Autumn' : month <= 2 ? 'Spring' : 'Summer'} term ${date.getUTCFullYear()}`
  },
  year: time => String(new Date(time).getUTCFullYear()),
  // A name cannot hold a slash.
  'school year': time =>
    `${schoolYear(new Date(time))}-${String((schoolYear(new Date(time)) + 1) % 100).padStart(2, '0')}`,
}
