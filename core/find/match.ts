import { fieldOf } from './fields/registry'
import type { MatchContext, Rule, SearchableDocument } from './rule'
import { isGroup, leavesIn } from './rule'

/** What the rule looks at of documents, as the database says it (tables `s` and `d`, values as in JSON). */
export function columnsFor(rule: Rule): Readonly<Record<string, string>> {
  return Object.assign({}, ...leavesIn(rule).map(leaf => fieldOf(leaf)?.columns ?? {})) as Record<string, string>
}

/** Answers whether a document is found by the rule. */
export function matches(rule: Rule, document: SearchableDocument, context: MatchContext): boolean {
  if (!isGroup(rule)) return fieldOf(rule)?.matches(rule, document, context) ?? false
  if (rule.kind === 'all') return rule.rules.every(part => matches(part, document, context))
  const some = rule.rules.some(part => matches(part, document, context))
  return rule.kind === 'any' ? some : !some
}
