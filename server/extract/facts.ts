// Title and author as documents carry them beside their text: Dublin Core in Office Open XML (ECMA-376, part 2),
// OpenDocument and EPUB; the title of a web page.

import { readPlain } from './plain'
import { xmlText } from './xmlText'
import { unpack } from './zip'

export interface Facts {
  readonly title: string
  readonly author: string
}

export const NO_FACTS: Facts = { title: '', author: '' }
const LONGEST = 300

/** Drawn together and cut; what only names a program or a file that was never named counts as nothing. */
export function tidyFacts(title: unknown, author: unknown): Facts {
  const tidy = (value: unknown) =>
    typeof value === 'string' ? value.replaceAll('\0', '').replace(/\s+/g, ' ').trim().slice(0, LONGEST) : ''
  return {
    title: /^(untitled|unbenannt|sans titre|sin título|microsoft word - .*|document\d*)$/i.test(tidy(title))
      ? ''
      : tidy(title),
    author: tidy(author),
  }
}

/** From the entry of a container that holds Dublin Core elements. */
export async function factsInContainer(bytes: Uint8Array, entry: RegExp): Promise<Facts> {
  for (const [, content] of await unpack(bytes, name => entry.test(name))) {
    const said = (name: string) => xmlText(content, { inside: new Set([name]), blocks: new Set([name]) }).split('\n')[0]
    return tidyFacts(said('title'), said('creator') || said('initial-creator'))
  }
  return NO_FACTS
}

export function factsInHtml(bytes: Uint8Array): Facts {
  const text = readPlain(bytes)
  return tidyFacts(
    /<title[^>]*>([^<]*)<\/title>/i.exec(text)?.[1],
    /<meta\s+name=["']author["']\s+content=["']([^"']*)["']/i.exec(text)?.[1],
  )
}

/** From the first lines of a message as readMessage writes them. */
export function factsInMail(text: string): Facts {
  return tidyFacts(text.split('\n', 1)[0], /^From: (.*)$/m.exec(text)?.[1])
}
