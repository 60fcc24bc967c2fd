// Reads an outline from anywhere: indented by tabs or blanks, bullets, Markdown lists and headings,
// numbers such as 1.1 or 1) in front, which become numbers. What it finds are lines of a draft.

import { NUMBER_LIMIT } from '../numbering/index'
import type { DraftLine } from './grow'
import { levelled } from './grow'
import { escapeName, parseLine, writeLine } from './line'

const BULLET = /^(?:[-*+•◦▪–—]\s+)?(?:\[[ xX]\]\s+)?/u
const CODE = /^((?:\d+[.)-])+\d*[.)]?|\d+(?:\.\d+)+|[A-Z]\.\d+(?:\.\d+)*)(?=\s)\s+/u
// A bare number is a code only where others have several parts.
const CODES = /^\s*(?:[-*+•]\s+)?\d+\.\d+/mu
const BARE = /^(\d+)\s+/u
const HEADING = /^(#{1,6})\s+(.*?)\s*#*$/u
const BLANK_TAB = 4

/** A line as it was read; `parts` is how many parts its code had. */
interface ReadLine extends DraftLine {
  readonly parts: number
}

/**
 * Depths follow from how far lines are indented among themselves, so tabs, two, three or four blanks
 * all work, mixed as well (a tab reaches the next multiple of four). `asNotation`: lines that hold the
 * draft's own notation keep it; otherwise names are taken as they stand.
 */
export function readOutline(text: string, { asNotation = true } = {}): DraftLine[] {
  const lines: ReadLine[] = []
  const codePattern = CODES.test(text) ? [CODE, BARE] : [CODE]
  /** Columns of the lines above that are still open, the outermost first. */
  let open: { column: number; depth: number }[] = []
  let under = 0
  for (const raw of text.replace(/^\uFEFF/, '').split(/\r\n?|\n/u)) {
    if (raw.trim() === '' || /^\s*(?:```|---+\s*$|===+\s*$)/.test(raw)) continue
    const heading = HEADING.exec(raw)
    if (heading && !isNumber(raw)) {
      under = (heading[1] ?? '#').length
      open = []
      lines.push(lineOf(heading[2] ?? '', under - 1, asNotation, codePattern))
      continue
    }
    const column = columnOf(raw)
    while ((open.at(-1)?.column ?? -1) > column) open.pop()
    const last = open.at(-1)
    const depth = last === undefined ? under : last.column === column ? last.depth : last.depth + 1
    if (last?.column !== column) open.push({ column, depth })
    lines.push(lineOf(raw.trim().replace(BULLET, ''), depth, asNotation, codePattern))
  }
  return byCodes(levelled(lines)).map(({ folderId, depth, text: written }) => ({ folderId, depth, text: written }))
}

/** "#30 Name" and "#- Name" are the draft's notation; "# Name" is a heading. */
function isNumber(raw: string): boolean {
  return /^#(?:-|[\p{L}\p{N}]+)(?:\s|$)/u.test(raw)
}

function columnOf(raw: string): number {
  let column = 0
  for (const sign of raw) {
    if (sign === '\t') column = Math.floor(column / BLANK_TAB) * BLANK_TAB + BLANK_TAB
    else if (/\s/u.test(sign)) column++
    else break
  }
  return column
}

function lineOf(text: string, depth: number, asNotation: boolean, patterns: readonly RegExp[]): ReadLine {
  const strong = text.replace(/^(\*\*|__)(.+)\1$/u, '$2')
  const code = patterns.map(pattern => pattern.exec(strong)).find(found => found !== null) ?? null
  const rest = code ? strong.slice(code[0].length) : strong
  const parsed = parseLine(rest)
  const facts = asNotation
    ? { ...parsed, name: parsed.name.replace(parsed.name.endsWith(']') ? /^\\(?=[\dA-Z])/u : /^\\(?=[\dA-Z[])/u, '') }
    : { ...parseLine(''), name: escapeName(rest.trim()) }
  const number = code ? Number(/(\d+)[.)-]*$/u.exec(code[1] ?? '')?.[1] ?? Number.NaN) : Number.NaN
  const numbered =
    Number.isInteger(number) &&
    number <= NUMBER_LIMIT &&
    facts.number === null &&
    facts.label === null &&
    facts.numbered
  return {
    folderId: null,
    depth,
    parts: (code?.[1] ?? '').split(/[.)-]/u).filter(part => part !== '').length,
    text: writeLine(numbered ? { ...facts, number } : facts),
  }
}

/** A flat list whose codes have different lengths is indented by its codes. */
function byCodes(lines: readonly ReadLine[]): ReadLine[] {
  if (lines.some(line => line.depth > 0) || lines.every(line => line.parts <= 1)) return [...lines]
  let under = 0
  return levelled(
    lines.map(line => {
      under = line.parts > 0 ? line.parts : under
      return { ...line, depth: line.parts > 0 ? line.parts - 1 : under }
    }),
  )
}

/** Lines as text: one tab for each step. */
export function outlineText(lines: readonly DraftLine[]): string {
  return lines.map(line => '\t'.repeat(line.depth) + line.text).join('\n')
}

/** Text of a draft, line by line, blank ones included; `folderIds` says which line stands for which folder. */
export function linesOf(text: string, folderIds: readonly DraftLine['folderId'][] = []): DraftLine[] {
  return text.split('\n').map((raw, index) => {
    const indent = /^\t*/.exec(raw)?.[0].length ?? 0
    return { folderId: folderIds[index] ?? null, depth: indent, text: raw.slice(indent) }
  })
}
