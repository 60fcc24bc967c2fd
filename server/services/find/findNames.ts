import { fail } from '../../../core/errors'
import { QUERY_LIMIT } from '../../../core/find/index'
import { editDistance, foldedText, forgivenErrors } from '../../../core/text/index'
import { namesByPrefix, namesByWords, nearWords } from '../../db/sql/find'
import type { RegisterRow } from '../../db/sql/register'
import { documentsInOrder } from '../../db/sql/register'
import type { Actor } from '../actor'

export interface FoundNames {
  readonly documents: readonly RegisterRow[]
  /** What was looked for instead of what was typed, when only that is there; null when nothing was corrected. */
  readonly corrected: { readonly typed: string; readonly to: string } | null
}

/** Documents by any word of the name while it is typed, the newest first; forgives typing errors and says so. Throws query.long. */
export async function findNames(actor: Actor, text: string, limit: number): Promise<FoundNames> {
  const length = [...text].length
  if (length > QUERY_LIMIT) fail('query.long', { length, limit: QUERY_LIMIT })
  const words = foldedText(text).split(' ').filter(word => word !== '')
  if (words.length === 0) return { documents: [], corrected: null }
  const ids = await idsFor(actor, words, limit)
  if (ids.length > 0) return { documents: await documentsInOrder(actor.planId, ids), corrected: null }
  const near = await correct(actor, words)
  if (!near) return { documents: [], corrected: null }
  const nearIds = await idsFor(actor, near, limit)
  return {
    documents: await documentsInOrder(actor.planId, nearIds),
    corrected: nearIds.length > 0 ? { typed: words.join(' '), to: near.join(' ') } : null,
  }
}

function idsFor(actor: Actor, words: readonly string[], limit: number): Promise<string[]> {
  const last = words.at(-1) ?? ''
  const whole = words.slice(0, -1)
  return whole.length === 0 ? namesByPrefix(actor.planId, last, limit) : namesByWords(actor.planId, whole, last, limit)
}

/** Each word that no name holds, replaced by the nearest one that some name does; null when there is none near. */
async function correct(actor: Actor, words: readonly string[]): Promise<string[] | null> {
  const corrected: string[] = []
  let changed = false
  for (const word of words) {
    const errors = forgivenErrors(word.length)
    const known = await namesByPrefix(actor.planId, word, 1)
    // The database counts two swapped letters as two errors, we as one: it is asked for one more.
    const candidates = known.length > 0 || errors === 0 ? [] : await nearWords(actor.planId, word, errors + 1)
    const near = nearest(word, candidates, errors)
    if (known.length === 0 && near === null) return null
    if (near !== null) changed = true
    corrected.push(near ?? word)
  }
  return changed ? corrected : null
}

/** The candidate with the fewest errors, whole or as a beginning; the first of equals. */
function nearest(typed: string, candidates: readonly string[], errors: number): string | null {
  let best: { word: string; distance: number } | null = null
  for (const word of candidates) {
    const distance = Math.min(editDistance(typed, word, errors), editDistance(typed, word.slice(0, typed.length), errors))
    if (distance <= errors && distance < (best?.distance ?? Infinity)) best = { word, distance }
  }
  return best?.word ?? null
}
