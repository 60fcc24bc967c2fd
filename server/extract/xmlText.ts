// The text of an XML part, read as it comes (SAX): no tree is built, so neither depth nor length is limited, and what
// stands before a damaged place is kept.

import { SaxesParser } from 'saxes'

type Names = ReadonlySet<string>
export type Attributes = Readonly<Record<string, string>>

/** Elements are told by their local names: programs write the same ones under different prefixes. */
export interface TextRules {
  /** Only text right in these counts. */
  readonly inside: Names
  /** They end a line. */
  readonly blocks: Names
  /** They end a cell. */
  readonly cells?: Names
  /** They end a line within a cell. */
  readonly gaps?: Names
  /** Where given, only what stands in these counts at all. */
  readonly within?: Names
  /** Nothing in them is text of the document. */
  readonly skipped?: Names
  /** What an element itself stands for: white space, a sign, an alternative text. */
  readonly stands?: (name: string, attributes: Attributes) => string | undefined
}

function localName(name: string): string {
  return name.slice(name.indexOf(':') + 1)
}

/** Attributes by their local names. */
function localAttributes(attributes: Attributes): Attributes {
  return Object.fromEntries(Object.entries(attributes).map(([name, value]) => [localName(name), value]))
}

/** Calls back with local names; `text` gets what stands between tags. Damage ends nothing. */
export function walkXml(
  xml: Uint8Array | string,
  on: {
    readonly open?: (name: string, attributes: Attributes) => void
    readonly close?: (name: string) => void
    readonly text?: (text: string) => void
  },
): void {
  const parser = new SaxesParser()
  parser.on('error', () => undefined) // damaged: what can be read is read
  parser.on('opentag', ({ name, attributes }) => on.open?.(localName(name), localAttributes(attributes)))
  parser.on('closetag', ({ name }) => on.close?.(localName(name)))
  parser.on('text', text => on.text?.(text))
  parser.on('cdata', text => on.text?.(text))
  parser.write(typeof xml === 'string' ? xml : decodeXml(xml)).close()
}

/** By its byte order mark, else UTF-8. */
function decodeXml(bytes: Uint8Array): string {
  const [first, second] = bytes
  const encoding =
    first === 0xff && second === 0xfe ? 'utf-16le' : first === 0xfe && second === 0xff ? 'utf-16be' : 'utf-8'
  return new TextDecoder(encoding).decode(bytes)
}

export function xmlText(xml: Uint8Array | string, rules: TextRules): string {
  const parts: string[] = []
  let [skipping, inside, within] = [0, 0, rules.within ? 0 : 1]
  walkXml(xml, {
    open: (name, attributes) => {
      if (skipping > 0 || rules.skipped?.has(name)) skipping++
      else {
        if (rules.within?.has(name)) within++
        if (rules.inside.has(name)) inside++
        const stands = rules.stands?.(name, attributes)
        if (stands !== undefined && within > 0) parts.push(stands)
      }
    },
    close: name => {
      if (skipping > 0) skipping--
      else {
        if (rules.within?.has(name)) within--
        if (rules.inside.has(name)) inside--
        if (within === 0) return
        if (rules.blocks.has(name)) parts.push('\n')
        else if (rules.cells?.has(name)) parts.push('\t')
        else if (rules.gaps?.has(name)) parts.push(' ')
      }
    },
    text: text => {
      if (skipping === 0 && inside > 0 && within > 0) parts.push(text)
    },
  })
  return tidyLines(parts.join(''))
}

/** No white space at the ends of lines, and one empty line at most. */
export function tidyLines(text: string): string {
  return text
    .replace(/ +(?=\t)/g, '')
    .replace(/[^\S\n]+\n/g, '\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()
}
