import { datesIn, MONTH_OF, foldMonth } from './datesIn'

const YEAR = '((?:19|20)\\d\\d)'
const MONTH = new RegExp(`(?<!\\d)${YEAR}-(0[1-9]|1[0-2])(?![\\d-])`, 'u')
const SPELLED = new RegExp(`(\\p{L}{3,12})\\.?\\s+(?:de\\s+|del\\s+)?${YEAR}(?!\\d)`, 'giu')

/**
 * The first date written in a name, as sortable ISO text as far as it is known: a day as `datesIn` reads it, else a
 * month ("2026-03", "March 2026"), else a year; null where there is none.
 */
export function dateIn(name: string): string | null {
  const [day] = datesIn(name)
  if (day) return day.date
  const month = MONTH.exec(name)
  if (month) return `${month[1]}-${month[2]}`
  for (const [, word = '', year] of name.matchAll(SPELLED)) {
    const number = MONTH_OF.get(foldMonth(word))
    if (number !== undefined) return `${year}-${String(number).padStart(2, '0')}`
  }
  return new RegExp(`(?<!\\d)${YEAR}(?!\\d)`, 'u').exec(name)?.[0] ?? null
}
