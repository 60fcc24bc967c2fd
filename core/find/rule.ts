// A search as data. The same value is typed in the find field, made by pointing, put in a URL, kept under a name,
// matched in memory and compiled to SQL. Which rules there are is said by the fields (./fields).

import type { LeafRule } from './fields/registry'

export type { LeafRule, SearchableDocument } from './fields/registry'
export type { MatchContext } from './fields/field'

export type Rule = { readonly kind: 'all' | 'any' | 'none'; readonly rules: readonly Rule[] } | LeafRule

export function isGroup(rule: Rule): rule is Extract<Rule, { readonly rules: readonly Rule[] }> {
  return 'rules' in rule
}

/** Every rule about a field, however deep in groups. */
export function leavesIn(rule: Rule): readonly LeafRule[] {
  return isGroup(rule) ? rule.rules.flatMap(leavesIn) : [rule]
}
