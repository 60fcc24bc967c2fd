// Drafts from files and for files: OPML, listings, outlines.

import { readCsv, readOpml } from '../formats/index'
import type { OutlineNode } from '../formats/index'
import { naturalOrder, NUMBER_LIMIT } from '../numbering/index'
import { checkName } from '../plan/index'
import type { DraftLine } from './grow'
import { levelled } from './grow'
import { escapeName, parseLine, plain, writeLine } from './line'
import { readOutline } from './outline'

export type ReadFile =
  { readonly ok: true; readonly lines: readonly DraftLine[] } | { readonly ok: false; readonly why: string }

/** The lines of a file by what it is: .opml and .xml, .csv and .tsv, anything else as an outline of text. */
export function linesOfFile(fileName: string, text: string): ReadFile {
  if (/\.(opml|xml)$/i.test(fileName)) {
    const nodes = readOpml(text)
    return nodes
      ? { ok: true, lines: linesOfNodes(nodes) }
      : { ok: false, why: `“${fileName}” is not a sound OPML file. Save it again as OPML, or paste it as an outline.` }
  }
  const lines = /\.(csv|tsv)$/i.test(fileName) ? linesOfTable(readCsv(text)) : readOutline(text)
  return lines.length > 0 ? { ok: true, lines } : { ok: false, why: `There is no folder in “${fileName}”.` }
}

export function linesOfNodes(nodes: readonly OutlineNode[]): DraftLine[] {
  return nodes.map(({ depth, name, ...facts }) => ({
    folderId: null,
    depth,
    text: writeLine({ ...facts, name: escapeName(name) }),
  }))
}

/** Lines as nodes; lines with patterns keep them as they are written. */
export function nodesOfLines(lines: readonly DraftLine[]): OutlineNode[] {
  return lines
    .filter(line => line.text.trim() !== '')
    .map(line => {
      const facts = parseLine(line.text)
      return { ...facts, depth: line.depth, name: plain(facts.name) }
    })
}

const HEADS = {
  path: /^(path|place|folder path)$/i,
  name: /^(name|folder|title|text)$/i,
  code: /^(code|number|no\.?)$/i,
  level: /^(level|depth)$/i,
  meaning: /^(meaning|colour|color)$/i,
  purpose: /^(purpose|note|description)$/i,
}

/**
 * With a head of known columns a row is a folder, placed by its path, level or code; without one each column is a
 * level.
 */
function linesOfTable(rows: readonly (readonly string[])[]): DraftLine[] {
  const [head = [], ...body] = rows
  const column = Object.fromEntries(
    Object.entries(HEADS).map(([key, pattern]) => [key, head.findIndex(cell => pattern.test(cell.trim()))]),
  ) as Record<keyof typeof HEADS, number>
  if (column.name < 0 && column.path < 0) return linesOfCells(rows)
  const lines: DraftLine[] = []
  let above: string[] = []
  for (const row of body) {
    const cell = (key: keyof typeof HEADS) => (column[key] < 0 ? '' : (row[column[key]] ?? '').trim())
    const steps = cell('path')
      .split(/\s*[/\\>›]\s*/u)
      .filter(step => step !== '')
    const name = cell('name') === '' ? (steps.at(-1) ?? '') : cell('name')
    if (name === '') continue
    const parents = steps.at(-1) === name ? steps.slice(0, -1) : steps
    const parts = cell('code')
      .split(/[.\-/]/u)
      .filter(part => part !== '')
    const depth =
      column.path >= 0
        ? parents.length
        : cell('level') === ''
          ? Math.max(0, parts.length - 1)
          : Math.max(0, Number(cell('level')) - 1)
    if (column.path >= 0) {
      const shared = parents.findIndex((step, index) => above[index] !== step)
      for (let at = shared < 0 ? parents.length : shared; at < parents.length; at++)
        lines.push({ folderId: null, depth: at, text: escapeName(parents[at] ?? '') })
      above = [...parents, name]
    }
    const own = parts.at(-1) ?? ''
    const number = /^\d+$/.test(own) && Number(own) <= NUMBER_LIMIT ? Number(own) : null
    lines.push({
      folderId: null,
      depth: Number.isFinite(depth) ? depth : 0,
      text: writeLine({
        name: escapeName(name),
        number,
        label: null,
        numbered: true,
        meaning: cell('meaning') || null,
        purpose: cell('purpose'),
      }),
    })
  }
  return levelled(lines)
}

function linesOfCells(rows: readonly (readonly string[])[]): DraftLine[] {
  const lines: DraftLine[] = []
  let above: string[] = []
  for (const row of rows) {
    row.forEach((value, depth) => {
      const name = value.trim()
      if (name === '' || (above[depth] === name && row.slice(depth + 1).some(later => later.trim() !== ''))) return
      lines.push({ folderId: null, depth, text: escapeName(name) })
      above = [...above.slice(0, depth), name]
    })
  }
  return levelled(lines)
}

/** The path of names of a file's folder as a draft reads it: "Photos/2026" of "Photos/2026/May.jpg". */
export function folderOfPath(path: string): string {
  return stepsOf(path).join('/')
}

function stepsOf(path: string): string[] {
  return path
    .split('/')
    .filter(step => step !== '')
    .slice(0, -1)
    .map(step => {
      const checked = checkName(step)
      return checked.ok ? checked.name : step
    })
}

/** The folders of paths such as "Photos/2026/May.jpg", each once, in natural order. */
export function linesOfPaths(paths: readonly string[]): DraftLine[] {
  const order = naturalOrder('en')
  const children = new Map<string, string[]>([['', []]])
  for (const path of paths) {
    const steps = stepsOf(path)
    steps.forEach((_, depth) => {
      const [parent, own] = [steps.slice(0, depth).join('/'), steps.slice(0, depth + 1).join('/')]
      if (children.has(own)) return
      children.set(own, [])
      children.get(parent)?.push(own)
    })
  }
  const lines: DraftLine[] = []
  const later = (parent: string) => [...(children.get(parent) ?? [])].sort((a, b) => order(b, a))
  const stack = later('')
  for (let own = stack.pop(); own !== undefined; own = stack.pop()) {
    const steps = own.split('/')
    lines.push({ folderId: null, depth: steps.length - 1, text: escapeName(steps.at(-1) ?? '') })
    stack.push(...later(own))
  }
  return lines
}

/** A Markdown list that readOutline gives back; a name that begins like a number is kept from being taken for one. */
export function markdownOf(lines: readonly DraftLine[]): string {
  return lines.map(line => `${'  '.repeat(line.depth)}- ${line.text.replace(/^(?=\d|[A-Z]\.\d|\[)/u, '\\')}\n`).join('')
}
