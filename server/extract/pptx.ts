// Slides of Office Open XML, in their order, each with its notes, charts, diagrams and comments.

import { hangingParts, mainPart, ooxmlText, relationsOf } from './ooxml'
import type { Parts } from './ooxml'
import { Unreadable } from './outcome'
import type { Part } from './parts'
import { part } from './parts'
import { walkXml } from './xmlText'
import { unpack } from './zip'

export async function readPptx(bytes: Uint8Array): Promise<Part[]> {
  const parts = await unpack(bytes, name => /\.(xml|rels)$/.test(name))
  const main = mainPart(parts) ?? 'ppt/presentation.xml'
  const presentation = parts.get(main)
  if (!presentation) return byNumber(parts)
  const relations = relationsOf(parts, main)
  const slides: Part[] = []
  let number = 0
  const masters = new Set<string>() // whose texts were taken already: they show on many slides
  walkXml(presentation, {
    open: (tag, attributes) => {
      if (tag !== 'sldId') return
      // "id" is twice there: the slide's own, a number, and that of the relation.
      const target = Object.values(attributes)
        .map(value => relations.get(value)?.target)
        .find(name => name !== undefined)
      const xml = target === undefined ? undefined : parts.get(target)
      if (target === undefined || !xml) return
      const [hanging, own] = [hangingParts(parts, target), String(++number)]
      const shown = hanging.filter(({ kind }) => kind !== 'notes').map(({ body }) => body)
      slides.push(
        part('slide', own, [ooxmlText(xml), ...shown, ...masterTexts(parts, target, masters)].join('\n').trim()),
        ...hanging.filter(({ kind }) => kind === 'notes').map(({ body }) => part('notes', own, body.trim())),
      )
    },
  })
  return slides
}

/** What layout and master of a slide say themselves, beside what they offer to be filled in. */
function masterTexts(parts: Parts, name: string, seen: Set<string>): string[] {
  return [...relationsOf(parts, name).values()].flatMap(({ type, target }) => {
    const xml = parts.get(target)
    if (!['slideLayout', 'slideMaster'].includes(type) || !xml || seen.has(target)) return []
    seen.add(target)
    return [fixedText(xml), ...(type === 'slideLayout' ? masterTexts(parts, target, seen) : [])].filter(
      text => text !== '',
    )
  })
}

function fixedText(xml: Uint8Array): string {
  let [isPlaceholder, inText, text] = [false, false, '']
  walkXml(xml, {
    open: tag => {
      if (tag === 'sp') isPlaceholder = false
      else if (tag === 'ph') isPlaceholder = true
      else if (tag === 't') inText = !isPlaceholder
    },
    text: part => {
      if (inText) text += part
    },
    close: tag => {
      if (tag === 't') inText = false
      else if (tag === 'p' && !isPlaceholder) text += '\n'
    },
  })
  return text.trim()
}

const SLIDE = /^ppt\/slides\/slide(\d+)\.xml$/

/** Of a damaged one: in the order of their names. */
function byNumber(parts: Parts): Part[] {
  const names = [...parts.keys()].filter(name => SLIDE.test(name))
  if (names.length === 0) throw new Unreadable('It is named PPTX but holds no slides.')
  const numberOf = (name: string) => Number(SLIDE.exec(name)?.[1])
  return names
    .sort((a, b) => numberOf(a) - numberOf(b))
    .flatMap((name, index) => {
      const [notes, own] = [parts.get(`ppt/notesSlides/notesSlide${numberOf(name)}.xml`), String(index + 1)]
      return [
        part('slide', own, ooxmlText(parts.get(name) ?? Buffer.alloc(0)).trim()),
        ...(notes ? [part('notes', own, ooxmlText(notes).trim())] : []),
      ]
    })
}
