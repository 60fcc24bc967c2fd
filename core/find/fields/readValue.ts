// Values of rules that come from outside: URLs, kept searches, other programs. Each is read, or said to be none.

import { storableTime } from '../../dates/index'
import { UUID_PATTERN } from '../../ids'
import { foldedText } from '../../text/index'

/** So many rules, or values in one, are a search at most. */
export const RULES_LIMIT = 100
const VALUE_LIMIT = 500

/** Says in words why a value is no rule. */
export class NoRule extends Error {}

export function one<T extends string>(value: unknown, of: readonly T[]): T {
  const found = of.find(item => item === value)
  if (found === undefined) throw new NoRule(`“${String(value).slice(0, 40)}” is none of ${of.join(', ')}`)
  return found
}

export function list<T>(value: unknown, each: (item: unknown) => T): T[] {
  if (!Array.isArray(value) || value.length > RULES_LIMIT) throw new NoRule('a list of values is missing')
  return value.map(each)
}

export function folded(value: unknown): string {
  if (typeof value !== 'string' || value.length > VALUE_LIMIT)
    throw new NoRule(`a text is missing or longer than ${VALUE_LIMIT} characters`)
  return foldedText(value)
}

export function word(value: unknown): string {
  const text = folded(value)
  if (text === '' || text.includes(' ')) throw new NoRule('a word is missing')
  return text
}

export function id<T extends string>(value: unknown): T {
  if (typeof value !== 'string' || !UUID_PATTERN.test(value)) throw new NoRule('an id is missing')
  return value as T
}

export function time(value: unknown): string | null {
  if (value === null || value === undefined) return null
  const at = typeof value === 'string' ? storableTime(value) : null
  if (at === null) throw new NoRule('a time is not one')
  return at
}

export function number(value: unknown, most: number): number | null {
  if (value === null || value === undefined) return null
  if (typeof value !== 'number' || !Number.isInteger(value) || value < 0 || value > most)
    throw new NoRule('a number is not one')
  return value
}
