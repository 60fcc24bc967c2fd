// Searches by field, typed: {type pdf or table}, {in 1.2}, {changed last 2 weeks}, {larger 2 MB}, -{tag signed},
// {any {star} {tag urgent}}. What is pointed at is shown in this notation, so that it teaches itself; what is
// typed in it becomes the same rules. Outside of braces stand words (parse.ts).

import type { FolderId, MeaningId, TagId } from '../ids'
import type { Origin } from '../rows/index'
import { ORIGINS } from '../rows/index'
import type { Language } from '../text/index'
import { foldedText } from '../text/index'
import { parseQuery } from './parse'
import type { EmptyField, Filed, LeafRule, ReadingKind, Rule, TimeField, TimeUnit } from './rule'
import { isGroup, TEXT_FIELDS, TEXT_OPS, TIME_FIELDS } from './rule'
import type { TypeGroup } from './types'
import { isTypeGroup } from './types'

/** How folders, tags and colours are called in the plan; null where nothing is called so. */
export interface Names {
  readonly folder: (text: string) => FolderId | null
  readonly folderText: (id: FolderId) => string
  readonly tag: (text: string) => TagId | null
  readonly tagText: (id: TagId) => string
  readonly meaning: (text: string) => MeaningId | null
  readonly meaningText: (id: MeaningId) => string
}

export type Typed = { readonly ok: true; readonly rule: Rule } | { readonly ok: false; readonly why: string }

export const LANGUAGE_NAMES: Record<Language, string> = { en: 'English', de: 'German', fr: 'French', es: 'Spanish' }
const READING_WORDS: Record<ReadingKind, string> = {
  read: 'read',
  wordless: 'without words',
  waiting: 'waiting to be read',
  failed: 'not readable',
  none: 'never read',
}
const EMPTY_WORDS: Record<EmptyField, string> = {
  remark: 'no remark',
  sender: 'no sender',
  number: 'no number',
  tags: 'no tags',
  language: 'no language',
  opened: 'never opened',
  dated: 'no date',
}
const FILED_WORDS: Record<Filed, string> = { none: 'nowhere', one: 'once', several: 'several times' }
const UNITS = { KB: 1000, MB: 1_000_000, GB: 1_000_000_000 } as const
const DAY_MS = 86_400_000

class NoClause extends Error {}

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
  const empty = keyOf(EMPTY_WORDS, whole)
  if (empty) return { kind: 'empty', field: empty }
  const readings = whole.split(' or ').map(value => keyOf(READING_WORDS, value))
  if (readings.every(kind => kind !== null)) return { kind: 'reading', anyOf: readings }
  const field = TEXT_FIELDS.find(name => name === head)
  if (field) return textClause(field, rest)
  const time = TIME_FIELDS.find(name => name === head)
  if (time) return timeClause(time, rest)
  return namedClause(head, rest, whole, names)
}

function namedClause(head: string, rest: string, whole: string, names: Names): Rule {
  const values = rest
    .split(/\s+or\s+/i)
    .map(value => value.trim())
    .filter(value => value !== '')
  const each = <T>(what: string, find: (value: string) => T | null): T[] => {
    if (values.length === 0) throw new NoClause(`say which ${what}: {${head} …}`)
    return values.map(value => find(value) ?? missing(what, value))
  }
  switch (head) {
    case 'type':
      return {
        kind: 'type',
        anyOf: each('type', value => (isTypeGroup(value.toLowerCase()) ? (value.toLowerCase() as TypeGroup) : null)),
      }
    case 'in':
    case 'inside':
      return oneOrAny(each('folder', value => place(value, head === 'in', names)))
    case 'tag':
      return { kind: 'tag', anyOf: each('tag', names.tag) }
    case 'colour':
      return {
        kind: 'meaning',
        anyOf: each('colour', value => (/^none$/i.test(value) ? { id: null } : wrap(names.meaning(value)))).map(
          ({ id }) => id,
        ),
      }
    case 'came':
      return {
        kind: 'origin',
        anyOf: each('way in', value =>
          (ORIGINS as readonly string[]).includes(value.replace(/^by\s+/i, '').toLowerCase())
            ? (value.replace(/^by\s+/i, '').toLowerCase() as Origin)
            : null,
        ),
      }
    case 'filed':
      return { kind: 'filed', anyOf: each('number of folders', value => keyOf(FILED_WORDS, value.toLowerCase())) }
    case 'language':
      return { kind: 'language', anyOf: each('language', value => keyOf(LANGUAGE_NAMES, value)) }
    case 'size': {
      const [from = '', before = ''] = rest.split(/\s+to\s+/i)
      return { kind: 'size', from: bytes(from), before: bytes(before) }
    }
    case 'larger':
      return { kind: 'size', from: bytes(rest), before: null }
    case 'smaller':
      return { kind: 'size', from: null, before: bytes(rest) }
    case 'star':
      return { kind: 'star', on: true }
  }
  if (whole === 'no star') return { kind: 'star', on: false }
  if (whole === 'same bytes') return { kind: 'twin' }
  throw new NoClause(`“{${head}${rest === '' ? '' : ' …'}}” is not understood`)
}

const wrap = <T>(id: T | null) => (id === null ? null : { id })

function missing(what: string, value: string): never {
  throw new NoClause(`there is no ${what} “${value}”`)
}

function oneOrAny(rules: readonly Rule[]): Rule {
  const [only] = rules
  return rules.length === 1 && only ? only : { kind: 'any', rules }
}

/** {in 1.2} with everything below, {inside 1.2} right there. */
function place(value: string, below: boolean, names: Names): Rule | null {
  if (/^(the )?(in-)?tray$/i.test(value)) return { kind: 'place', folderId: null, below: true }
  const folderId = names.folder(value)
  return folderId === null ? null : { kind: 'place', folderId, below }
}

function textClause(field: (typeof TEXT_FIELDS)[number], rest: string): Rule {
  const [, op = '', value = ''] = /^(\S*)\s*([\s\S]*)$/.exec(rest) ?? []
  const known = TEXT_OPS.find(name => name === op.toLowerCase())
  const text = foldedText(known ? value : rest)
  if (text === '')
    throw new NoClause(`say what the ${field} ${known ?? 'contains'}: {${field} ${known ?? 'contains'} …}`)
  return { kind: 'text', field, op: known ?? 'contains', value: text }
}

function timeClause(field: TimeField, rest: string): Rule {
  const last = /^(?:in the )?last\s+(\d{1,4})?\s*(day|week|month)s?$/i.exec(rest)
  if (last)
    return { kind: 'recent', field, count: Number(last[1] ?? 1), unit: (last[2] ?? 'day').toLowerCase() as TimeUnit }
  const [, word, one, two] =
    /^(since|before|on)?\s*(\d{4}(?:-\d\d){0,2})(?:\s+to\s+(\d{4}(?:-\d\d){0,2}))?$/i.exec(rest) ?? []
  if (one === undefined)
    throw new NoClause(
      `write times as {${field} last 2 weeks}, {${field} since 2026-03-01} or {${field} 2026-03 to 2026-05}`,
    )
  const from = word?.toLowerCase() === 'before' ? null : edge(one, false)
  const before =
    word?.toLowerCase() === 'before'
      ? edge(one, false)
      : word?.toLowerCase() === 'since' && two === undefined
        ? null
        : edge(two ?? one, true)
  return { kind: 'time', field, from, before }
}

/** The first moment of a year, month or day, or the one after its last. */
function edge(text: string, after: boolean): string {
  const [year = 0, month, day] = text.split('-').map(Number)
  const at = after
    ? Date.UTC(
        year + (month === undefined ? 1 : 0),
        (month ?? 1) - 1 + (month !== undefined && day === undefined ? 1 : 0),
        (day ?? 1) + (day === undefined ? 0 : 1),
      )
    : Date.UTC(year, (month ?? 1) - 1, day ?? 1)
  return new Date(at).toISOString()
}

function bytes(text: string): number {
  const [, amount, unit] = /^(?:than\s+)?(\d{1,9}(?:\.\d+)?)\s*(KB|MB|GB)?$/i.exec(text) ?? []
  if (amount === undefined) throw new NoClause('write sizes as {larger 2 MB}')
  return Math.round(Number(amount) * UNITS[(unit?.toUpperCase() ?? 'MB') as keyof typeof UNITS])
}

function keyOf<K extends string>(words: Record<K, string>, text: string): K | null {
  return (Object.keys(words) as K[]).find(key => words[key].toLowerCase() === text.toLowerCase()) ?? null
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
  if (rule.kind === 'word') return `${rule.text}${rule.prefix ? '*' : ''}`
  if (rule.kind === 'phrase') return `"${rule.words.join(' ')}"`
  return `{${clauseText(rule, names)}}`
}

/** A rule about one field, without its braces: also what the page calls it. */
export function clauseText(rule: Exclude<LeafRule, { kind: 'word' | 'phrase' }>, names: Names): string {
  switch (rule.kind) {
    case 'text':
      return `${rule.field} ${rule.op} ${rule.value}`
    case 'type':
      return `type ${rule.anyOf.join(' or ')}`
    case 'place':
      return rule.folderId === null ? 'in tray' : `${rule.below ? 'in' : 'inside'} ${names.folderText(rule.folderId)}`
    case 'time':
      return `${rule.field} ${spanText(rule.from, rule.before)}`
    case 'recent':
      return `${rule.field} last ${rule.count} ${rule.unit}${rule.count === 1 ? '' : 's'}`
    case 'size':
      return sizeText(rule.from, rule.before)
    case 'tag':
      return `tag ${rule.anyOf.map(names.tagText).join(' or ')}`
    case 'meaning':
      return `colour ${rule.anyOf.map(id => (id === null ? 'none' : names.meaningText(id))).join(' or ')}`
    case 'star':
      return rule.on ? 'star' : 'no star'
    case 'origin':
      return `came by ${rule.anyOf.join(' or ')}`
    case 'filed':
      return `filed ${rule.anyOf.map(value => FILED_WORDS[value]).join(' or ')}`
    case 'language':
      return `language ${rule.anyOf.map(value => LANGUAGE_NAMES[value]).join(' or ')}`
    case 'reading':
      return rule.anyOf.map(value => READING_WORDS[value]).join(' or ')
    case 'twin':
      return 'same bytes'
    case 'empty':
      return EMPTY_WORDS[rule.field]
  }
}

function spanText(from: string | null, before: string | null): string {
  const first = from?.slice(0, 10)
  if (before === null) return first === undefined ? 'since 0001-01-01' : `since ${first}`
  if (first === undefined) return `before ${before.slice(0, 10)}`
  const last = new Date(new Date(before).getTime() - DAY_MS).toISOString().slice(0, 10)
  return last === first ? `on ${first}` : `${first} to ${last}`
}

function sizeText(from: number | null, before: number | null): string {
  const amount = (bytesOf: number) => {
    const unit = (['GB', 'MB', 'KB'] as const).find(name => bytesOf >= UNITS[name]) ?? 'KB'
    return `${bytesOf / UNITS[unit]} ${unit}`
  }
  if (from !== null && from > 0 && before !== null) return `size ${amount(from)} to ${amount(before)}`
  return before === null ? `larger ${amount(from ?? 0)}` : `smaller ${amount(before)}`
}
