// OpenDocument 1.3, part 3: paragraphs and headings hold the text; three elements stand for white space. Packed in a
// container, or flat in one XML file. Charts, formulas and other objects lie in parts of their own.

import { valueParts, whereLost } from './exactValues'
import { PROTECTED, Unreadable } from './outcome'
import type { PartKind } from '../../core/text/index'
import type { Part } from './parts'
import { part, textParts } from './parts'
import type { Attributes, TextRules } from './xmlText'
import { tidyLines, walkXml, xmlText } from './xmlText'
import { unpack } from './zip'

const MANIFEST = 'META-INF/manifest.xml'
const OBJECT = /^[^/]+\/content\.xml$/

// Parts of forms, with what stands on them and what was filled in (part 3, 13.5).
const CONTROLS = new Set(
  'button checkbox combobox fixed-text formatted-text frame option radio text textarea'.split(' '),
)

const RULES: TextRules = {
  // Paragraphs, headings, alternative texts, and the signs of formulas (MathML).
  inside: new Set(['p', 'h', 'title', 'desc', 'mi', 'mn', 'mo', 'mtext', 'ms']),
  blocks: new Set(['p', 'h', 'title', 'desc', 'table-row', 'math']),
  cells: new Set(['table-cell', 'list-header']),
  // What was struck, and the source of a formula.
  skipped: new Set(['tracked-changes', 'annotation-xml']),
  stands: (name, attributes) => {
    if (name === 's') return ' '.repeat(Math.min(Number(attributes.c ?? 1) || 1, 100))
    if (name === 'tab') return '\t'
    if (name === 'line-break') return '\n'
    const shown = CONTROLS.has(name) ? (attributes.label ?? attributes['current-value']) : undefined
    return shown === undefined ? undefined : `${shown}\n`
  },
}
// In a table a cell is one line, whatever it holds.
const TABLE: TextRules = {
  ...RULES,
  blocks: new Set(['table-row', 'title', 'desc', 'math']),
  cells: new Set(['table-cell', 'covered-table-cell']),
  stands: (name, attributes) => {
    // Empty cells are written once with how many they are; many at the end of a row fill it up.
    const repeated = name.endsWith('table-cell') ? Number(attributes['number-columns-repeated'] ?? 1) : 1
    return repeated > 1 ? '\t'.repeat(Math.min(repeated - 1, 40)) : RULES.stands?.(name, attributes)
  },
  gaps: new Set(['p', 'h']),
}

interface Content {
  readonly main: string
  /** What lies in parts of its own: headers and footers, charts, formulas. */
  readonly others: readonly Part[]
}

async function contentOf(bytes: Uint8Array, kind: string): Promise<Content> {
  if (bytes[0] !== 0x50) return flat(bytes, kind)
  const parts = await unpack(bytes, name => ['content.xml', 'styles.xml', MANIFEST].includes(name) || OBJECT.test(name))
  // OpenDocument 1.3, part 2, 4.3: what is encrypted is named in the manifest.
  if (parts.get(MANIFEST)?.includes('encryption-data')) throw new Unreadable(PROTECTED)
  const content = parts.get('content.xml')
  if (!content) throw new Unreadable(`It is named ${kind} but holds no such document.`)
  const objects = [...parts]
    .filter(([name]) => OBJECT.test(name))
    .flatMap(([, xml]) => textParts(xmlText(xml, RULES), xml.includes('<chart:chart') ? 'chart' : 'embedded'))
  const styles = parts.get('styles.xml')
  return {
    main: content.toString('utf8'),
    others: [...(styles ? headersIn(styles) : []), ...headersIn(content), ...objects],
  }
}

function flat(bytes: Uint8Array, kind: string): Content {
  const xml = new TextDecoder().decode(bytes)
  if (!/<\w+:document\s/.test(xml.slice(0, 20_000)))
    throw new Unreadable(`It is named ${kind} but holds no such document.`)
  return { main: xml, others: headersIn(xml) }
}

/** Headers and footers of the pages; what a master only offers to be filled in is none. */
function headersIn(styles: Uint8Array | string): Part[] {
  const lines: string[] = []
  let [depth, text] = [0, '']
  const isHeader = (name: string) => /^(header|footer)(-left|-first|-decl)?$/.test(name)
  walkXml(styles, {
    open: name => {
      if (isHeader(name)) depth++
      else if (depth > 0 && name === 'tab') text += '\t'
    },
    text: part => {
      if (depth > 0) text += part
    },
    close: name => {
      if (depth === 0) return
      if (name === 'p' || name.endsWith('-decl')) [text] = ['', lines.push(text)]
      if (isHeader(name)) depth--
    },
  })
  return textParts([...new Set(lines.map(line => line.trim()).filter(line => line !== ''))].join('\n'), 'header')
}

// Notes and comments stand in the line to which they belong: they are read apart, so that they do not part its words.
const [NOTE, COMMENT] = ['note', 'annotation']
const BODY = but(RULES, NOTE, COMMENT)
const NOTE_BODY: TextRules = { ...RULES, within: new Set(['note-body']) }
// ODF 1.3, 19.854: notes stand at the foot of their page unless it says otherwise.
const ENDNOTE = /(?:\w+:)?note-class="endnote"/

/** The text, then its notes, its comments, and what lies in parts of its own. */
export async function readOdt(bytes: Uint8Array): Promise<Part[]> {
  const { main, others } = await contentOf(bytes, 'ODT')
  const notes = cutOut(main, NOTE)
  const notesOf = (kind: PartKind, isEndnote: boolean) =>
    textParts(
      notes
        .filter(({ attributes }) => ENDNOTE.test(attributes) === isEndnote)
        .map(({ xml }) => xmlText(xml, NOTE_BODY))
        .join('\n'),
      kind,
    )
  const comments = main.includes(`:${COMMENT} `) || main.includes(`:${COMMENT}>`)
  return [
    ...textParts(xmlText(main, BODY)),
    ...notesOf('footnotes', false),
    ...notesOf('endnotes', true),
    ...(comments ? textParts(xmlText(main, { ...RULES, within: new Set([COMMENT]) }), 'comments') : []),
    ...others,
  ]
}

/** Each sheet with its name; cells with tabs between, rows in lines. */
export async function readOds(bytes: Uint8Array): Promise<Part[]> {
  const { main, others } = await contentOf(bytes, 'ODS')
  const sheets = cutOut(main, 'table')
  return [
    ...sheets.map(({ name, xml }) => part('sheet', name, tidyLines(`${name}\n${xmlText(xml, TABLE)}`))),
    ...others,
    ...sheets.flatMap(({ name, xml }) => valueParts(name, heldInCells(xml))),
  ]
}

/** What cells hold beyond what they show: all digits of numbers, days as ISO 8601 (part 3, 19.385 and 19.389). */
function heldInCells(xml: string): string[] {
  const values: string[] = []
  let [held, shown, isCell]: [string | null, string, boolean] = [null, '', false]
  walkXml(xml, {
    open: (name, attributes) => {
      if (!name.endsWith('table-cell')) return
      ;[held, shown, isCell] = [heldIn(attributes), '', true]
    },
    text: text => {
      if (isCell) shown += text
    },
    close: name => {
      if (!name.endsWith('table-cell')) return
      isCell = false
      const lost = whereLost(held, shown)
      if (lost !== null) values.push(lost)
    },
  })
  return values
}

const heldIn = (attributes: Attributes): string | null =>
  attributes['value-type'] === 'boolean'
    ? null
    : (attributes['date-value']?.replace(/T00:00:00$/, '') ??
      (attributes.value === undefined ? null : String(Number(attributes.value))))

/** Each slide, and behind it its notes. */
export async function readOdp(bytes: Uint8Array): Promise<Part[]> {
  const { main, others } = await contentOf(bytes, 'ODP')
  const slides = cutOut(main, 'page').flatMap(({ xml }, index) => {
    const notes = xmlText(xml, { ...RULES, within: new Set(['notes']) })
    return [
      part('slide', String(index + 1), xmlText(xml, but(RULES, 'notes'))),
      ...(notes === '' ? [] : [part('notes', String(index + 1), notes)]),
    ]
  })
  return [...slides, ...others]
}

/** The pages of a drawing. */
export async function readOdg(bytes: Uint8Array): Promise<Part[]> {
  const { main, others } = await contentOf(bytes, 'ODG')
  return [...cutOut(main, 'page').map(({ xml }) => part('page', '', xmlText(xml, RULES))), ...others]
}

function but(rules: TextRules, ...skipped: readonly string[]): TextRules {
  return { ...rules, skipped: new Set([...(rules.skipped ?? []), ...skipped]) }
}

/** The outermost elements of this name, cut out of the source as text: what is in them is read piece by piece. */
function cutOut(
  xml: string,
  element: string,
): { readonly name: string; readonly attributes: string; readonly xml: string }[] {
  const tag = new RegExp(`<(/?)(?:\\w+:)?${element}(?=[\\s/>])([^>]*?)(/?)>`, 'g')
  const body = Math.max(xml.search(/<(?:\w+:)?body[\s>]/), 0)
  const found: { name: string; attributes: string; xml: string }[] = []
  let [depth, from, name, given] = [0, 0, '', '']
  tag.lastIndex = body
  for (let match = tag.exec(xml); match; match = tag.exec(xml)) {
    const [whole, closing, attributes = '', empty] = match
    if (closing) {
      depth--
      if (depth === 0) found.push({ name, attributes: given, xml: `${xml.slice(from, match.index)}${whole}` })
    } else if (!empty) {
      if (depth === 0)
        [from, given, name] = [
          match.index,
          attributes,
          unescaped(/(?:\w+:)?name="([^"]*)"/.exec(attributes)?.[1] ?? ''),
        ]
      depth++
    }
  }
  return found
}

function unescaped(text: string): string {
  const signs: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'" }
  return text.replace(/&(\w+);/g, (whole, name: string) => signs[name] ?? whole)
}
