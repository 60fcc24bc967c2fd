// Dates as people write them in texts of several languages.

/** January to December in English, German, French and Spanish, by their beginnings that tell them apart, folded. */
const MONTHS: readonly (readonly string[])[] = [
  ['january', 'jan', 'januar', 'janner', 'janvier', 'janv', 'enero', 'ene'],
  ['february', 'feb', 'februar', 'feber', 'fevrier', 'fevr', 'febrero'],
  ['march', 'mar', 'marz', 'mars', 'marzo'],
  ['april', 'apr', 'avril', 'avr', 'abril', 'abr'],
  ['may', 'mai', 'mayo'],
  ['june', 'jun', 'juni', 'juin', 'junio'],
  ['july', 'jul', 'juli', 'juillet', 'juil', 'julio'],
  ['august', 'aug', 'aout', 'agosto', 'ago'],
  ['september', 'sep', 'sept', 'septembre', 'septiembre'],
  ['october', 'oct', 'oktober', 'okt', 'octobre', 'octubre'],
  ['november', 'nov', 'novembre', 'noviembre'],
  ['december', 'dec', 'dezember', 'dez', 'decembre', 'diciembre', 'dic'],
]
export const MONTH_OF = new Map(MONTHS.flatMap((names, index) => names.map(name => [name, index + 1] as const)))
export const foldMonth = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()

const YEAR = '((?:19|20)\\d\\d)'
const NAME = '(\\p{L}{3,12})\\.?'
const FORMS: readonly {
  readonly pattern: RegExp
  readonly read: (parts: readonly string[], monthFirst: boolean) => readonly [number, number, number] | null
}[] = [
  {
    pattern: new RegExp(`(?<!\\d)${YEAR}[-/.](\\d{1,2})[-/.](\\d{1,2})(?!\\d)`, 'gu'),
    read: ([y, m, d]) => [Number(y), Number(m), Number(d)],
  },
  {
    pattern: new RegExp(`(?<!\\d)${YEAR}(\\d\\d)(\\d\\d)(?!\\d)`, 'gu'),
    read: ([y, m, d]) => [Number(y), Number(m), Number(d)],
  },
  {
    pattern: new RegExp(`(?<![\\d.])(\\d{1,2})\\.\\s?(\\d{1,2})\\.\\s?${YEAR}(?!\\.?\\d)`, 'gu'),
    read: ([d, m, y]) => [Number(y), Number(m), Number(d)],
  },
  {
    pattern: new RegExp(`(?<![\\d/])(\\d{1,2})[/-](\\d{1,2})[/-]${YEAR}(?!\\d)`, 'gu'),
    read: ([a, b, y], monthFirst) => slashed(Number(a), Number(b), Number(y), monthFirst),
  },
  {
    pattern: new RegExp(
      `(?<!\\d)(\\d{1,2})(?:st|nd|rd|th|er)?\\.?\\s+(?:of\\s+|de\\s+)?${NAME},?\\s+(?:de\\s+|del\\s+)?${YEAR}(?!\\d)`,
      'giu',
    ),
    read: ([d, m, y]) => spelled(m, Number(d), Number(y)),
  },
  {
    pattern: new RegExp(`${NAME}\\s+(\\d{1,2})(?:st|nd|rd|th)?,?\\s+${YEAR}(?!\\d)`, 'giu'),
    read: ([m, d, y]) => spelled(m, Number(d), Number(y)),
  },
]

function slashed(a: number, b: number, year: number, monthFirst: boolean): readonly [number, number, number] {
  const [month, day] = (monthFirst && a <= 12) || b > 12 ? [a, b] : [b, a]
  return [year, month, day]
}

function spelled(name: string | undefined, day: number, year: number): readonly [number, number, number] | null {
  const month = MONTH_OF.get(foldMonth(name ?? ''))
  return month === undefined ? null : [year, month, day]
}

export interface FoundDate {
  /** YYYY-MM-DD */
  readonly date: string
  /** Where it stands in the text, in UTF-16 units. */
  readonly at: number
}

/**
 * All days written in a text, in their order: 2026-03-04, 20260304, 4.3.2026, 04/03/2026, 4 March 2026,
 * March 4, 2026, 4. März 2026, 1er mars 2026, 4 de marzo de 2026. With `monthFirst`, 03/04/2026 is the
 * fourth of March; a number above 12 is a day in any case. Days that no calendar has are passed over.
 */
export function datesIn(text: string, { monthFirst = false } = {}): FoundDate[] {
  const found = new Map<number, string>()
  for (const { pattern, read } of FORMS) {
    for (const match of text.matchAll(pattern)) {
      const date = read(match.slice(1), monthFirst)
      if (date && isDay(...date) && !found.has(match.index))
        found.set(match.index, date.map(part => String(part).padStart(2, '0')).join('-'))
    }
  }
  return [...found].map(([at, date]) => ({ at, date })).sort((a, b) => a.at - b.at)
}

function isDay(year: number, month: number, day: number): boolean {
  const time = new Date(Date.UTC(year, month - 1, day))
  return time.getUTCMonth() === month - 1 && time.getUTCDate() === day && day >= 1
}
