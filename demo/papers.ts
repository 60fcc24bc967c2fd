// Papers: what a document of the demo plan says, before it is set in a file format.

import type { Random } from './random'
import type { Subject } from './texts'
import { BOATS, FIRMS, KNOTS, PEOPLE, POOLS } from './texts'

export interface Paper {
  readonly name: string
  readonly format: Format
  /** When it was last changed. */
  readonly date: Date
  readonly title: string
  readonly paragraphs: readonly string[]
  /** Rows of a table, the first one its head. */
  readonly table: readonly (readonly string[])[]
}
export type Format = 'pdf' | 'docx' | 'odt' | 'xlsx' | 'csv' | 'md' | 'txt' | 'html' | 'png'

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

export function isoDay(date: Date): string {
  return date.toISOString().slice(0, 10)
}

export function longDay(date: Date): string {
  return `${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]} ${date.getUTCFullYear()}`
}

/** Fills a sentence's slots. */
export function fill(sentence: string, random: Random, date: Date): string {
  const later = new Date(date.getTime() + random.int(3, 200) * 86_400_000)
  const values: Record<string, () => string> = {
    person: () => random.pick(PEOPLE),
    person2: () => random.pick(PEOPLE),
    boat: () => random.pick(BOATS),
    firm: () => random.pick(FIRMS),
    knot: () => random.pick(KNOTS),
    berth: () => String(random.int(1, 24)),
    pontoon: () => random.pick(['north', 'south']),
    day: () => longDay(later),
    nextday: () => longDay(new Date(later.getTime() + 364 * 86_400_000)),
    sum: () => `${random.int(40, 900)}.${random.pick(['00', '50', '20', '75'])}`,
    power: () => String(random.int(20, 480)),
    meter: () => String(random.int(10_000, 99_999)),
    meter2: () => String(random.int(10_000, 99_999)),
    count: () => String(random.int(8, 60)),
    small: () => String(random.int(2, 7)),
  }
  return sentence.replace(/\{(\w+)\}/g, (whole, slot: string) => values[slot]?.() ?? whole)
}

/** A paper about a subject, of `length` sentences in short paragraphs. */
export function write(
  random: Random,
  subject: Subject,
  request: { name: string; title: string; format: Format; date: Date; length?: number },
): Paper {
  const pool = POOLS[subject]
  const length = request.length ?? random.int(5, 11)
  const sentences = Array.from({ length: Math.ceil(length / pool.length) }, () =>
    random.some(pool, Math.min(pool.length, length)),
  )
    .flat()
    .slice(0, length)
    .map(sentence => fill(sentence, random, request.date))
  const paragraphs: string[] = []
  while (sentences.length > 0) paragraphs.push(sentences.splice(0, random.int(1, 3)).join(' '))
  return { name: request.name, title: request.title, format: request.format, date: request.date, paragraphs, table: [] }
}

/** A table of berths with readings and sums. */
export function duesTable(random: Random, rows: number): string[][] {
  return [
    ['Berth', 'Vessel', 'Holder', 'Units', 'Sum'],
    ...Array.from({ length: rows }, (_, index) => [
      String(index + 1),
      random.pick(BOATS),
      random.pick(PEOPLE),
      String(random.int(10, 400)),
      `${random.int(60, 600)}.${random.pick(['00', '50'])}`,
    ]),
  ]
}

export function attendanceTable(random: Random): string[][] {
  const weeks = Array.from({ length: 6 }, (_, index) => `Week ${index + 1}`)
  return [
    ['Learner', ...weeks],
    ...PEOPLE.map(person => [person, ...weeks.map(() => random.pick(['yes', 'yes', 'yes', 'no', 'late']))]),
  ]
}
