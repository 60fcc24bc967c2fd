// Acts found by a few letters of what they say.

import { foldedText } from '../../core/text/index'

export interface Worded {
  readonly name: string
  /** It takes something away: it stands behind all others, so that nobody does it by a few letters and Enter. */
  readonly isLast?: boolean
}

/**
 * Those of which each typed word begins a word, the closest first: whose name begins with what was typed, then those
 * that hold the words in this order, then all others in the order they came in.
 */
export function matchActs<A extends Worded>(acts: readonly A[], typed: string): A[] {
  const wanted = wordsOf(typed)
  if (wanted.length === 0) return []
  const whole = wanted.join(' ')
  return acts
    .flatMap((act, index) => {
      const words = wordsOf(act.name)
      const places = wanted.map(begun => words.findIndex(word => word.startsWith(begun)))
      if (places.includes(-1)) return []
      if (act.isLast) return [{ act, distance: FURTHEST, index }]
      const isInOrder = places.every((place, at) => at === 0 || place > (places[at - 1] ?? -1))
      const distance = words.join(' ').startsWith(whole) ? 0 : isInOrder ? 1 : 2
      return [{ act, distance, index }]
    })
    .sort((a, b) => a.distance - b.distance || a.index - b.index)
    .map(({ act }) => act)
}

const FURTHEST = 3

const wordsOf = (text: string): string[] =>
  foldedText(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter(word => word !== '')
