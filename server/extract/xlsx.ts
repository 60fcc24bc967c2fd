// Tables of Office Open XML: each sheet with its name, cells as they are shown with tabs between, rows in lines; then
// comments, shapes and charts.

import { exactValue, valueParts } from './exactValues'
import { hangingParts, mainPart, relationsOf } from './ooxml'
import type { Parts } from './ooxml'
import { shownValue, STANDARD_FORMATS } from './numberFormats'
import { Unreadable } from './outcome'
import type { Part } from './parts'
import { part } from './parts'
import { tidyLines, walkXml } from './xmlText'
import { unpack } from './zip'

interface Book {
  readonly strings: readonly string[]
  /** The number format of each cell style. */
  readonly formats: readonly string[]
  readonly since1904: boolean
}

export async function readXlsx(bytes: Uint8Array): Promise<Part[]> {
  const parts = await unpack(bytes, name => /\.(xml|rels)$/.test(name))
  const main = mainPart(parts) ?? 'xl/workbook.xml'
  const workbook = parts.get(main)
  if (!workbook)
    throw new Unreadable(
      'It is named XLSX but is a damaged table or none. Open it where it was made and save it again.',
    )
  const relations = relationsOf(parts, main)
  const partOf = (type: string) => [...relations.values()].find(relation => relation.type === type)?.target ?? ''
  const sheets: { name: string; target: string }[] = []
  let since1904 = false
  walkXml(workbook, {
    open: (tag, attributes) => {
      if (tag === 'workbookPr') since1904 = ['1', 'true'].includes(attributes.date1904 ?? '')
      if (tag !== 'sheet') return
      const target = relations.get(attributes.id ?? '')?.target
      if (target !== undefined) sheets.push({ name: attributes.name ?? '', target })
    },
  })
  const book: Book = {
    strings: stringsIn(parts.get(partOf('sharedStrings'))),
    formats: formatsIn(parts.get(partOf('styles'))),
    since1904,
  }
  const read = sheets.map(({ name, target }) => ({ name, ...readSheet(parts, name, target, book) }))
  return [
    ...read.map(({ name, text }) => part('sheet', name, text)),
    ...read.flatMap(({ name, exact }) => valueParts(name, exact)),
  ]
}

interface ReadSheet {
  readonly text: string
  /** What cells hold beyond what they show. */
  readonly exact: readonly string[]
}

function readSheet(parts: Parts, name: string, target: string, book: Book): ReadSheet {
  const xml = parts.get(target)
  const { text, exact } = xml ? readCells(xml, book) : { text: '', exact: [] }
  return { text: tidyLines([name, text, ...hangingParts(parts, target).map(({ body }) => body)].join('\n')), exact }
}

const HEADERS = /^(odd|even|first)(Header|Footer)$/

function readCells(xml: Uint8Array, book: Book): ReadSheet {
  const [written, exact]: [string[], string[]] = [[], []]
  let [kind, style, value, inValue, inHeader, skipping, column] = ['n', 0, '', false, false, 0, 0]
  walkXml(xml, {
    open: (tag, attributes) => {
      if (tag === 'c') {
        ;[kind, style, value] = [attributes.t ?? 'n', Number(attributes.s ?? 0), '']
        const at = columnOf(attributes.r) ?? column
        if (at > column) written.push('\t'.repeat(Math.min(at - column, GAP_LIMIT)))
        column = at + 1
      } else if (tag === 'row') column = 0
      else if (tag === 'v' || tag === 't') inValue = skipping === 0
      else if (tag === 'rPh') skipping++
      else if (HEADERS.test(tag)) inHeader = true
    },
    text: text => {
      if (inValue) value += text
      else if (inHeader) written.push(text.replace(/&(?:[LCR]|"[^"]*"|\d+|K[\dA-F]{6}|[A-Z])/g, ' '))
    },
    close: tag => {
      if (tag === 'c') {
        const text = shown(kind, style, value, book)
        written.push(text, '\t')
        const held = kind === 'n' && value !== '' ? heldIn(style, value, text, book) : null
        if (held !== null) exact.push(held)
      } else if (tag === 'row') written.push('\n')
      else if (tag === 'v' || tag === 't') inValue = false
      else if (tag === 'rPh') skipping--
      else if (HEADERS.test(tag)) {
        inHeader = false
        written.push('\n')
      }
    },
  })
  return { text: written.join(''), exact }
}

// Empty cells keep their columns, up to so many in a row.
const GAP_LIMIT = 40

/** From 0, of a reference such as "AB12". */
function columnOf(reference = ''): number | undefined {
  const letters = /^[A-Z]{1,3}/.exec(reference)?.[0]
  return letters ? [...letters].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0) - 1 : undefined
}

function shown(kind: string, style: number, value: string, { strings, formats, since1904 }: Book): string {
  if (value === '') return ''
  if (kind === 's') return strings[Number(value)] ?? ''
  if (kind === 'b') return value === '1' ? 'TRUE' : 'FALSE'
  if (kind !== 'n') return value // a text of its own, of a formula, an error, a date in ISO 8601
  return shownValue(Number(value), formats[style] ?? 'General', since1904)
}

const heldIn = (style: number, value: string, text: string, { formats, since1904 }: Book) =>
  exactValue(Number(value), formats[style] ?? 'General', since1904, text)

function stringsIn(xml: Uint8Array | undefined): string[] {
  const strings: string[] = []
  if (!xml) return strings
  let [text, inText, skipping] = ['', false, 0]
  walkXml(xml, {
    open: tag => {
      if (tag === 'si') text = ''
      else if (tag === 'rPh') skipping++
      else if (tag === 't') inText = skipping === 0
    },
    text: part => {
      if (inText) text += part
    },
    close: tag => {
      if (tag === 'si') strings.push(text)
      else if (tag === 'rPh') skipping--
      else if (tag === 't') inText = false
    },
  })
  return strings
}

/** Number formats by cell style (cellXfs). */
function formatsIn(xml: Uint8Array | undefined): string[] {
  const [own, formats] = [new Map<number, string>(), [] as string[]]
  if (!xml) return formats
  let inCells = false
  walkXml(xml, {
    open: (tag, attributes) => {
      if (tag === 'numFmt') own.set(Number(attributes.numFmtId), attributes.formatCode ?? 'General')
      else if (tag === 'cellXfs') inCells = true
      else if (tag === 'xf' && inCells) {
        const id = Number(attributes.numFmtId ?? 0)
        formats.push(own.get(id) ?? STANDARD_FORMATS[id] ?? 'General')
      }
    },
    close: tag => {
      if (tag === 'cellXfs') inCells = false
    },
  })
  return formats
}
