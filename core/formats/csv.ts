// Comma-separated values (RFC 4180), and the same with tabs or semicolons.

import Papa from 'papaparse'

// What a spreadsheet would take for a formula is kept a text by a mark before it.
const FORMULA = /^[=+\-@\t\r]/

/** Rows end with CRLF, the last one as well. */
export function writeCsv(rows: readonly (readonly (string | number)[])[]): string {
  return `${Papa.unparse(
    rows.map(row => [...row]),
    { newline: '\r\n', escapeFormulae: FORMULA },
  )}\r\n`
}

/** The rows of a listing, without empty ones; the separator is a comma, a tab or a semicolon. */
export function readCsv(text: string): string[][] {
  const head = text.slice(0, text.search(/[\r\n]|$/))
  const [delimiter = ','] = [',', '\t', ';'].sort((a, b) => head.split(b).length - head.split(a).length)
  return Papa.parse<string[]>(text, { delimiter, skipEmptyLines: 'greedy' }).data.map(row =>
    row.map(field => field.replace(/^'(?=[=+\-@\t\r])/, '')),
  )
}
