// Comma-separated values (RFC 4180), and the same with tabs or semicolons.

/** Fields that hold the separator, quotes or line breaks are quoted; rows end with CRLF. */
export function writeCsv(rows: readonly (readonly (string | number)[])[]): string {
  return (
    rows
      .map(row =>
        row
          .map(value => {
            const text = String(value)
            // A text that a spreadsheet would take for a formula is kept a text.
            const safe = typeof value === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text
            return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe
          })
          .join(','),
      )
      .join('\r\n') + '\r\n'
  )
}

/** The rows of a listing; the separator is the one of comma, tab and semicolon that the first line has most of. */
export function readCsv(text: string): string[][] {
  const source = text.replace(/^\uFEFF/, '')
  const head = source.slice(0, source.search(/[\r\n]|$/))
  const separator =
    [',', '\t', ';'].map(sign => ({ sign, count: head.split(sign).length })).sort((a, b) => b.count - a.count)[0]
      ?.sign ?? ','
  const rows: string[][] = []
  let row: string[] = []
  let field = ''
  let quoted = false
  // The mark that writeCsv sets before what a spreadsheet would take for a formula.
  const endField = () => {
    row.push(field.replace(/^'(?=[=+\-@\t\r])/, ''))
    field = ''
  }
  const endRow = () => {
    endField()
    if (row.some(value => value.trim() !== '')) rows.push(row)
    row = []
  }
  for (let at = 0; at < source.length; at++) {
    const sign = source[at] ?? ''
    if (quoted) {
      if (sign !== '"') field += sign
      else if (source[at + 1] === '"') {
        field += '"'
        at++
      } else quoted = false
    } else if (sign === '"' && field === '') quoted = true
    else if (sign === separator) endField()
    else if (sign === '\n') endRow()
    else if (sign !== '\r') field += sign
  }
  if (field !== '' || row.length > 0) endRow()
  return rows
}
