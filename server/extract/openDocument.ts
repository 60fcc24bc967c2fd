// OpenDocument 1.3, part 3: paragraphs and headings hold the text; three elements stand for white space.

import { PROTECTED, Unreadable } from './outcome'
import type { Node } from './xml'
import { find, parseXml, textOf } from './xml'
import { unpack } from './zip'

const SPACES: Readonly<Record<string, string>> = { 'text:s': ' ', 'text:tab': '\t', 'text:line-break': '\n' }
const BLOCKS = new Set(['text:p', 'text:h'])
const MANIFEST = 'META-INF/manifest.xml'

async function contentOf(bytes: Uint8Array, kind: string): Promise<readonly Node[]> {
  const parts = await unpack(bytes, name => name === 'content.xml' || name === MANIFEST)
  // OpenDocument 1.3, part 2, 4.3: what is encrypted is named in the manifest.
  if (parts.get(MANIFEST)?.includes('encryption-data')) throw new Unreadable(PROTECTED)
  const content = parts.get('content.xml')
  if (!content) throw new Unreadable(`It is named ${kind} but holds no such document.`)
  return parseXml(content)
}

export async function readOdt(bytes: Uint8Array): Promise<string> {
  return textOf(await contentOf(bytes, 'ODT'), BLOCKS, SPACES)
}

/** Each sheet with its name; cells with tabs between, rows in lines. */
export async function readOds(bytes: Uint8Array): Promise<string[]> {
  return find(await contentOf(bytes, 'ODS'), 'table:table').map(({ within, attributes }) =>
    [
      attributes['table:name'] ?? '',
      ...find(within, 'table:table-row')
        .map(row =>
          find(row.within, 'table:table-cell')
            .map(cell => textOf(cell.within, BLOCKS, SPACES).trim())
            .join('\t')
            .trimEnd(),
        )
        .filter(line => line !== ''),
    ].join('\n'),
  )
}

/** Each slide. */
export async function readOdp(bytes: Uint8Array): Promise<string[]> {
  return find(await contentOf(bytes, 'ODP'), 'draw:page').map(({ within }) => textOf(within, BLOCKS, SPACES).trim())
}
