// The rules of a search by their place in the tree: "" the whole, "0" the first of it, "0.2" the third of that.

import type { Rule } from './rule'
import { fieldOf } from './fields/registry'
import { isGroup } from './rule'

/** Every rule and group with its place, the whole first. */
export function partsOf(rule: Rule, path = ''): { readonly path: string; readonly rule: Rule }[] {
  return [{ path, rule }, ...(isGroup(rule) ? rule.rules.flatMap((part, index) => partsOf(part, at(path, index))) : [])]
}

function at(path: string, index: number): string {
  return path === '' ? String(index) : `${path}.${index}`
}

/** The rule with the one at `path` made into another; null takes it away. A path that leads nowhere changes nothing. */
export function withPart(rule: Rule, path: string, change: (part: Rule) => Rule | null): Rule | null {
  if (path === '') return change(rule)
  if (!isGroup(rule)) return rule
  const [first = '', ...rest] = path.split('.')
  return {
    ...rule,
    rules: rule.rules.flatMap((part, index) =>
      String(index) === first ? (withPart(part, rest.join('.'), change) ?? []) : [part],
    ),
  }
}

export function withoutPart(rule: Rule, path: string): Rule | null {
  return withPart(rule, path, () => null)
}

/** Puts the rule at `path` into a group of its own. */
export function wrapPart(rule: Rule, path: string, kind: 'all' | 'any' | 'none'): Rule {
  return withPart(rule, path, part => ({ kind, rules: [part] })) ?? rule
}

/** Puts what is in the group at `path` in its place; the whole keeps being a group. */
export function unwrapPart(rule: Rule, path: string): Rule {
  const steps = path.split('.')
  const [parent, index] = [steps.slice(0, -1).join('.'), Number(steps.at(-1))]
  if (path === '') return rule
  return (
    withPart(rule, parent, part =>
      isGroup(part)
        ? {
            ...part,
            rules: part.rules.flatMap((inner, place) => (place === index && isGroup(inner) ? inner.rules : [inner])),
          }
        : part,
    ) ?? rule
  )
}

/** Adds a rule at the end of the group at `path`. */
export function addPart(rule: Rule, path: string, added: Rule): Rule {
  return (
    withPart(rule, path, part =>
      isGroup(part) ? { ...part, rules: [...part.rules, added] } : { kind: 'all', rules: [part, added] },
    ) ?? added
  )
}

/** Without rules that are just begun; null where nothing is left. */
export function completeParts(rule: Rule): Rule | null {
  if (!isGroup(rule)) return fieldOf(rule)?.isComplete(rule) ? rule : null
  const rules = rule.rules.flatMap(part => completeParts(part) ?? [])
  return rules.length === 0 ? null : { kind: rule.kind, rules }
}
