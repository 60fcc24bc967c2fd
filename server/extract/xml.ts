// XML as a list of nodes in order, and its text.

import { XMLParser } from 'fast-xml-parser'
import { Unreadable } from './outcome'

export type Node = Readonly<Record<string, unknown>>

export function parseXml(bytes: Buffer): readonly Node[] {
  const parser = new XMLParser({
    preserveOrder: true,
    trimValues: false,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: true,
  })
  try {
    return parser.parse(bytes.toString('utf8')) as Node[]
  } catch {
    throw new Unreadable('A part of it is damaged. Open it where it was made and save it again.') // the parser's own words help nobody
  }
}

/**
 * The text of the nodes: each of `blocks` ends a line, `spaces` stand for white space, and where `inside` is given only
 * its text counts.
 */
export function textOf(
  nodes: readonly Node[],
  blocks: ReadonlySet<string>,
  spaces: Readonly<Record<string, string>> = {},
  inside: string | null = null,
): string {
  let text = ''
  for (const node of nodes) {
    for (const [tag, within] of Object.entries(node)) {
      if (tag === '#text') text += inside === null ? String(within).replace(/\s+/g, ' ') : ''
      else if (tag in spaces) text += spaces[tag]
      else if (Array.isArray(within))
        text += textOf(within as Node[], blocks, spaces, tag === inside ? null : inside) + (blocks.has(tag) ? '\n' : '')
    }
  }
  return text
}

/** All nodes of this tag, however deep, with what is in them and their attributes. */
export function find(
  nodes: readonly Node[],
  tag: string,
): { readonly within: readonly Node[]; readonly attributes: Readonly<Record<string, string>> }[] {
  const found: { within: readonly Node[]; attributes: Readonly<Record<string, string>> }[] = []
  for (const node of nodes) {
    for (const [name, within] of Object.entries(node)) {
      if (!Array.isArray(within)) continue
      if (name === tag)
        found.push({ within: within as Node[], attributes: (node[':@'] ?? {}) as Record<string, string> })
      else found.push(...find(within as Node[], tag))
    }
  }
  return found
}
