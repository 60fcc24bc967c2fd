// Text documents of Office Open XML: the body, then notes, comments, headers and footers, charts and diagrams.

import { hangingTexts, mainPart, ooxmlText } from './ooxml'
import { Unreadable } from './outcome'
import { unpack } from './zip'

export async function readDocx(bytes: Uint8Array): Promise<string> {
  const parts = await unpack(bytes, name => /\.(xml|rels)$/.test(name))
  const main = mainPart(parts) ?? 'word/document.xml'
  const body = parts.get(main)
  if (!body) throw new Unreadable('It is named DOCX but holds no such document.')
  return [ooxmlText(body), ...hangingTexts(parts, main)].join('\n\n')
}
