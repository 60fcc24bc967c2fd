import { areForms, beginningsOf } from './forms'
import { isSign, wordsBeginning } from './words'

export interface Passage {
  readonly text: string
  /** Hits in `text`: first and one past the last UTF-16 unit, in order, not overlapping. */
  readonly marks: readonly (readonly [number, number])[]
}

/** What a hit is: a folded word in any of its forms, or (prefix) the beginning of one. */
export interface Term {
  readonly text: string
  readonly prefix: boolean
}

const REACH = 84
// A window is so many times the reach, and holds at most so many hits.
const [WINDOW, WINDOW_HITS] = [1.5, 80]

/**
 * The words around the spot where most of the sought words stand close together; null when none of
 * them is in the text. White space is drawn together.
 */
export function passageOf(text: string, terms: readonly Term[], reach = REACH): Passage | null {
  const flat = text.replace(/\s+/gu, ' ').trim()
  const hits = firstHits(flat, terms, reach)
  const best = densest(hits, reach)
  if (!best) return null
  const from = wordStart(flat, Math.max(0, best.from - reach / 2))
  const to = wordEnd(flat, Math.min(flat.length, Math.max(best.to, from + reach * 2)))
  const [lead, tail] = [from > 0 ? '… ' : '', to < flat.length ? ' …' : '']
  const marks = hits
    .filter(hit => hit.from >= from && hit.to <= to)
    .map(hit => [hit.from - from + lead.length, hit.to - from + lead.length] as const)
  return { text: lead + flat.slice(from, to) + tail, marks }
}

/** Every hit in a text, for marking a whole page or a name. */
export function marksIn(text: string, terms: readonly Term[]): (readonly [number, number])[] {
  return hitsIn(text, terms).map(hit => [hit.from, hit.to] as const)
}

interface Hit {
  readonly from: number
  readonly to: number
  readonly which: number
  readonly isSign: boolean
}

function hitsIn(text: string, terms: readonly Term[]): Hit[] {
  const hits = [...eachHit(text, terms)]
  if (!areSigns(terms)) return hits
  return hits.filter((hit, at) => !hit.isSign || hits[at - 1]?.to === hit.from || hits[at + 1]?.from === hit.to)
}

/** One sign alone of several that were sought together is met everywhere and says nothing. */
function areSigns(terms: readonly Term[]): boolean {
  return terms.filter(term => isSign(term.text)).length > 1
}

function* eachHit(text: string, terms: readonly Term[]): Generator<Hit> {
  const beginnings = new Set(terms.flatMap(({ text: want }) => beginningsOf(want)))
  for (const { text: word, from, to } of wordsBeginning(text, beginnings)) {
    const which = terms.findIndex(({ text: want, prefix }) => (prefix && word.startsWith(want)) || areForms(word, want))
    if (which >= 0) yield { from, to, which, isSign: isSign(word) }
  }
}

/** The hits up to the first window that holds all of the sought words, and those beside it: none after it is better. */
function firstHits(text: string, terms: readonly Term[], reach: number): Hit[] {
  if (areSigns(terms)) return hitsIn(text, terms)
  const all = new Set(terms.map(({ text: want }) => want)).size
  const hits: Hit[] = []
  let end = Infinity
  for (const hit of eachHit(text, terms)) {
    if (hit.from > end) break
    hits.push(hit)
    const within = hits.slice(-WINDOW_HITS).filter(({ from }) => hit.to - from <= reach * WINDOW)
    if (end === Infinity && new Set(within.map(({ which }) => which)).size === all) end = hit.to + reach * 2
  }
  return hits
}

/** The window that holds the most different sought words; the first of equals. */
function densest(hits: readonly Hit[], reach: number): { from: number; to: number } | null {
  let best: { from: number; to: number; kinds: number } | null = null
  for (let start = 0; start < hits.length; start++) {
    const first = hits[start]
    if (!first) break
    const kinds = new Set<number>()
    let to = first.to
    for (let index = start; index < hits.length; index++) {
      const hit = hits[index]
      if (!hit || hit.to - first.from > reach * WINDOW) break
      kinds.add(hit.which)
      to = hit.to
    }
    if (!best || kinds.size > best.kinds) best = { from: first.from, to, kinds: kinds.size }
  }
  return best
}

function wordStart(text: string, at: number): number {
  if (at === 0) return 0
  const space = text.indexOf(' ', at)
  return space < 0 || space - at > 20 ? at : space + 1
}

function wordEnd(text: string, at: number): number {
  if (at >= text.length) return text.length
  const space = text.lastIndexOf(' ', at)
  return space < 0 || at - space > 20 ? at : space
}
