// A search that finds nothing asks for one thing too many. These are the searches that ask for one thing less.

import { wordsOf } from '../text/index'
import type { SearchQuery } from './searchQuery'
import { asksOnlyWithout, hasFacets } from './searchQuery'
import type { FacetKey } from './facetSelection'
import { FACET_KEYS, rulesOfFacet, withoutFacet } from './facetSelection'
import type { Piece } from './parse'
import { piecesOf } from './parse'

/**
 * What is no longer asked: that the words of a phrase stand together, that a word is there or is not, one group of what
 * narrows, the rules.
 */
export type Relaxation =
  | { readonly kind: 'apart' | 'word' | 'leftOut'; readonly text: string }
  | { readonly kind: 'group'; readonly group: FacetKey }
  | { readonly kind: 'rules' }

export const LOOSENINGS = [
  'apart',
  'word',
  'leftOut',
  'group',
  'rules',
] as const satisfies readonly Relaxation['kind'][]

export interface RelaxedQuery {
  readonly what: Relaxation
  readonly request: SearchQuery
}

/** At most so many are offered; of a long text the first. */
export const LOOSENED_MOST = 12

/** The searches that ask for one thing less, in the order in which it is asked; none that would ask for nothing. */
export function relaxed(request: SearchQuery): RelaxedQuery[] {
  const words = piecesOf(request.q)
    .flatMap(piece => fewerWords(request.q, piece))
    .map(({ what, q }) => ({ what, request: { ...request, q } }))
  const groups = FACET_KEYS.filter(group => rulesOfFacet(request.facets, group).length > 0).map(group => ({
    what: { kind: 'group', group } as const,
    request: { ...request, facets: withoutFacet(request.facets, group) },
  }))
  const rules: RelaxedQuery[] =
    request.rule === null ? [] : [{ what: { kind: 'rules' }, request: { ...request, rule: null } }]
  return [...words, ...groups, ...rules].filter(one => asksSomething(one.request)).slice(0, LOOSENED_MOST)
}

function fewerWords(q: string, { from, to, phrase, isWithout, inside }: Piece): { what: Relaxation; q: string }[] {
  const count = wordsOf(inside).length
  if (count === 0) return []
  const without = {
    what: { kind: isWithout ? 'leftOut' : 'word', text: inside },
    q: joined(q.slice(0, from), q.slice(to)),
  } as const
  return phrase && !isWithout && count > 1
    ? [{ what: { kind: 'apart', text: inside }, q: joined(q.slice(0, from), inside, q.slice(to)) }, without]
    : [without]
}

const joined = (...parts: readonly string[]): string =>
  parts
    .map(part => part.trim())
    .filter(part => part !== '')
    .join(' ')

function asksSomething(request: SearchQuery): boolean {
  return hasFacets(request) || (wordsOf(request.q).length > 0 && !asksOnlyWithout(request))
}
