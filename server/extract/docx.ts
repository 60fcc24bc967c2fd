// Text documents of Office Open XML: the body, then notes, comments, headers and footers, charts and diagrams.

import { hangingParts, mainPart, ooxmlText } from './ooxml'
import { Unreadable } from './outcome'
import type { Part } from './parts'
import { textParts } from './parts'
import { unpack } from './zip'

export async function readDocx(bytes: Uint8Array): Promise<Part[]> {
  const parts = await unpack(bytes, name => /\.(xml|rels)$/.test(name))
  const main = mainPart(parts) ?? 'word/document.xml'
  const body = parts.get(main)
  if (!body) throw new Unreadable('It is named DOCX but holds no such document.')
  // All headers are one part, all comments another.
  const texts = new Map<Part['kind'], string[]>()
  for (const { kind, body: text } of hangingParts(parts, main)) texts.set(kind, [...(texts.get(kind) ?? []), text])
  const named = [...texts].flatMap(([kind, some]) => textParts(some.join('\n\n'), kind))
  // Notes come right behind the text, as they are shown.
  const isNote = ({ kind }: Part) => kind === 'footnotes' || kind === 'endnotes'
  return [...textParts(ooxmlText(body)), ...named.filter(isNote), ...named.filter(one => !isNote(one))]
}
