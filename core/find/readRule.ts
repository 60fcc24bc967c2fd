// Rules come from URLs, from kept searches and from other programs: nothing of them is trusted before it is read.

import { storableTime } from '../dates/index'
import type { FolderId, MeaningId, TagId } from '../ids'
import { UUID_PATTERN } from '../ids'
import { ORIGINS } from '../rows/index'
import { foldedText, LANGUAGES } from '../text/index'
import type { Rule } from './rule'
import { EMPTY_FIELDS, FILED, isGroup, READING_KINDS, TEXT_FIELDS, TEXT_OPS, TIME_FIELDS, TIME_UNITS } from './rule'
import { TYPE_GROUP_NAMES } from './types'

/** So many rules, and groups so deep in each other, are one search at most. */
export const RULES_LIMIT = 100
export const DEPTH_LIMIT = 8
const COUNT_LIMIT = 10_000
const VALUE_LIMIT = 500

export type ReadRule = { readonly ok: true; readonly rule: Rule } | { readonly ok: false; readonly why: string }

/** A rule made of any value, or in words why it is none. Texts are folded. */
export function tryReadRule(value: unknown): ReadRule {
  try {
    const rule = read(value, 0)
    if (leavesOf(rule) > RULES_LIMIT) throw new NoRule(`it has more than ${RULES_LIMIT} rules`)
    return { ok: true, rule }
  } catch (error) {
    if (error instanceof NoRule) return { ok: false, why: error.message }
    throw error
  }
}

class NoRule extends Error {}

export function leavesOf(rule: Rule): number {
  return isGroup(rule) ? rule.rules.reduce((sum, part) => sum + leavesOf(part), 0) : 1
}

type Raw = Readonly<Record<string, unknown>>

function read(value: unknown, depth: number): Rule {
  if (depth > DEPTH_LIMIT) throw new NoRule(`its groups are more than ${DEPTH_LIMIT} deep`)
  if (typeof value !== 'object' || value === null) throw new NoRule('a rule is missing')
  const raw = value as Raw
  switch (raw.kind) {
    case 'all':
    case 'any':
    case 'none':
      if (!Array.isArray(raw.rules) || raw.rules.length > RULES_LIMIT) throw new NoRule('a group has no list of rules')
      return { kind: raw.kind, rules: raw.rules.map(part => read(part, depth + 1)) }
    case 'word':
      return { kind: 'word', text: word(raw.text), prefix: raw.prefix === true }
    case 'phrase':
      return { kind: 'phrase', words: list(raw.words, word) }
    case 'text':
      return { kind: 'text', field: one(raw.field, TEXT_FIELDS), op: one(raw.op, TEXT_OPS), value: folded(raw.value) }
    case 'type':
      return { kind: 'type', anyOf: list(raw.anyOf, item => one(item, TYPE_GROUP_NAMES)) }
    case 'place':
      return {
        kind: 'place',
        folderId: raw.folderId === null ? null : id<FolderId>(raw.folderId),
        below: raw.below === true,
      }
    case 'time':
      return { kind: 'time', field: one(raw.field, TIME_FIELDS), from: time(raw.from), before: time(raw.before) }
    case 'recent':
      return {
        kind: 'recent',
        field: one(raw.field, TIME_FIELDS),
        count: number(raw.count, COUNT_LIMIT) ?? 1,
        unit: one(raw.unit, TIME_UNITS),
      }
    case 'size':
      return {
        kind: 'size',
        from: number(raw.from, Number.MAX_SAFE_INTEGER),
        before: number(raw.before, Number.MAX_SAFE_INTEGER),
      }
    case 'tag':
      return { kind: 'tag', anyOf: list(raw.anyOf, item => id<TagId>(item)) }
    case 'meaning':
      return { kind: 'meaning', anyOf: list(raw.anyOf, item => (item === null ? null : id<MeaningId>(item))) }
    case 'star':
      return { kind: 'star', on: raw.on !== false }
    case 'origin':
      return { kind: 'origin', anyOf: list(raw.anyOf, item => one(item, ORIGINS)) }
    case 'filed':
      return { kind: 'filed', anyOf: list(raw.anyOf, item => one(item, FILED)) }
    case 'language':
      return { kind: 'language', anyOf: list(raw.anyOf, item => one(item, LANGUAGES)) }
    case 'reading':
      return { kind: 'reading', anyOf: list(raw.anyOf, item => one(item, READING_KINDS)) }
    case 'twin':
      return { kind: 'twin' }
    case 'empty':
      return { kind: 'empty', field: one(raw.field, EMPTY_FIELDS) }
    default:
      throw new NoRule('one of its rules is not known')
  }
}

function one<T extends string>(value: unknown, of: readonly T[]): T {
  const found = of.find(item => item === value)
  if (found === undefined) throw new NoRule(`“${String(value).slice(0, 40)}” is none of ${of.join(', ')}`)
  return found
}

function list<T>(value: unknown, each: (item: unknown) => T): T[] {
  if (!Array.isArray(value) || value.length > RULES_LIMIT) throw new NoRule('a list of values is missing')
  return value.map(each)
}

function folded(value: unknown): string {
  if (typeof value !== 'string' || value.length > VALUE_LIMIT)
    throw new NoRule(`a text is missing or longer than ${VALUE_LIMIT} characters`)
  return foldedText(value)
}

function word(value: unknown): string {
  const text = folded(value)
  if (text === '' || text.includes(' ')) throw new NoRule('a word is missing')
  return text
}

function id<T extends string>(value: unknown): T {
  if (typeof value !== 'string' || !UUID_PATTERN.test(value)) throw new NoRule('an id is missing')
  return value as T
}

function time(value: unknown): string | null {
  if (value === null || value === undefined) return null
  const at = typeof value === 'string' ? storableTime(value) : null
  if (at === null) throw new NoRule('a time is not one')
  return at
}

function number(value: unknown, most: number): number | null {
  if (value === null || value === undefined) return null
  if (typeof value !== 'number' || !Number.isInteger(value) || value < 0 || value > most)
    throw new NoRule('a number is not one')
  return value
}
