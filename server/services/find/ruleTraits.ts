// What a rule asks, as far as it decides how hits are found.

import type { Rule } from '../../../core/find/index'
import { fieldOf, isGroup, leavesIn } from '../../../core/find/index'

/** Nothing but one word is asked. */
export function isOneWord(rule: Rule): boolean {
  const [only, ...others] = isGroup(rule) ? rule.rules : [rule]
  return only?.kind === 'word' && others.length === 0 && (rule.kind === 'all' || rule.kind === 'word')
}

/** A phrase is looked for in texts. */
export function hasPhrase(rule: Rule): boolean {
  return leavesIn(rule).some(leaf => fieldOf(leaf)?.looksInside?.(leaf) ?? false)
}
