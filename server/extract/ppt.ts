// Slides of programs before 2007 ([MS-PPT]): records in a stream; texts stand in three kinds of them. The document's
// own lists of texts come first, with the placeholders of each slide; notes and drawn texts stand with their slide.

import { openCompoundFile } from './compoundFile'
import { PROTECTED, Unreadable } from './outcome'

const KIND = {
  slide: 1006,
  notes: 1008,
  mainMaster: 1016,
  slideList: 4080,
  persistAtom: 1011,
  chars: 4000,
  bytes: 4008,
  encryption: 12052,
} as const
const MASTER_LISTS = 1 // the instance of a list says for what it is: 0 slides, 1 masters, 2 notes

export function readPpt(bytes: Uint8Array): string[] {
  const file = openCompoundFile(bytes, 'PPT')
  const stream = file.stream('PP97_DUALSTORAGE/PowerPoint Document', 'PowerPoint Document')
  if (!stream) throw new Unreadable('It is named PPT but holds no slides.')
  const pages: string[][] = []
  const drawn: string[][] = []
  const notes: string[] = []
  let inList = -1
  const take = (text: string) => {
    const tidy = text.replaceAll('\r', '\n').replaceAll('\u000b', '\n').replaceAll('\0', '').trim()
    if (tidy === '' || tidy === '*') return
    if (inList === 0) (pages.at(-1) ?? newPage()).push(tidy)
    else if (inList === 2) notes.push(tidy)
    else (drawn.at(-1) ?? notes).push(tidy)
  }
  const newPage = () => {
    const page: string[] = []
    pages.push(page)
    return page
  }
  const walk = (from: number, to: number, within: number) => {
    for (let at = from; at + 8 <= to;) {
      const [head, kind, length] = [stream.readUInt16LE(at), stream.readUInt16LE(at + 2), stream.readUInt32LE(at + 4)]
      const [begin, end] = [at + 8, Math.min(at + 8 + length, to)]
      if (kind === KIND.encryption) throw new Unreadable(PROTECTED)
      if (kind === KIND.slideList) {
        const instance = head >> 4
        if (instance !== MASTER_LISTS) {
          inList = instance
          walk(begin, end, kind)
          inList = -1
        }
      } else if (kind === KIND.persistAtom && within === KIND.slideList && inList === 0) newPage()
      else if (kind === KIND.chars) take(stream.toString('utf16le', begin, end))
      else if (kind === KIND.bytes) take(stream.toString('latin1', begin, end))
      else if (kind === KIND.slide) {
        drawn.push([])
        walk(begin, end, kind)
      } else if (kind === KIND.notes) {
        const own: string[] = []
        drawn.push(own)
        walk(begin, end, kind)
        drawn.pop()
        notes.push(...own)
      } else if (kind !== KIND.mainMaster && (head & 0xf) === 0xf) walk(begin, end, kind)
      at = begin + length
    }
  }
  walk(0, stream.length, 0)
  const slides = Array.from({ length: Math.max(pages.length, drawn.length) }, (_, index) =>
    [...new Set([...(pages[index] ?? []), ...(drawn[index] ?? [])])].join('\n'),
  )
  return notes.length === 0 ? slides : [...slides, [...new Set(notes)].join('\n')]
}
