// Slides of Office Open XML, in their order, each with its notes, charts, diagrams and comments.

import { hangingTexts, mainPart, ooxmlText, relationsOf } from './ooxml'
import type { Parts } from './ooxml'
import { Unreadable } from './outcome'
import { walkXml } from './xmlText'
import { unpack } from './zip'

export async function readPptx(bytes: Uint8Array): Promise<string[]> {
  const parts = await unpack(bytes, name => /\.(xml|rels)$/.test(name))
  const main = mainPart(parts) ?? 'ppt/presentation.xml'
  const presentation = parts.get(main)
  if (!presentation) return byNumber(parts)
  const relations = relationsOf(parts, main)
  const slides: string[] = []
  walkXml(presentation, {
    open: (tag, attributes) => {
      if (tag !== 'sldId') return
      // "id" is twice there: the slide's own, a number, and that of the relation.
      const target = Object.values(attributes)
        .map(value => relations.get(value)?.target)
        .find(name => name !== undefined)
      const xml = target === undefined ? undefined : parts.get(target)
      if (target !== undefined && xml) slides.push([ooxmlText(xml), ...hangingTexts(parts, target)].join('\n').trim())
    },
  })
  return slides
}

const SLIDE = /^ppt\/slides\/slide(\d+)\.xml$/

/** Of a damaged one: in the order of their names. */
function byNumber(parts: Parts): string[] {
  const names = [...parts.keys()].filter(name => SLIDE.test(name))
  if (names.length === 0) throw new Unreadable('It is named PPTX but holds no slides.')
  const numberOf = (name: string) => Number(SLIDE.exec(name)?.[1])
  return names
    .sort((a, b) => numberOf(a) - numberOf(b))
    .map(name => {
      const notes = parts.get(`ppt/notesSlides/notesSlide${numberOf(name)}.xml`)
      return [ooxmlText(parts.get(name) ?? Buffer.alloc(0)), notes ? ooxmlText(notes) : ''].join('\n').trim()
    })
}
