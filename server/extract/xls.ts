// Tables of programs before 2007 ([MS-XLS], BIFF8, and BIFF5 before it): records in a stream, sheet by sheet. Cells as
// they are shown with tabs between, rows in lines, then notes and texts of shapes.

import iconv from 'iconv-lite'
import { openCompoundFile } from './compoundFile'
import { exactValue, valueParts } from './exactValues'
import { shownValue, STANDARD_FORMATS } from './numberFormats'
import { PROTECTED, Unreadable } from './outcome'
import { objectText, sharedStrings, unicode } from './xlsTexts'
import type { Part } from './parts'
import { part } from './parts'
import { tidyLines } from './xmlText'

const KIND = {
  bof: 0x809,
  continued: 0x3c,
  filePass: 0x2f,
  boundSheet: 0x85,
  strings: 0xfc,
  codePage: 0x42,
  date1904: 0x22,
  format: 0x41e,
  style: 0xe0,
  labelString: 0xfd,
  label: 0x204,
  richLabel: 0xd6,
  number: 0x203,
  rk: 0x27e,
  manyRk: 0xbd,
  formula: 0x6,
  formulaText: 0x207,
  boolOrError: 0x205,
  textObject: 0x1b6,
  header: 0x14,
  footer: 0x15,
  end: 0xa,
} as const

// A sheet, or the book itself, begins with one of these; older versions have others.
const BEGINS: readonly number[] = [0x09, 0x209, 0x409, KIND.bof]
const FORMULAS: readonly number[] = [KIND.formula, 0x206, 0x406]

interface BiffRecord {
  readonly kind: number
  readonly at: number
  readonly data: Buffer
  /** The parts that did not fit into one record. */
  readonly more: readonly Buffer[]
}

interface Sheet {
  readonly name: string
  /** row → column → text */
  readonly rows: Map<number, Map<number, string>>
  readonly others: string[]
  /** What cells hold beyond what they show. */
  readonly exact: string[]
}

export function readXls(bytes: Uint8Array): Part[] {
  const book = isBiffAlone(bytes) ? Buffer.from(bytes) : openCompoundFile(bytes, 'XLS').stream('Workbook', 'Book')
  if (!book) throw new Unreadable('It is named XLS but holds no table.')
  return new Reader(book).sheets()
}

/** The oldest ones have no container. */
function isBiffAlone(bytes: Uint8Array): boolean {
  return bytes[0] === 0x09 && [0x00, 0x02, 0x04, 0x08].includes(bytes[1] ?? -1)
}

class Reader {
  private readonly records: BiffRecord[] = []
  private readonly names = new Map<number, string>()
  private readonly formats = new Map<number, string>()
  private readonly styles: number[] = []
  private strings: string[] = []
  private since1904 = false
  private codePage = 'windows-1252'
  private readonly isBiff8: boolean
  private readonly all: Sheet[] = []
  private lastFormula: Buffer | null = null

  constructor(stream: Buffer) {
    this.isBiff8 = stream.length > 6 && stream.readUInt16LE(4) === 0x600
    for (let at = 0; at + 4 <= stream.length;) {
      const [kind, length] = [stream.readUInt16LE(at), stream.readUInt16LE(at + 2)]
      const data = stream.subarray(at + 4, at + 4 + length)
      const last = this.records.at(-1)
      if (kind === KIND.continued && last) (last.more as Buffer[]).push(data)
      else this.records.push({ kind, at, data, more: [] })
      at += 4 + length
    }
  }

  sheets(): Part[] {
    for (const record of this.records) {
      try {
        this.read(record)
      } catch (error) {
        if (!(error instanceof RangeError)) throw error // a record that ends before its end is passed over
      }
    }
    const sheets = this.all.filter(({ name, rows, others }) => name !== '' || rows.size > 0 || others.length > 0)
    return [
      ...sheets.map(sheet => part('sheet', sheet.name, sheetText(sheet))),
      ...sheets.flatMap(({ name, exact }) => valueParts(name, exact)),
    ]
  }

  private read(record: BiffRecord): void {
    const { kind, at } = record
    if (BEGINS.includes(kind)) this.all.push({ name: this.names.get(at) ?? '', rows: new Map(), others: [], exact: [] })
    else if (kind === KIND.filePass) throw new Unreadable(PROTECTED)
    else if (!this.readOfBook(record) && !this.readCell(record)) this.readBeside(record)
  }

  /** What all sheets share. */
  private readOfBook({ kind, data, more }: BiffRecord): boolean {
    if (kind === KIND.codePage) this.useCodePage(data.readUInt16LE(0))
    else if (kind === KIND.date1904) this.since1904 = data.readUInt16LE(0) === 1
    else if (kind === KIND.boundSheet) this.names.set(data.readUInt32LE(0), this.shortText(data, 6))
    else if (kind === KIND.format)
      this.formats.set(data.readUInt16LE(0), this.isBiff8 ? unicode(data, 2).text : this.shortText(data, 2))
    else if (kind === KIND.style) this.styles.push(data.readUInt16LE(2))
    else if (kind === KIND.strings) this.strings = sharedStrings([data, ...more])
    else return false
    return true
  }

  private readCell({ kind, data, more }: BiffRecord): boolean {
    const style = () => data.readUInt16LE(4)
    if (kind === KIND.labelString) this.put(data, this.strings[data.readUInt32LE(6)] ?? '')
    else if (kind === KIND.label || kind === KIND.richLabel) this.put(data, this.longText(data, 6))
    else if (kind === KIND.number) this.put(data, this.shown(data.readDoubleLE(6), style()))
    else if (kind === KIND.rk) this.put(data, this.shown(rkNumber(data.readInt32LE(6)), style()))
    else if (kind === KIND.manyRk) {
      for (let index = 0; 4 + index * 6 + 6 <= data.length - 2; index++) {
        const [format, number] = [data.readUInt16LE(4 + index * 6), data.readInt32LE(6 + index * 6)]
        this.put(data, this.shown(rkNumber(number), format), index)
      }
    } else if (FORMULAS.includes(kind)) {
      this.lastFormula = data
      if (data.readUInt16LE(12) !== 0xffff) this.put(data, this.shown(data.readDoubleLE(6), style()))
      else if (data[6] === 1 || data[6] === 2) this.put(data, boolOrError(data[8], data[6] === 2))
    } else if (kind === KIND.boolOrError) this.put(data, boolOrError(data[6], data[7] === 1))
    else if (kind === KIND.formulaText && this.lastFormula)
      this.put(this.lastFormula, this.longText(Buffer.concat([data, ...more]), 0))
    else return false
    return true
  }

  private readBeside({ kind, data, more }: BiffRecord): void {
    if (kind === KIND.textObject && more[0]) this.all.at(-1)?.others.push(objectText(data, more))
    else if ((kind === KIND.header || kind === KIND.footer) && data.length > 2) {
      const text = this.isBiff8 ? unicode(data, 0).text : this.shortText(data, 0)
      this.all.at(-1)?.others.push(text.replace(/&(?:[LCR]|"[^"]*"|\d+|[A-Z])/g, ' '))
    }
  }

  /** A cell record begins with its row and column. */
  private put(data: Buffer, text: string, beside = 0): void {
    const rows = this.all.at(-1)?.rows
    const row = data.readUInt16LE(0)
    const cells = rows?.get(row) ?? new Map<number, string>()
    rows?.set(row, cells.set(data.readUInt16LE(2) + beside, text))
  }

  private useCodePage(number: number): void {
    const name =
      number === 32_768
        ? 'macintosh'
        : number === 32_769
          ? 'windows-1252'
          : number === 1200
            ? 'utf16le'
            : `windows-${number}`
    this.codePage = iconv.encodingExists(name)
      ? name
      : iconv.encodingExists(`cp${number}`)
        ? `cp${number}`
        : this.codePage
  }

  private shown(value: number, style: number): string {
    const format = this.styles[style] ?? 0
    const code = this.formats.get(format) ?? STANDARD_FORMATS[format] ?? 'General'
    const text = shownValue(value, code, this.since1904)
    const held = exactValue(value, code, this.since1904, text)
    if (held !== null) this.all.at(-1)?.exact.push(held)
    return text
  }

  /** Its length is one byte. */
  private shortText(data: Buffer, at: number): string {
    const length = data.readUInt8(at)
    if (!this.isBiff8) return iconv.decode(data.subarray(at + 1, at + 1 + length), this.codePage)
    const isWide = (data.readUInt8(at + 1) & 1) === 1
    return data.toString(isWide ? 'utf16le' : 'latin1', at + 2, at + 2 + length * (isWide ? 2 : 1))
  }

  /** Its length is two bytes. */
  private longText(data: Buffer, at: number): string {
    if (this.isBiff8) return unicode(data, at).text
    const length = data.readUInt16LE(at)
    return iconv.decode(data.subarray(at + 2, at + 2 + length), this.codePage)
  }
}

// Empty cells keep their columns, up to so many in a row.
const GAP_LIMIT = 40
const gapBefore = (column: number, last: number) => '\t'.repeat(Math.max(0, Math.min(column - last - 1, GAP_LIMIT)))

function sheetText({ name, rows, others }: Sheet): string {
  const lines = [...rows]
    .sort(([a], [b]) => a - b)
    .map(([, cells]) =>
      [...cells]
        .sort(([a], [b]) => a - b)
        .map(([column, text], index, all) => `${gapBefore(column, all[index - 1]?.[0] ?? -1)}${text}`)
        .join('\t'),
    )
  return tidyLines([name, ...lines, ...others].join('\n'))
}

// [MS-XLS] 2.5.10
const ERRORS: Readonly<Record<number, string>> = {
  0x00: '#NULL!',
  0x07: '#DIV/0!',
  0x0f: '#VALUE!',
  0x17: '#REF!',
  0x1d: '#NAME?',
  0x24: '#NUM!',
  0x2a: '#N/A',
}

const boolOrError = (value = 0, isError: boolean): string =>
  isError ? (ERRORS[value] ?? '') : value === 1 ? 'TRUE' : 'FALSE'

/** An encoded number of four bytes ([MS-XLS], 2.5.217). */
function rkNumber(rk: number): number {
  const double = Buffer.alloc(8)
  double.writeInt32LE(rk & ~3, 4)
  const value = (rk & 2) === 2 ? rk >> 2 : double.readDoubleLE(0)
  return (rk & 1) === 1 ? value / 100 : value
}
