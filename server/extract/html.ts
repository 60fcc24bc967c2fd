import { convert } from 'html-to-text'
import type { FormatCallback } from 'html-to-text'
import { readPlain } from './plain'

const alternative: FormatCallback = (element, _walk, builder) => {
  const attributes = element.attribs as Readonly<Record<string, string | undefined>>
  const text = attributes.alt ?? attributes.title ?? attributes['aria-label']
  if (text) builder.addInline(` ${text} `)
}

/** What a page shows, pictures by their alternative texts, and what it says of itself first. */
export function readHtml(bytes: Uint8Array): string {
  const source = readPlain(bytes)
  const text = convert(source, {
    wordwrap: false,
    limits: { maxInputLength: 20_000_000, maxDepth: 2000, ellipsis: '' },
    formatters: { alternative },
    selectors: [
      { selector: 'a', options: { ignoreHref: true } },
      { selector: 'img', format: 'alternative' },
      { selector: 'area', format: 'alternative' },
    ],
  })
  const said = saidOfItself(source).filter(line => line !== '' && !text.includes(line))
  return said.length === 0 ? text : `${said.join('\n')}\n\n${text}`
}

/** Title, description and keywords. */
function saidOfItself(source: string): string[] {
  const head = source.slice(0, 200_000)
  const metas = [...head.matchAll(/<meta\s[^>]*>/gi)]
    .map(([tag]) => ({ name: valueOf(tag, 'name').toLowerCase(), content: valueOf(tag, 'content') }))
    .filter(({ name }) => name === 'description' || name === 'keywords')
  return [/<title[^>]*>([^<]*)/i.exec(head)?.[1] ?? '', ...metas.map(({ content }) => content)].map(line =>
    convert(line, { wordwrap: false }).trim(),
  )
}

function valueOf(tag: string, attribute: string): string {
  const [, doubled, single] = new RegExp(`\\s${attribute}\\s*=\\s*(?:"([^"]*)"|'([^']*)')`, 'i').exec(tag) ?? []
  return doubled ?? single ?? ''
}
