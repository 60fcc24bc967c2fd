// Slides of Office Open XML (ECMA-376, part 1): runs of text stand in a:t, paragraphs in a:p.

import { Unreadable } from './outcome'
import { parseXml, textOf } from './xml'
import { unpack } from './zip'

const BLOCKS = new Set(['a:p'])
const NUMBER = /^ppt\/(slides|notesSlides)\/(?:slide|notesSlide)(\d+)\.xml$/

/** Each slide with its notes. */
export async function readPptx(bytes: Uint8Array): Promise<string[]> {
  const parts = await unpack(bytes, name => NUMBER.test(name))
  const slides = new Map<number, string[]>()
  for (const [name, content] of [...parts].sort(
    ([a], [b]) => (a.startsWith('ppt/slides') ? -1 : 1) - (b.startsWith('ppt/slides') ? -1 : 1),
  )) {
    const number = Number(NUMBER.exec(name)?.[2])
    const text = textOf(parseXml(content), BLOCKS, { 'a:br': '\n', 'a:tab': '\t' }, 'a:t')
      .replace(/\n{2,}/g, '\n')
      .trim()
    slides.set(number, [...(slides.get(number) ?? []), ...(text === '' ? [] : [text])])
  }
  if (slides.size === 0) throw new Unreadable('It is named PPTX but holds no slides.')
  return [...slides].sort(([a], [b]) => a - b).map(([, texts]) => texts.join('\n'))
}
