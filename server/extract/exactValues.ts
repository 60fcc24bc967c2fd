// What a cell of a table holds where its format shows less of it: "1.5 m" is 1475000, "Nov, 13" a day. People search
// for what they typed, so it is kept beside what is shown, in a part of its own behind the sheets.

import SSF from 'ssf'
import { allDigits, isDay } from './numberFormats'
import type { Part } from './parts'
import { textParts } from './parts'

/** Without zeros alone: a share shows none before its point. */
const numbersIn = (text: string) => (text.match(/\d+/g) ?? []).filter(number => !/^0+$/.test(number))

/** A number with all its digits, or the day that it stands for (ISO 8601); null where what is shown says it already. */
export function exactValue(value: number, format: string, since1904: boolean, shown: string): string | null {
  if (!Number.isFinite(value)) return null
  if (isDay(format)) return whereLost(dayOf(value, since1904), shown)
  // A time of day, or how long something took, is shown whole.
  return SSF.is_date(format) ? null : whereLost(allDigits(value), shown)
}

/** An exact value as it is written in a document; null where what is shown has all its digits in their order. */
export function whereLost(exact: string | null, shown: string): string | null {
  if (exact === null) return null
  const said = new Set(numbersIn(shown))
  return numbersIn(exact).every(number => said.has(number)) ? null : exact
}

function dayOf(value: number, date1904: boolean): string | null {
  try {
    return SSF.format('yyyy-mm-dd', value, { date1904 })
  } catch {
    return null // no day of the calendar
  }
}

/** Those of one sheet, each once. */
export function valueParts(sheet: string, values: Iterable<string>): Part[] {
  return textParts([...new Set(values)].join('\n'), 'values', sheet)
}
