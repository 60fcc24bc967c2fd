// Words that stand in every text of a language, and so say nothing of where a document belongs.

import { dan, deu, eng, fin, fra, ita, nld, nob, pol, por, spa, swe } from 'stopword'
import { foldedText } from '../text/index'

const LISTS: readonly (readonly string[])[] = [eng, deu, fra, spa, ita, nld, por, swe, dan, nob, fin, pol]

/** For each folded word, in which of the lists it stands, as bits; made when it is first needed. */
let known: ReadonlyMap<string, number> | undefined
function listed(): ReadonlyMap<string, number> {
  if (known) return known
  const made = new Map<string, number>()
  for (const [index, list] of LISTS.entries())
    for (const word of list.map(foldedText)) made.set(word, (made.get(word) ?? 0) | (1 << index))
  known = made
  return made
}

/** So many of a language's filler words make a text one of it: "die" alone is no German. */
const LEAST = 2

/**
 * Whether a folded word is a filler of the language that these words are most of. A filler of one language is a word
 * of another: "war" says something in English.
 */
export function fillersOf(words: readonly string[]): (word: string) => boolean {
  const lists = listed()
  const counts = LISTS.map(() => 0)
  for (const word of words) {
    const bits = lists.get(word) ?? 0
    for (let index = 0; bits >> index > 0; index++) if (bits & (1 << index)) counts[index] = (counts[index] ?? 0) + 1
  }
  const most = Math.max(...counts)
  const language = most < LEAST ? 0 : 1 << counts.indexOf(most)
  return word => ((lists.get(word) ?? 0) & language) !== 0
}
