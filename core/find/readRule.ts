// Rules come from URLs, from kept searches and from other programs: nothing of them is trusted before it is read.

import type { Raw } from './fields/field'
import { NoRule, RULES_LIMIT } from './fields/readValue'
import { fieldOf } from './fields/registry'
import type { Rule } from './rule'
import { leavesIn } from './rule'

export { RULES_LIMIT } from './fields/readValue'
/** Groups so deep in each other are one search at most. */
export const DEPTH_LIMIT = 8

export type ReadRule = { readonly ok: true; readonly rule: Rule } | { readonly ok: false; readonly why: string }

/** A rule made of any value, or in words why it is none. Texts are folded. */
export function tryReadRule(value: unknown): ReadRule {
  try {
    const rule = read(value, 0)
    if (leavesIn(rule).length > RULES_LIMIT) throw new NoRule(`it has more than ${RULES_LIMIT} rules`)
    return { ok: true, rule }
  } catch (error) {
    if (error instanceof NoRule) return { ok: false, why: error.message }
    throw error
  }
}

const GROUPS = ['all', 'any', 'none'] as const

function read(value: unknown, depth: number): Rule {
  if (depth > DEPTH_LIMIT) throw new NoRule(`its groups are more than ${DEPTH_LIMIT} deep`)
  if (!isRaw(value)) throw new NoRule('a rule is missing')
  const kind = GROUPS.find(group => group === value.kind)
  if (kind) {
    if (!Array.isArray(value.rules) || value.rules.length > RULES_LIMIT)
      throw new NoRule('a group has no list of rules')
    return { kind, rules: value.rules.map(part => read(part, depth + 1)) }
  }
  const field = fieldOf(value)
  if (!field) throw new NoRule('one of its rules is not known')
  return field.read(value)
}

function isRaw(value: unknown): value is Raw {
  return typeof value === 'object' && value !== null
}
