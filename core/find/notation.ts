// Searches by field, typed: {type pdf or table}, {in 1.2}, {changed last 2 weeks}, {larger 2 MB}, -{tag signed},
// {any {star} {tag urgent}}. What is pointed at is shown in this notation, so that it teaches itself; what is
// typed in it becomes the same rules. Outside of braces stand words (parse.ts); each field reads its own clauses.

import type { Names } from './fields/field'
import { NoClause } from './fields/readClause'
import { FIELDS, fieldOf } from './fields/registry'
import { parseQuery } from './parse'
import type { LeafRule, Rule } from './rule'
import { isGroup } from './rule'

export type { Names } from './fields/field'

export type Typed = { readonly ok: true; readonly rule: Rule } | { readonly ok: false; readonly why: string }

/** What is typed, words and clauses, as one rule; or in words what of it is not understood. */
export function parseTyped(text: string, { typing }: { readonly typing: boolean }, names: Names): Typed {
  try {
    return { ok: true, rule: group('all', text, typing, names) }
  } catch (error) {
    if (error instanceof NoClause) return { ok: false, why: error.message }
    throw error
  }
}

/** Whether anything is typed in braces. */
export function hasClauses(text: string): boolean {
  return text.includes('{')
}

function group(kind: 'all' | 'any' | 'none', text: string, typing: boolean, names: Names): Rule {
  const { words, clauses } = takeApart(text)
  const parsed = parseQuery(words, { typing })
  const rules: Rule[] = [...(isGroup(parsed) ? parsed.rules : [parsed])]
  for (const { inner, without } of clauses) {
    const rule = clause(inner, names)
    rules.push(without ? { kind: 'none', rules: [rule] } : rule)
  }
  return { kind, rules }
}

/** The clauses in braces, and what stands outside of them. An open brace reaches to the end. */
function takeApart(text: string): { words: string; clauses: { inner: string; without: boolean }[] } {
  let words = ''
  const clauses: { inner: string; without: boolean }[] = []
  for (let at = 0; at < text.length; at++) {
    if (text[at] !== '{') {
      words += text[at]
      continue
    }
    let depth = 1
    let end = at + 1
    for (; end < text.length && depth > 0; end++) depth += text[end] === '{' ? 1 : text[end] === '}' ? -1 : 0
    const without = words.endsWith('-')
    if (without) words = words.slice(0, -1)
    clauses.push({ inner: text.slice(at + 1, depth === 0 ? end - 1 : end).trim(), without })
    words += ' '
    at = end - 1
  }
  return { words, clauses }
}

function clause(text: string, names: Names): Rule {
  const [, first = '', rest = ''] = /^(\S*)\s*([\s\S]*)$/.exec(text) ?? []
  const head = first.toLowerCase()
  if (head === 'all' || head === 'any' || head === 'none') return group(head, rest, false, names)
  const whole = text.toLowerCase().replace(/\s+/g, ' ')
  for (const field of FIELDS) {
    const rule = field.parse({ head, rest, whole }, names)
    if (rule !== null) return rule
  }
  throw new NoClause(`“{${head}${rest === '' ? '' : ' …'}}” is not understood`)
}

/** The rule as it would be typed. */
export function printRule(rule: Rule, names: Names): string {
  if (rule.kind === 'all') return rule.rules.map(part => printPart(part, names)).join(' ')
  return printPart(rule, names)
}

function printPart(rule: Rule, names: Names): string {
  if (rule.kind === 'none' && rule.rules.length === 1 && rule.rules[0] && !isGroup(rule.rules[0]))
    return `-${printPart(rule.rules[0], names)}`
  if (isGroup(rule)) return `{${rule.kind}${rule.rules.map(part => ` ${printPart(part, names)}`).join('')}}`
  const text = clauseText(rule, names)
  return rule.kind === 'word' || rule.kind === 'phrase' ? text : `{${text}}`
}

/** A rule about one field, without its braces: also what the page calls it. */
function clauseText(rule: LeafRule, names: Names): string {
  return fieldOf(rule)?.print(rule, names) ?? ''
}

/** A search as one would call it: "lease, type pdf, not tag signed" for lease {type pdf} -{tag signed}. */
export function calledInWords(notation: string): string {
  const { words, clauses } = takeApart(notation)
  const said = clauses.map(
    ({ inner, without }) => (without ? 'not ' : '') + (inner.includes('{') ? inGroup(inner) : inner),
  )
  return [words.replace(/\s+/g, ' ').trim(), ...said].filter(part => part !== '').join(', ')
}

/** "any of star or tag urgent" for any {star} {tag urgent}. */
function inGroup(inner: string): string {
  const { words, clauses } = takeApart(inner)
  const [kind = '', ...bare] = words.trim().split(/\s+/)
  const parts = [...bare, ...clauses.map(clause => calledInWords(`{${clause.inner}}`))]
  return `${kind} of ${parts.join(kind === 'all' ? ' and ' : ' or ')}`
}
