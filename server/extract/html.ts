import { convert } from 'html-to-text'
import { readPlain } from './plain'

export function readHtml(bytes: Uint8Array): string {
  return convert(readPlain(bytes), {
    wordwrap: false,
    limits: { maxInputLength: 20_000_000, maxDepth: 200, ellipsis: '' },
    selectors: [
      { selector: 'a', options: { ignoreHref: true } },
      { selector: 'img', format: 'skip' },
    ],
  })
}
