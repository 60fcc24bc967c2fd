import { forgivenErrors } from '../../../core/text/index'
import {
  anyNameBegins,
  namesAmongNewest,
  namesByMiddle,
  namesByPrefix,
  namesByWords,
  nearWords,
  visitsOf,
} from '../../db/sql/findNames'
import type { ListedDocument } from '../../db/sql/documentList'
import { documentsInOrder } from '../../db/sql/documentList'
import type { Actor } from '../actor'
import { foldedWords, nearest } from './correct'
import { checkLength } from './findDocuments'

export interface FoundNames {
  readonly documents: readonly ListedDocument[]
  /** What was looked for instead of what was typed, when only that is there; null when nothing was corrected. */
  readonly corrected: { readonly typed: string; readonly to: string } | null
}

// So many times more are looked at than are shown, to put first what is opened often.
const MORE = 3
const MIDDLE_LETTERS = 3
const FEW_LETTERS = 2

/**
 * Documents by the beginning of any word of the name while it is typed, else by its middle: the often opened first,
 * then the newest. Forgives typing errors and says so. Throws query.long.
 */
export async function findNames(actor: Actor, text: string, limit: number): Promise<FoundNames> {
  checkLength(text)
  const words = foldedWords(text)
  if (words.length === 0) return { documents: [], corrected: null }
  const ids = await idsFor(actor, words, limit * MORE)
  if (ids.length > 0)
    return {
      documents: await documentsInOrder(actor.planId, (await oftenFirst(actor.planId, ids)).slice(0, limit)),
      corrected: null,
    }
  const [only] = words
  const within =
    words.length === 1 && only !== undefined && only.length >= MIDDLE_LETTERS
      ? await namesByMiddle(actor.planId, only, limit)
      : []
  if (within.length > 0) return { documents: await documentsInOrder(actor.planId, within), corrected: null }
  const near = await correct(actor, words)
  if (!near) return { documents: [], corrected: null }
  const nearIds = await idsFor(actor, near, limit)
  return {
    documents: await documentsInOrder(actor.planId, nearIds),
    corrected: nearIds.length > 0 ? { typed: words.join(' '), to: near.join(' ') } : null,
  }
}

/** What was opened more often comes before what was not; the order stays otherwise. */
async function oftenFirst(planId: string, ids: readonly string[]): Promise<string[]> {
  const visits = await visitsOf(planId, ids)
  return [...ids].sort(
    (a, b) => Math.floor(Math.log2(1 + (visits.get(b) ?? 0))) - Math.floor(Math.log2(1 + (visits.get(a) ?? 0))),
  )
}

async function idsFor(actor: Actor, words: readonly string[], limit: number): Promise<string[]> {
  const last = words.at(-1) ?? ''
  const whole = words.slice(0, -1)
  if (whole.length > 0) {
    const newest = await namesByWords(actor.planId, whole, last, 'few', limit)
    return newest.all || newest.ids.length >= limit
      ? newest.ids
      : (await namesByWords(actor.planId, whole, last, 'many', limit)).ids
  }
  // A letter or a digit begins a great many words, but then the newest documents have some of them.
  const newest = last.length <= FEW_LETTERS ? await namesAmongNewest(actor.planId, last, limit) : []
  return newest.length >= limit ? newest : namesByPrefix(actor.planId, last, limit)
}

/** Each word that no name holds, replaced by the nearest one that some name does; null when there is none near. */
async function correct(actor: Actor, words: readonly string[]): Promise<string[] | null> {
  const corrected: string[] = []
  let changed = false
  for (const word of words) {
    const errors = forgivenErrors(word.length)
    const isKnown = await anyNameBegins(actor.planId, word)
    // The database counts two swapped letters as two errors, we as one: it is asked for one more.
    const candidates = isKnown || errors === 0 ? [] : await nearWords(actor.planId, word, errors + 1)
    const near = nearest(word, candidates, errors, true)
    if (!isKnown && near === null) return null
    if (near !== null) changed = true
    corrected.push(near ?? word)
  }
  return changed ? corrected : null
}
