// What documents of Office Open XML (ECMA-376, part 1) share: runs of text (w:t, a:t, m:t), what is skipped, the parts
// that hang on others.

import { posix } from 'node:path'
import type { PartKind } from '../../core/text/index'
import type { Part } from './parts'
import { part } from './parts'
import type { Attributes, TextRules } from './xmlText'
import { walkXml, xmlText } from './xmlText'

export type Parts = ReadonlyMap<string, Buffer>

const SPACES: Readonly<Record<string, string>> = { tab: '\t', ptab: '\t', br: '\n', cr: '\n', noBreakHyphen: '-' }

/** Alternative texts stand in attributes; so do the choices of a form field. */
function stands(name: string, attributes: Attributes): string | undefined {
  if (name === 'docPr' || name === 'cNvPr') return lines(attributes.title, attributes.descr)
  if (name === 'listEntry' || name === 'listItem') return lines(attributes.displayText ?? attributes.val)
  return SPACES[name]
}

function lines(...texts: readonly (string | undefined)[]): string | undefined {
  const given = texts.filter(text => text !== undefined && text !== '')
  return given.length === 0 ? undefined : `${given.join('\n')}\n`
}

const RULES: TextRules = {
  inside: new Set(['t']),
  blocks: new Set(['p', 'tr']),
  cells: new Set(['tc']),
  // What was struck or moved away, codes of fields, formats, and the second writing of what older programs cannot show.
  skipped: new Set(['del', 'moveFrom', 'delText', 'instrText', 'pPr', 'rPr', 'Fallback', 'rPh']),
  stands,
}
// Titles, axes and the names of series and categories; their values are in the table they are drawn from.
const CHART: TextRules = {
  ...RULES,
  inside: new Set(['t', 'v']),
  blocks: new Set(['p', 'pt']),
  skipped: new Set(['val', 'yVal', 'xVal', 'bubbleSize', 'rPr', 'pPr']),
}

export function ooxmlText(xml: Uint8Array): string {
  return xmlText(xml, RULES)
}

function chartText(xml: Uint8Array): string {
  return xmlText(xml, CHART)
}

/** Where the relations of a part lead, by their ids; absolute names within the package. */
export function relationsOf(
  parts: Parts,
  name: string,
): Map<string, { readonly type: string; readonly target: string }> {
  const [folder, file] = [name.slice(0, name.lastIndexOf('/') + 1), name.slice(name.lastIndexOf('/') + 1)]
  const relations = parts.get(`${folder}_rels/${file}.rels`)
  const found = new Map<string, { type: string; target: string }>()
  if (!relations) return found
  walkXml(relations, {
    open: (tag, { Id = '', Type = '', Target = '', TargetMode }) => {
      if (tag !== 'Relationship' || TargetMode === 'External') return
      found.set(Id, { type: Type.slice(Type.lastIndexOf('/') + 1), target: resolved(folder, Target) })
    },
  })
  return found
}

function resolved(folder: string, target: string): string {
  return posix.resolve(`/${folder}`, target).slice(1)
}

const HANGING: Readonly<Record<string, readonly [PartKind, (xml: Uint8Array) => string]>> = {
  chart: ['chart', chartText],
  chartEx: ['chart', chartText],
  diagramData: ['diagram', ooxmlText],
  comments: ['comments', ooxmlText],
  drawing: ['drawing', ooxmlText],
  footnotes: ['footnotes', ooxmlText],
  endnotes: ['endnotes', ooxmlText],
  header: ['header', ooxmlText],
  footer: ['header', ooxmlText],
  notesSlide: ['notes', ooxmlText],
}

/** The texts of all parts that hang on this one, each once, and on those: charts, diagrams, notes, comments. */
export function hangingParts(parts: Parts, name: string, seen = new Set([name])): Part[] {
  return [...relationsOf(parts, name).values()].flatMap(({ type, target }) => {
    const [hanging, xml] = [HANGING[type], parts.get(target)]
    if (!hanging || !xml || seen.has(target)) return []
    seen.add(target)
    const [kind, read] = hanging
    return [part(kind, '', read(xml)), ...hangingParts(parts, target, seen)].filter(({ body }) => body !== '')
  })
}

/** The main part of the package, by its relation. */
export function mainPart(parts: Parts): string | undefined {
  return [...relationsOf(parts, '').values()].find(({ type }) => type === 'officeDocument')?.target
}
