// Documents whose whole name is a slip away from what was typed. A word with a slip may well stand somewhere, in a text
// of another language or as somebody's own slip, so that something is found; what was meant is still the name.

import type { SearchQuery } from '../../../core/find/index'
import { hasFacets } from '../../../core/find/index'
import { forgivenErrors } from '../../../core/text/index'
import { namesWithin, nearWords } from '../../db/sql/findNames'
import { foldedWords } from './correct'

// Shorter names are a slip away from too many others.
const [SHORTEST, LONGEST] = [6, 120]
const NEAREST = 3
// Words in quotes, left out, begun or asked of a field are meant as they stand.
const IS_MORE_THAN_WORDS = /["“”„{}*]|(^|\s)-\S/u

/** Their ids, the nearest first; none where more than words is asked, or just these. */
export async function nearNames(
  planId: string,
  request: Pick<SearchQuery, 'q' | 'facets' | 'rule'> & { readonly exact: boolean },
): Promise<string[]> {
  if (request.exact || hasFacets(request)) return []
  const words = foldedWords(request.q)
  const typed = words.join(' ')
  if (typed.length < SHORTEST || typed.length > LONGEST || IS_MORE_THAN_WORDS.test(request.q)) return []
  const errors = forgivenErrors(typed.length)
  const found = await namesWithin(planId, typed, words, errors, NEAREST)
  if (found.length > 0) return found
  // No word stands in a name as it was typed: then by those that are near the longest.
  const longest = words.reduce((a, b) => (b.length > a.length ? b : a))
  const near = await nearWords(planId, longest, forgivenErrors(longest.length) + 1)
  return near.length === 0 ? [] : namesWithin(planId, typed, near, errors, NEAREST)
}
