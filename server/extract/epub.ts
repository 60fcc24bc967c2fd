// Books (EPUB 3.3): the package document names the parts and the order in which they are read.

import { posix } from 'node:path'
import { readHtml } from './html'
import { Unreadable } from './outcome'
import { find, parseXml } from './xml'
import { unpack } from './zip'

export async function readEpub(bytes: Uint8Array): Promise<string> {
  const files = await unpack(bytes, name => /\.(opf|x?html?|xml)$/i.test(name))
  const container = files.get('META-INF/container.xml')
  const path = container ? find(parseXml(container), 'rootfile')[0]?.attributes['full-path'] : undefined
  const book = path === undefined ? undefined : files.get(path)
  if (path === undefined || !book) throw new Unreadable('It is named EPUB but holds no book.')
  const nodes = parseXml(book)
  const parts = new Map(find(nodes, 'item').map(({ attributes }) => [attributes.id, attributes.href]))
  return find(nodes, 'itemref')
    .flatMap(({ attributes }) => {
      const href = parts.get(attributes.idref)
      const content =
        href === undefined ? undefined : files.get(posix.join(posix.dirname(path), decodeURIComponent(href)))
      return content ? [readHtml(content)] : []
    })
    .join('\n\n')
}
