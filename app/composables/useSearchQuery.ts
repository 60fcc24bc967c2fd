// What the Find page asks, as it stands in its URL: read, changed part by part, completed from what is typed.

import type { ComputedRef, Ref } from 'vue'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { SearchQuery, FacetSelection, Rule } from '../../core/find/index'
import {
  addPart,
  completeParts,
  hasClauses,
  isGroup,
  hasFacets,
  facetRules,
  EMPTY_QUERY,
  parseTyped,
  printRule,
  parseSearchQuery,
  printSearchQuery,
} from '../../core/find/index'
import { useNames } from './useNames'

export interface SearchState {
  readonly request: ComputedRef<SearchQuery>
  /** What is wrong with the URL or with what was typed; empty when nothing is. */
  readonly fault: ComputedRef<string>
  readonly asksAnything: ComputedRef<boolean>
  /** What the server is asked: rules that are just begun are left out. */
  readonly query: ComputedRef<Record<string, string>>
  /** All of it as it would be typed. */
  readonly notation: ComputedRef<string>
  readonly typed: Ref<string>
  choose: (some: Partial<SearchQuery>) => void
  narrow: (some: Partial<FacetSelection>) => void
  /** Takes what is typed: words stay in the field, clauses in braces become rules. */
  type: () => void
  addRule: (rule: Rule) => void
}

/** `all` in the address asks for everything although nothing is asked. */
const asksAll = ({ query }: { readonly query: object }) => 'all' in query

export function useSearchQuery(): SearchState {
  const [route, router, names] = [useRoute(), useRouter(), useNames()]
  const read = computed(() => parseSearchQuery(route.query))
  const request = computed(() =>
    read.value.ok ? read.value.request : { ...EMPTY_QUERY, q: typeof route.query.q === 'string' ? route.query.q : '' },
  )
  const typed = ref(request.value.q)
  const typedFault = ref('')
  const fault = computed(() =>
    typedFault.value !== ''
      ? `Not understood: ${typedFault.value}.`
      : read.value.ok
        ? ''
        : `The rules in this address are not understood: ${read.value.why}.`,
  )
  const complete = computed<SearchQuery>(() => ({
    ...request.value,
    rule: request.value.rule === null ? null : completeParts(request.value.rule),
  }))
  const query = computed(() => printSearchQuery(complete.value))
  const asksAnything = computed(() => request.value.q.trim() !== '' || hasFacets(complete.value) || asksAll(route))
  const notation = computed(() => {
    const rules = [...facetRules(request.value.facets), ...(complete.value.rule ? [complete.value.rule] : [])]
    return rules.length === 0
      ? ''
      : [
          request.value.q.trim(),
          printRule(
            { kind: 'all', rules: rules.flatMap(rule => (rule.kind === 'all' ? rule.rules : [rule])) },
            names.value,
          ),
        ]
          .filter(part => part !== '')
          .join(' ')
  })

  // The address changes a moment after it is told to: whatever is chosen meanwhile is chosen on top of what it will
  // say.
  let coming: SearchQuery | null = null
  const present = (): SearchQuery => coming ?? request.value

  function choose(some: Partial<SearchQuery>): void {
    // What is typed and not taken yet goes along; clauses wait for their last brace.
    const q = hasClauses(typed.value) ? present().q : typed.value
    const mine = (coming = { ...present(), q, ...some })
    // Which kept search is looked at, and the folder it began in, stay in the address.
    const { kept, near, all } = route.query
    void router.replace({ path: '/find', query: { ...printSearchQuery(mine), kept, near, all } }).finally(() => {
      if (coming === mine) coming = null
    })
  }

  function narrow(some: Partial<FacetSelection>): void {
    choose({ facets: { ...present().facets, ...some } })
  }

  function type(): void {
    if (!hasClauses(typed.value)) {
      typedFault.value = ''
      if (typed.value !== present().q) choose({ q: typed.value })
      return
    }
    // Until the last brace is closed it is still being typed.
    if ((typed.value.match(/\{/g) ?? []).length !== (typed.value.match(/\}/g) ?? []).length) return
    const parsed = parseTyped(typed.value, { typing: false }, names.value)
    if (!parsed.ok) {
      typedFault.value = parsed.why
      return
    }
    typedFault.value = ''
    const words = typed.value
      .replace(/-?\{[^{}]*(\{[^{}]*\}[^{}]*)*\}/g, ' ')
      .replace(/\s+/g, ' ')
      .trim()
    const rules = (isGroup(parsed.rule) ? parsed.rule.rules : [parsed.rule]).filter(
      rule => rule.kind !== 'word' && rule.kind !== 'phrase',
    )
    typed.value = words
    choose({
      q: words,
      rule: rules.reduce<Rule>((whole, rule) => addPart(whole, '', rule), present().rule ?? { kind: 'all', rules: [] }),
    })
  }

  function addRule(rule: Rule): void {
    choose({ rule: addPart(present().rule ?? { kind: 'all', rules: [] }, '', rule) })
  }

  return { request, fault, asksAnything, query, notation, typed, choose, narrow, type, addRule }
}
