import { XMLParser } from 'fast-xml-parser'
import { Unreadable } from './outcome'
import { unpack } from './zip'

// OpenDocument 1.3, part 3: paragraphs and headings hold the text; these three stand for white space.
const SPACES: Readonly<Record<string, string>> = { 'text:s': ' ', 'text:tab': '\t', 'text:line-break': '\n' }
const BLOCKS = new Set(['text:p', 'text:h'])

type Node = Readonly<Record<string, unknown>>

export async function readOdt(bytes: Uint8Array): Promise<string> {
  const content = (await unpack(bytes, name => name === 'content.xml')).get('content.xml')
  if (!content) throw new Unreadable('It is named ODT but holds no such document.')
  const parser = new XMLParser({ preserveOrder: true, trimValues: false, ignoreAttributes: true, processEntities: true })
  let nodes: Node[]
  try {
    nodes = parser.parse(content.toString('utf8')) as Node[]
  }
  catch {
    throw new Unreadable('It is a damaged ODT. Open it where it was made and save it again.') // the parser's own words help nobody
  }
  return textOf(nodes)
}

function textOf(nodes: readonly Node[]): string {
  let text = ''
  for (const node of nodes) {
    for (const [tag, inside] of Object.entries(node)) {
      if (tag === '#text') text += String(inside).replace(/\s+/g, ' ')
      else if (tag in SPACES) text += SPACES[tag]
      else if (Array.isArray(inside)) text += BLOCKS.has(tag) ? `${textOf(inside as Node[])}\n` : textOf(inside as Node[])
    }
  }
  return text
}
