import ExcelJS from 'exceljs'
import { Unreadable } from './outcome'
import { unpack } from './zip'

/** Each sheet with its name; cells as they are shown with tabs between, rows in lines. */
export async function readXlsx(bytes: Uint8Array): Promise<string[]> {
  await unpack(bytes, () => false) // what would unpack to too much is never handed on
  const book = new ExcelJS.Workbook()
  await book.xlsx
    .load(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.length) as ArrayBuffer)
    .catch(() => {
      throw new Unreadable(
        'It is named XLSX but is a damaged table or none. Open it where it was made and save it again.',
      )
    })
  return book.worksheets.map(sheet => {
    const lines = [sheet.name]
    sheet.eachRow(row => {
      const cells: string[] = []
      row.eachCell({ includeEmpty: true }, (cell, column) => {
        cells[column - 1] = textOf(cell)
      })
      lines.push(cells.join('\t').trimEnd())
    })
    return lines.join('\n')
  })
}

function textOf(cell: ExcelJS.Cell): string {
  const { value } = cell
  if (value instanceof Date) return value.toISOString().slice(0, 10)
  if (value !== null && typeof value === 'object' && 'result' in value)
    return value.result instanceof Date ? value.result.toISOString().slice(0, 10) : String(value.result ?? '')
  return cell.text
}
