// OPML 2.0 (opml.org/spec2.opml): an outline as nested elements. Beside `text`, folders carry their
// number, meaning and purpose in attributes of those names, which the standard allows.

import { SaxesParser } from 'saxes'
import type { OutlineNode } from './outlineNode'

const escape = (text: string) =>
  text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;')
    .replace(/[\t\n\r]/g, sign => `&#${sign.charCodeAt(0)};`)

/** Nodes come in the order of the outline, with their depth from 0. */
export function writeOpml(title: string, nodes: readonly OutlineNode[]): string {
  const parts = [
    `<?xml version="1.0" encoding="UTF-8"?>\n<opml ` +
      `version="2.0">\n<head><title>${escape(title)}</title></head>\n<body>\n`,
  ]
  nodes.forEach((node, index) => {
    const next = nodes[index + 1]?.depth ?? 0
    const attributes = [
      ['text', node.name],
      ['number', node.number === null ? null : String(node.number)],
      ['label', node.label],
      ['unnumbered', node.numbered ? null : 'true'],
      ['meaning', node.meaning],
      ['purpose', node.purpose === '' ? null : node.purpose],
    ]
      .filter((pair): pair is [string, string] => pair[1] !== null)
      .map(([name, value]) => ` ${name}="${escape(value)}"`)
      .join('')
    const indent = '  '.repeat(Math.min(node.depth, 40))
    if (next > node.depth) parts.push(`${indent}<outline${attributes}>\n`)
    else {
      parts.push(`${indent}<outline${attributes}/>\n`)
      for (let depth = node.depth; depth > next; depth--)
        parts.push(`${'  '.repeat(Math.min(depth - 1, 40))}</outline>\n`)
    }
  })
  return `${parts.join('')}</body>\n</opml>\n`
}

/** The nodes of an OPML file; null when it is none. Entities other than XML's own are not resolved. */
export function readOpml(text: string): OutlineNode[] | null {
  const parser = new SaxesParser()
  const nodes: OutlineNode[] = []
  let depth = 0
  const found = { isOpml: false, isBroken: false }
  parser.on('opentag', ({ name, attributes }) => {
    if (name.toLowerCase() === 'opml') found.isOpml = true
    if (name.toLowerCase() !== 'outline') return
    const given = attributes as Readonly<Record<string, string | undefined>>
    const number = Number(given.number)
    nodes.push({
      depth: depth++,
      name: (given.text ?? given.title ?? '').replace(/\s+/gu, ' ').trim(),
      number: given.number !== undefined && Number.isInteger(number) && number >= 0 && number <= 9999 ? number : null,
      label: given.label ?? null,
      numbered: given.unnumbered !== 'true',
      meaning: given.meaning ?? null,
      purpose: given.purpose ?? '',
    })
  })
  parser.on('closetag', ({ name }) => {
    if (name.toLowerCase() === 'outline') depth--
  })
  parser.on('error', () => {
    found.isBroken = true
  })
  parser.write(text.replace(/^\uFEFF/, '')).close()
  return found.isOpml && !found.isBroken ? nodes.filter(node => node.name !== '') : null
}
