// Books (EPUB 3.3): the package document names the parts and the order in which they are read.

import { posix } from 'node:path'
import { readHtml } from './html'
import { Unreadable } from './outcome'
import type { Part } from './parts'
import { textParts } from './parts'
import type { Attributes } from './xmlText'
import { walkXml } from './xmlText'
import { unpack } from './zip'

export async function readEpub(bytes: Uint8Array): Promise<Part[]> {
  const files = await unpack(bytes, name => /\.(opf|x?html?|xml)$/i.test(name))
  const container = files.get('META-INF/container.xml')
  const path = container ? elements(container, 'rootfile')[0]?.['full-path'] : undefined
  const book = path === undefined ? undefined : files.get(path)
  if (path === undefined || !book) throw new Unreadable('It is named EPUB but holds no book.')
  const parts = new Map(elements(book, 'item').map(({ id, href }) => [id, href]))
  return elements(book, 'itemref').flatMap(({ idref }) => {
    const href = parts.get(idref)
    const content = href === undefined ? undefined : files.get(posix.join(posix.dirname(path), decoded(href)))
    return content ? textParts(readHtml(content), 'chapter', headingOf(content)) : []
  })
}

/** What a chapter is called: its first heading, else the title of its page. */
function headingOf(content: Uint8Array): string {
  const source = new TextDecoder().decode(content)
  const [, heading] = /<h[1-3][^>]*>([\s\S]{1,2000}?)<\/h[1-3]>/i.exec(source) ?? []
  const [, title] = /<title[^>]*>([^<]{1,500})/i.exec(source) ?? []
  return readHtml(Buffer.from(heading ?? title ?? ''))
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 200)
}

/** The attributes of all elements of this name, in their order. */
function elements(xml: Uint8Array, name: string): Attributes[] {
  const found: Attributes[] = []
  walkXml(xml, {
    open: (tag, attributes) => {
      if (tag === name) found.push(attributes)
    },
  })
  return found
}

function decoded(href: string): string {
  try {
    return decodeURIComponent(href)
  } catch {
    return href // a "%" that stands for itself
  }
}
