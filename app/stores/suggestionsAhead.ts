// Where documents may be filed, looked up before they come into view.

import type { Suggestions } from '../../contract/filing'
import { placesTogether } from '../../core/filing/index'
import { readSuggestions } from '../api/documents'

export const NO_SUGGESTIONS: Suggestions = { places: [], names: [], same: [] }
// Suggestions for several documents are those of a few of them, taken together.
const MOST_OF_MANY = 12

export function suggestionsAhead() {
  const ahead = new Map<string, Promise<Suggestions>>()

  function fetch(id: string): Promise<Suggestions> {
    const known = ahead.get(id)
    if (known) return known
    const made = readSuggestions(id, null)
    made.catch(() => ahead.delete(id)) // said again when it is asked for
    ahead.set(id, made)
    return made
  }

  async function together(documents: readonly { readonly id: string }[]): Promise<Suggestions> {
    const some = await Promise.all(documents.slice(0, MOST_OF_MANY).map(({ id }) => fetch(id)))
    const [single] = some
    return some.length === 1 && single
      ? single
      : { ...NO_SUGGESTIONS, places: placesTogether(some.map(({ places }) => places)) }
  }

  /** After an act they may be others. */
  const forget = () => ahead.clear()

  return { fetch, together, forget }
}
