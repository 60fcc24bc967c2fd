// A whole search as it stands in a URL and is kept under a name: words, what narrows them, rules, order.

import type { FacetSelection } from './facetSelection'
import { facetRules, NO_FACETS, printFacets, readFacets } from './facetSelection'
import type { FoundGroup, FoundSort } from './order'
import { FOUND_GROUPS, FOUND_SORTS } from './order'
import { isOnlyWithout, parseQuery } from './parse'
import { tryReadRule } from './readRule'
import type { Rule } from './rule'
import { isGroup } from './rule'

export interface SearchQuery {
  readonly q: string
  readonly facets: FacetSelection
  /** Made by pointing, or typed in braces; null: none. */
  readonly rule: Rule | null
  readonly sort: FoundSort
  readonly descending: boolean
  readonly group: FoundGroup
}

export const EMPTY_QUERY: SearchQuery = {
  q: '',
  facets: NO_FACETS,
  rule: null,
  sort: 'best',
  descending: true,
  group: 'none',
}

export type ParsedQuery =
  { readonly ok: true; readonly request: SearchQuery } | { readonly ok: false; readonly why: string }

type Query = Readonly<Record<string, unknown>>

/** From the parts of a URL. Values that are not known are passed over; a broken rule is said. */
export function parseSearchQuery(query: Query): ParsedQuery {
  const text = (name: string) => (typeof query[name] === 'string' ? query[name] : '')
  const rule = text('rule') === '' ? null : readRuleText(text('rule'))
  if (rule !== null && !rule.ok) return rule
  const sort = FOUND_SORTS.find(name => name === text('sort')) ?? 'best'
  return {
    ok: true,
    request: {
      q: text('q'),
      facets: readFacets(text),
      rule: rule?.rule ?? null,
      sort,
      descending: text('dir') === '' ? DOWN_FIRST.has(sort) : text('dir') === 'down',
      group: FOUND_GROUPS.find(name => name === text('group')) ?? 'none',
    },
  }
}

/** Sorts that begin with the most: best, newest, largest. */
const DOWN_FIRST: ReadonlySet<FoundSort> = new Set(['best', 'changed', 'added', 'opened', 'dated', 'size'])

/** Whether a sort begins with the most unless it is turned. */
export function beginsDown(sort: FoundSort): boolean {
  return DOWN_FIRST.has(sort)
}

function readRuleText(text: string) {
  try {
    return tryReadRule(JSON.parse(text) as unknown)
  } catch (error) {
    if (error instanceof SyntaxError) return { ok: false, why: 'it is cut off or damaged' } as const
    throw error
  }
}

/** As the parts of a URL; what says nothing is left out. */
export function printSearchQuery(request: SearchQuery): Record<string, string> {
  const { q, facets, rule, sort, descending, group } = request
  const parts: Record<string, string> = {
    q,
    ...printFacets(facets),
    rule: rule === null ? '' : JSON.stringify(rule),
    sort: sort === 'best' ? '' : sort,
    dir: descending === beginsDown(sort) ? '' : descending ? 'down' : 'up',
    group: group === 'none' ? '' : group,
  }
  return Object.fromEntries(Object.entries(parts).filter(([, value]) => value !== ''))
}

/** All of it as one rule; while it is typed, the last word is a beginning. */
export function ruleOf(
  request: Pick<SearchQuery, 'q' | 'facets' | 'rule'>,
  { typing }: { readonly typing: boolean },
): Rule {
  const words = parseQuery(request.q, { typing })
  return {
    kind: 'all',
    rules: [
      ...(isGroup(words) ? words.rules : [words]),
      ...facetRules(request.facets),
      ...(request.rule === null ? [] : [request.rule]),
    ],
  }
}

/** Whether anything but words is asked. */
export function hasFacets({ facets, rule }: Pick<SearchQuery, 'facets' | 'rule'>): boolean {
  return (
    rule !== null || facetRules(facets).some(part => part.kind !== 'time' || part.from !== null || part.before !== null)
  )
}

/** Whether words are only left out and nothing else is asked: it would list almost everything. */
export function asksOnlyWithout(request: Pick<SearchQuery, 'q' | 'facets' | 'rule'>): boolean {
  return !hasFacets(request) && isOnlyWithout(parseQuery(request.q, { typing: false }))
}
