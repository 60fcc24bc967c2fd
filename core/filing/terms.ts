// What a document shows of itself when its place is looked for: words of its name and of the beginning
// of its text, who sent it, how it came, its type and the year of its date.

import { dateIn } from '../dates/index'
import { foldedText, wordsOf } from '../text/index'
import { fillersOf } from './fillers'
import { tidyName } from './tidyName'

export interface Filable {
  readonly id: string
  readonly name: string
  readonly extension: string
  /** The way in: upload, scan, mail … */
  readonly origin: string
  /** Who sent it; empty when nobody is known. */
  readonly sender: string
  /** The beginning of its text, as it stands, or folded (core/text) where `folded` says so. */
  readonly text: string
  readonly folded?: boolean
}

/** A term and how much it says: words of the name count more than those of the text. */
export type Terms = ReadonlyMap<string, number>

// Set by hand on the demo plan and on a made one, whose names say little: by what filed the most of both
// right; the report of tests/bench says how much that is. A name says more than a word of the text, since people make
// it.
const WEIGHTS = {
  name: 2.5,
  pair: 1.5,
  shape: 8,
  head: 0.5,
  text: 0.5,
  year: 5,
  extension: 0.3,
  sender: 6,
  origin: 0.3,
}
const HEAD_WORDS = 12
const TEXT_WORDS = 220
/** Documents of one series begin with the same words, whatever their day and number. */
const SHAPE_WORDS = 2
const WORD_LENGTHS = { least: 3, most: 40 }

/** Words are kept as such; everything else begins with a sign that no word has. */
export function termsOf(document: Filable): Terms {
  const terms = new Map<string, number>()
  const add = (term: string, weight: number) => {
    terms.set(term, Math.max(weight, terms.get(term) ?? 0))
  }
  // A name that a machine gave says nothing but that.
  const nameWords = tidyName(document.name) === '' ? [] : words(document.name)
  const read = textWords(document).slice(0, TEXT_WORDS)
  const isFiller = fillersOf([...nameWords, ...read])
  const named = nameWords.filter(word => !isFiller(word))
  for (const word of named) add(word, WEIGHTS.name)
  for (const pair of named.length > 0 ? pairs(document.name) : []) add(`+${pair}`, WEIGHTS.pair)
  if (named.length > 0) add(`~${named.slice(0, SHAPE_WORDS).join(' ')}`, WEIGHTS.shape)
  read.forEach((word, index) => {
    if (!isFiller(word)) add(word, index < HEAD_WORDS ? WEIGHTS.head : WEIGHTS.text)
  })
  if (document.extension !== '') add(`.${document.extension}`, WEIGHTS.extension)
  if (document.sender !== '') add(`@${foldedText(document.sender)}`, WEIGHTS.sender)
  else if (document.origin !== '' && document.origin !== 'upload') add(`>${document.origin}`, WEIGHTS.origin)
  const year = dateIn(document.name)?.slice(0, 4)
  if (year) add(`=${year}`, WEIGHTS.year)
  return terms
}

/** Neighbours in a name, with short numbers: "berth 7", "week 5". */
function pairs(name: string): string[] {
  const all = wordsOf(name)
    .map(word => word.text)
    .filter(word => !/^\p{N}{4,}$/u.test(word))
  return all.slice(1).flatMap((word, index) => (/\p{L}/u.test(all[index] ?? '') ? [`${all[index]} ${word}`] : []))
}

function textWords({ text, folded }: Filable): string[] {
  return folded ? text.split(' ').filter(isTerm) : words(text)
}

/** Words with a letter in them; numbers say where a document lies only by chance. */
function words(text: string): string[] {
  return wordsOf(text)
    .map(word => word.text)
    .filter(isTerm)
}

function isTerm(word: string): boolean {
  return word.length >= WORD_LENGTHS.least && word.length <= WORD_LENGTHS.most && !/^\p{N}+$/u.test(word)
}

export function isWord(term: string): boolean {
  return /^[\p{L}\p{N}]/u.test(term)
}
