// Numbers of tables as they are shown, by their number format (ECMA-376, part 1, 18.8.30 and 18.8.31).

import SSF from 'ssf'

/** The formats that every table has, by their number. */
export const STANDARD_FORMATS: Readonly<Record<number, string>> = SSF.get_table() as Readonly<Record<number, string>>

const EXACT_DIGITS = 15

/** All digits of a number that are exact. */
export const allDigits = (value: number): string => String(Number(value.toPrecision(EXACT_DIGITS)))

/** A format without what it only repeats. */
const codesOf = (format: string) => format.replace(/"[^"]*"|\\.|\[[^\]]*\]/g, '')

/** Whether a number of this format is a day, and not only a time or a duration. */
export const isDay = (format: string): boolean => SSF.is_date(format) && /[dy]/i.test(codesOf(format))

/** A number that its format cannot show stands as it is. */
export function shownValue(value: number, format: string, since1904: boolean): string {
  if (!Number.isFinite(value)) return ''
  // Without a format a cell shows as many digits as it is wide: all that are exact are kept.
  if (/^general$/i.test(format)) return allDigits(value)
  try {
    return SSF.format(sortable(format), value, { date1904: since1904 }).trim()
  } catch {
    return String(value) // SSF throws texts at formats that it does not know
  }
}

const DAY_IN_NUMBERS = /^(?=.*d)(?=.*y)(?!.*mmm)(?!.*ddd)/i

/** A day in numbers is written as ISO 8601: which of them is the month, the format of another country does not say. */
function sortable(format: string): string {
  const [first = format] = format.split(';')
  const letters = codesOf(first)
  if (!SSF.is_date(first) || !DAY_IN_NUMBERS.test(letters)) return format
  return /h/i.test(letters) ? 'yyyy-mm-dd hh:mm' : 'yyyy-mm-dd'
}
