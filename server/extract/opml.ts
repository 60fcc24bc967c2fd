// Outlines (OPML 2.0): the text of each line, with what else it says.

import { Unreadable } from './outcome'
import { walkXml } from './xmlText'

export function readOpml(bytes: Uint8Array): string {
  const lines: string[] = []
  let [isOutline, depth, inTitle] = [false, 0, false]
  walkXml(bytes, {
    open: (name, { text, title, _note, description, url, htmlUrl }) => {
      if (name === 'opml') isOutline = true
      else if (name === 'title') inTitle = true
      else if (name === 'outline') {
        const said = [text ?? title, _note, description, url ?? htmlUrl].filter(one => one !== undefined && one !== '')
        lines.push(`${'\t'.repeat(depth++)}${said.join(' ')}`)
      }
    },
    close: name => {
      if (name === 'outline') depth--
      else if (name === 'title') inTitle = false
    },
    text: text => {
      if (inTitle) lines.push(text)
    },
  })
  if (!isOutline) throw new Unreadable('It is named OPML but holds no outline.')
  return lines.join('\n')
}
