// Typing errors, forgiven: words that stand nowhere in the plan are replaced by the nearest that do.

import { editDistance, foldedText, forgivenErrors, wordsOf } from '../../../core/text/index'
import { nearWords } from '../../db/sql/findNames'
import { knownWords, nearTextWords } from '../../db/sql/textWords'

/** The candidate with the fewest errors, whole or (`begins`) as a beginning; the first of equals. */
export function nearest(
  typed: string,
  candidates: readonly string[],
  errors: number,
  prefixRange: boolean,
): string | null {
  let best: { word: string; distance: number } | null = null
  for (const word of candidates) {
    const whole = editDistance(typed, word, errors)
    const distance = prefixRange ? Math.min(whole, editDistance(typed, word.slice(0, typed.length), errors)) : whole
    if (distance <= errors && distance < (best?.distance ?? Infinity)) best = { word, distance }
  }
  return best?.word ?? null
}

/**
 * The typed words with those that stand in no name and no text replaced; null where nothing near is there. Quotes,
 * minus and star stay.
 */
export async function correctQuery(
  planId: string,
  q: string,
): Promise<{ q: string; typed: string; to: string } | null> {
  const words = [...new Set(wordsOf(q).map(word => word.text))]
  if (words.length === 0) return null
  const known = await knownWords(planId, words)
  const replaced = new Map<string, string>()
  for (const word of words) {
    const errors = forgivenErrors(word.length)
    if (known.has(word) || errors === 0) continue
    // The database counts two swapped letters as two errors, we as one: it is asked for one more.
    const candidates = [
      ...(await nearWords(planId, word, errors + 1)),
      ...(await nearTextWords(planId, word, errors + 1)),
    ]
    const near = nearest(word, candidates, errors, false)
    if (near !== null) replaced.set(word, near)
  }
  if (replaced.size === 0) return null
  return { q: rewritten(q, replaced), typed: [...replaced.keys()].join(' '), to: [...replaced.values()].join(' ') }
}

function rewritten(q: string, replaced: ReadonlyMap<string, string>): string {
  let text = ''
  let at = 0
  for (const word of wordsOf(q)) {
    text += q.slice(at, word.from) + (replaced.get(word.text) ?? q.slice(word.from, word.to))
    at = word.to
  }
  return text + q.slice(at)
}

export const foldedWords = (text: string): string[] =>
  foldedText(text)
    .split(' ')
    .filter(word => word !== '')
