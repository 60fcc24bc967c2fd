// Best match. A document's score is the mean, over the sought words, of the weight of the best spot where
// the word stands, and on top of it what says that this is the one meant:
//
//   score = Σ spot(word) / words + all in the name + next to each other in the name + at its beginning
//         + closeness in the text + density in the text + freshness + star + often opened + near the open folder
//
// Freshness halves every HALF_LIFE_DAYS. Closeness is 1 where the words follow each other and 0 where the
// shortest stretch that holds them all is CLOSE_WORDS longer. The test set is tests/bench/known.ts.

import { areForms } from '../text/index'

const WEIGHTS = {
  /** Where a word stands, best first: exactly, as the beginning of a word, in another form. */
  name: 10,
  tag: 7,
  remark: 5,
  sender: 5,
  heading: 6,
  text: 3,
  beginning: 0.85,
  form: 0.8,
  allInName: 6,
  inOrderInName: 4,
  wholeName: 3,
  /** The name begins with what was typed; the more of it, the better. */
  beginsName: 2,
  ofName: 1,
  closeness: 4,
  density: 2,
  freshness: 1,
  star: 0.8,
  opened: 0.8,
  near: 1,
  /** It holds all words as they were typed, and not only other forms of them. */
  exact: 8,
} as const

const HALF_LIFE_DAYS = 365
const CLOSE_WORDS = 24
const DENSE = 0.03
// A page of fewer words counts as one of so many: a line that is all hit says little.
const SHORT_PAGE = 100
const OFTEN = 16
const DAY_MS = 86_400_000

export interface QueryTerm {
  readonly text: string
  readonly prefix: boolean
}

/** What is known of a found document; texts are folded words. */
export interface Candidate {
  readonly folded: string
  readonly tagWords: string
  readonly remark: string
  readonly sender: string
  readonly heads: string
  /** The page that holds most of the words; empty where none does or it was not looked at. */
  readonly page: string
  readonly changedAt: string
  readonly starred: boolean
  /** How often it was opened. */
  readonly visits: number
  /** It lies in the open folder or below. */
  readonly near: boolean
  /** It is known to hold all words exactly as they were typed. */
  readonly exact?: boolean
}

export const SPOTS = ['name', 'tag', 'remark', 'sender', 'heading', 'text'] as const
export type Spot = (typeof SPOTS)[number]

const TEXT_OF: Record<Spot, (candidate: Candidate) => string> = {
  name: candidate => candidate.folded,
  tag: candidate => candidate.tagWords,
  remark: candidate => candidate.remark,
  sender: candidate => candidate.sender,
  heading: candidate => candidate.heads,
  text: candidate => candidate.page,
}

/** A number that is higher for what is more likely meant; `now` is ISO 8601. */
export function scoreOf(candidate: Candidate, terms: readonly QueryTerm[], now: string): number {
  const words = terms.reduce((sum, word) => sum + bestSpot(candidate, word).weight, 0) / Math.max(1, terms.length)
  return (
    words +
    nameBonus(candidate.folded, terms) +
    textBonus(candidate.page, terms) +
    WEIGHTS.freshness *
      2 ** (-Math.max(0, (Date.parse(now) - Date.parse(candidate.changedAt)) / DAY_MS) / HALF_LIFE_DAYS) +
    (candidate.starred ? WEIGHTS.star : 0) +
    WEIGHTS.opened * Math.min(1, Math.log2(1 + candidate.visits) / Math.log2(1 + OFTEN)) +
    (candidate.near ? WEIGHTS.near : 0) +
    (candidate.exact ? WEIGHTS.exact : 0)
  )
}

/** The most that is scored without a word in the name or a tag, by one that is not known to hold the words exactly. */
export function mostWithoutName(terms: readonly QueryTerm[]): number {
  return (
    WEIGHTS.heading +
    WEIGHTS.density +
    (terms.length > 1 ? WEIGHTS.closeness : 0) +
    WEIGHTS.freshness +
    WEIGHTS.star +
    WEIGHTS.opened +
    WEIGHTS.near
  )
}

/** Where the sought words stand, the best spot of each, without repeats: why a document is found. */
export function spotsOf(candidate: Candidate, terms: readonly QueryTerm[]): Spot[] {
  const spots = new Set(terms.flatMap(word => bestSpot(candidate, word).spot ?? []))
  return SPOTS.filter(spot => spots.has(spot))
}

function bestSpot(candidate: Candidate, word: QueryTerm): { spot: Spot | null; weight: number } {
  let best: { spot: Spot | null; weight: number } = { spot: null, weight: 0 }
  for (const spot of SPOTS) {
    if (WEIGHTS[spot] <= best.weight) continue
    const weight = WEIGHTS[spot] * likeness(TEXT_OF[spot](candidate), word)
    if (weight > best.weight) best = { spot, weight }
  }
  return best
}

/** 1: the word itself; less for a beginning or another form; 0: not there. */
function likeness(text: string, { text: word, prefix }: QueryTerm): number {
  if (text === '') return 0
  let best = 0
  // Forms of a word begin alike; most texts have nothing with that beginning.
  for (const other of beginningWith(text, word.slice(0, 2))) {
    if (other === word) return 1
    if (prefix && other.startsWith(word)) best = WEIGHTS.beginning
    else if (best === 0 && areForms(other, word)) best = WEIGHTS.form
  }
  return best
}

/** The words of a folded text that begin so, without taking the others apart. */
function* beginningWith(text: string, beginning: string): Generator<string> {
  for (let at = text.indexOf(beginning); at >= 0; at = text.indexOf(beginning, at + 1)) {
    if (at > 0 && text[at - 1] !== ' ') continue
    const end = text.indexOf(' ', at)
    yield text.slice(at, end < 0 ? undefined : end)
  }
}

/** Every word stands in the name, as it is or in another form. */
export function hasAllInName(name: string, terms: readonly QueryTerm[]): boolean {
  return terms.every(word => likeness(name, word) > 0)
}

function nameBonus(name: string, terms: readonly QueryTerm[]): number {
  if (terms.length === 0 || !hasAllInName(name, terms)) return 0
  const typed = terms.map(word => word.text).join(' ')
  return (
    WEIGHTS.allInName +
    (` ${name}`.includes(` ${typed}`) ? WEIGHTS.inOrderInName : 0) +
    (name === typed ? WEIGHTS.wholeName : 0) +
    (name.startsWith(typed) ? WEIGHTS.beginsName + WEIGHTS.ofName * (typed.length / name.length) : 0)
  )
}

function textBonus(page: string, terms: readonly QueryTerm[]): number {
  if (page === '' || terms.length === 0) return 0
  const words = page.split(' ').filter(word => word !== '')
  const at = terms.map(word => placesOf(word, words))
  const hits = at.reduce((sum, all) => sum + all.length, 0)
  const density = WEIGHTS.density * Math.min(1, hits / Math.max(SHORT_PAGE, words.length) / terms.length / DENSE)
  if (terms.length < 2 || at.some(all => all.length === 0)) return density
  return density + WEIGHTS.closeness * Math.max(0, 1 - (shortestStretch(at) - terms.length) / CLOSE_WORDS)
}

function placesOf(word: QueryTerm, words: readonly string[]): number[] {
  const at: number[] = []
  words.forEach((other, index) => {
    if (isWord(other, word)) at.push(index)
  })
  return at
}

function isWord(other: string, { text, prefix }: QueryTerm): boolean {
  return other === text || (prefix && other.startsWith(text)) || areForms(other, text)
}

/** The number of words of the shortest stretch that holds one place of each list (all lists ascending). */
function shortestStretch(lists: readonly (readonly number[])[]): number {
  const at = lists.map(() => 0)
  let best = Infinity
  for (;;) {
    const places = lists.map((list, index) => list[at[index] ?? 0] ?? 0)
    const first = Math.min(...places)
    best = Math.min(best, Math.max(...places) - first + 1)
    const which = places.indexOf(first)
    const next = (at[which] ?? 0) + 1
    if (next >= (lists[which]?.length ?? 0)) return best
    at[which] = next
  }
}
