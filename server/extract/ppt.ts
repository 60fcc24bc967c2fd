// Slides of programs before 2007 ([MS-PPT]): records in a stream; texts stand in three kinds of them. The document's
// own lists of texts come first, with the placeholders of each slide; notes and drawn texts stand with their slide.

import { openCompoundFile } from './compoundFile'
import { PROTECTED, Unreadable } from './outcome'
import type { Part } from './parts'
import { part } from './parts'

const KIND = {
  slide: 1006,
  notes: 1008,
  mainMaster: 1016,
  slideList: 4080,
  persistAtom: 1011,
  chars: 4000,
  bytes: 4008,
  headersFooters: 4057,
  string: 4026,
  placeholder: 3011,
  shape: 0xf004,
  options: 0xf00b,
  encryption: 12052,
} as const
const LISTS = { slides: 0, masters: 1, notes: 2 } as const // the instance of a list says for what it is
const DECORATED_TEXT = 0x00c0 // of the options of a shape ([MS-ODRAW] 2.3.22.1)
const HAS_MORE = 0x8000

interface PptRecord {
  readonly kind: number
  readonly instance: number
  readonly isContainer: boolean
  readonly begin: number
  readonly end: number
}

export function readPpt(bytes: Uint8Array): Part[] {
  const file = openCompoundFile(bytes, 'PPT')
  const stream = file.stream('PP97_DUALSTORAGE/PowerPoint Document', 'PowerPoint Document')
  if (!stream) throw new Unreadable('It is named PPT but holds no slides.')
  const slides = new Slides(stream)
  slides.walk(0, stream.length, 0)
  return slides.pages()
}

class Slides {
  /** Texts of the document's list, by slide. */
  private readonly listed: string[][] = []
  /** Texts that stand with the slide itself. */
  private readonly drawn: string[][] = []
  private readonly notes: string[] = []
  /** What masters say on every slide. */
  private readonly masters: string[] = []
  private list: number | null = null
  private inMaster = false

  constructor(private readonly stream: Buffer) {}

  walk(from: number, to: number, within: number): void {
    for (const record of this.records(from, to)) this.take(record, within)
  }

  pages(): Part[] {
    const count = Math.max(this.listed.length, this.drawn.length)
    const slides = Array.from({ length: count }, (_, index) => [
      ...(this.listed[index] ?? []),
      ...(this.drawn[index] ?? []),
      ...(index === 0 ? this.masters : []),
    ])
    const joined = (texts: readonly string[]) => [...new Set(texts)].join('\n')
    return [
      ...slides.map((texts, index) => part('slide', String(index + 1), joined(texts))),
      ...(this.notes.length === 0 ? [] : [part('notes', '', joined(this.notes))]),
    ]
  }

  private *records(from: number, to: number): Generator<PptRecord> {
    for (let at = from; at + 8 <= to;) {
      const head = this.stream.readUInt16LE(at)
      const length = this.stream.readUInt32LE(at + 4)
      const begin = at + 8
      yield {
        kind: this.stream.readUInt16LE(at + 2),
        instance: head >> 4,
        isContainer: (head & 0xf) === 0xf,
        begin,
        end: Math.min(begin + length, to),
      }
      at = begin + length
    }
  }

  private take({ kind, instance, isContainer, begin, end }: PptRecord, within: number): void {
    if (kind === KIND.encryption) throw new Unreadable(PROTECTED)
    if (kind === KIND.slideList) this.takeList(instance, begin, end)
    else if (kind === KIND.persistAtom && within === KIND.slideList && this.list === LISTS.slides) this.listed.push([])
    else if (kind === KIND.chars || (kind === KIND.string && within === KIND.headersFooters))
      this.say(this.stream.toString('utf16le', begin, end))
    else if (kind === KIND.bytes) this.say(this.stream.toString('latin1', begin, end))
    else if (kind === KIND.options) this.say(decoratedText(this.stream.subarray(begin, end), instance))
    else if (kind === KIND.slide) {
      this.drawn.push([])
      this.walk(begin, end, kind)
    } else if (kind === KIND.notes) {
      const own: string[] = []
      this.drawn.push(own)
      this.walk(begin, end, kind)
      this.drawn.pop()
      this.notes.push(...own)
    } else if (kind === KIND.mainMaster) {
      this.inMaster = true
      this.walk(begin, end, kind)
      this.inMaster = false
    } else if (isContainer && !(kind === KIND.shape && this.inMaster && this.isPlaceholder(begin, end)))
      this.walk(begin, end, kind)
  }

  private takeList(instance: number, begin: number, end: number): void {
    if (instance === LISTS.masters) return
    this.list = instance
    this.walk(begin, end, KIND.slideList)
    this.list = null
  }

  /** A shape of a master that only offers to be filled in. */
  private isPlaceholder(from: number, to: number): boolean {
    for (const { kind, isContainer, begin, end } of this.records(from, to))
      if (kind === KIND.placeholder || (isContainer && this.isPlaceholder(begin, end))) return true
    return false
  }

  private say(text: string): void {
    const tidy = text.replaceAll('\r', '\n').replaceAll('\u000b', '\n').replaceAll('\0', '').trim()
    if (tidy === '' || tidy === '*') return
    if (this.inMaster) this.masters.push(tidy)
    else if (this.list === LISTS.slides) {
      if (this.listed.length === 0) this.listed.push([])
      this.listed.at(-1)?.push(tidy)
    } else if (this.list === LISTS.notes) this.notes.push(tidy)
    else (this.drawn.at(-1) ?? this.masters).push(tidy)
  }
}

/**
 * The text of a shape that is drawn as letters. Options are a list of numbers and lengths; what does not fit there
 * follows in the same order.
 */
function decoratedText(options: Buffer, count: number): string {
  let at = count * 6
  for (let index = 0; index < count && index * 6 + 6 <= options.length; index++) {
    const [id, length] = [options.readUInt16LE(index * 6), options.readUInt32LE(index * 6 + 2)]
    if ((id & HAS_MORE) === 0) continue
    if ((id & 0x3fff) === DECORATED_TEXT) return options.toString('utf16le', at, at + length)
    at += length
  }
  return ''
}
