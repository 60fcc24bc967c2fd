// New names for many documents by rules, worked out for the preview and the act alike.

import { datesIn } from '../dates/index'
import { checkName, nameKey } from '../plan/index'
import { filled } from './names'
import { tidyName } from './tidyName'

export interface Renamable {
  readonly id: string
  readonly name: string
  readonly extension: string
  /** ISO 8601. */
  readonly changedAt: string
  readonly folder: string
  readonly sender: string
}

export const CASES = ['as it is', 'lower', 'UPPER', 'Sentence'] as const
type NameCase = (typeof CASES)[number]

export interface NameRules {
  /** Searched for and replaced; empty: nothing. */
  readonly find: string
  readonly replace: string
  /** `find` is a regular expression (ECMAScript, flag u); $1 … in `replace` are its groups. */
  readonly expression: boolean
  readonly letters: NameCase
  /** What a machine or a hurry left is taken out: "Copy of", "(final)", "(2)". */
  readonly tidy: boolean
  /** A day in front: the one in the name, or of the last change; none. */
  readonly date: 'none' | 'name' | 'changed'
  /** Names by parts, such as "{number} {name}"; empty: the name alone. */
  readonly pattern: string
  /** The first number, and its digits. */
  readonly start: number
  readonly digits: number
}

export const NO_RULES: NameRules = {
  find: '',
  replace: '',
  expression: false,
  letters: 'as it is',
  tidy: false,
  date: 'none',
  pattern: '',
  start: 1,
  digits: 2,
}

export interface NewName {
  readonly id: string
  readonly before: string
  readonly name: string
  /** Why it cannot be; empty where it can. */
  readonly wrong: string
  /** Another document here would be called the same. */
  readonly clashes: boolean
}

/**
 * The names all documents would get, in their order. `others`: names and extensions beside them that stay. Throws
 * SyntaxError for an expression that is none.
 */
export function newNames(
  documents: readonly Renamable[],
  rules: NameRules,
  others: readonly { readonly name: string; readonly extension: string }[],
): NewName[] {
  const expression = rules.find === '' ? null : rules.expression ? new RegExp(rules.find, 'gu') : null
  const taken = new Map<string, number>()
  const count = (key: string) => taken.set(key, (taken.get(key) ?? 0) + 1)
  for (const other of others) count(nameKey(other.name, other.extension))
  const made = documents.map((document, index) => {
    const checked = checkName(nameBy(document, rules, expression, index))
    const name = checked.ok ? checked.name : nameBy(document, rules, expression, index)
    count(nameKey(name, document.extension))
    return { document, name, wrong: checked.ok ? '' : checked.reason.message }
  })
  return made.map(({ document, name, wrong }) => ({
    id: document.id,
    before: document.name,
    name,
    wrong,
    clashes: (taken.get(nameKey(name, document.extension)) ?? 0) > 1,
  }))
}

function nameBy(document: Renamable, rules: NameRules, expression: RegExp | null, index: number): string {
  let name = document.name
  if (rules.tidy) name = tidyName(name) || name
  if (expression) name = name.replace(expression, rules.replace)
  else if (rules.find !== '') name = name.replaceAll(rules.find, () => rules.replace)
  const found = datesIn(name)[0]
  const date = found?.date ?? document.changedAt.slice(0, 10)
  if (rules.pattern.trim() !== '') {
    const number = String(rules.start + index).padStart(rules.digits, '0')
    name =
      filled(rules.pattern, {
        date,
        title: name,
        name,
        folder: document.folder,
        sender: document.sender || null,
        number,
      }) ?? name
  }
  if (rules.date === 'changed' || (rules.date === 'name' && found)) {
    const day = rules.date === 'changed' ? document.changedAt.slice(0, 10) : date
    if (!name.startsWith(day)) name = `${day} ${name}`
  }
  return cased(name, rules.letters).replace(/\s+/g, ' ').trim()
}

function cased(name: string, letters: NameCase): string {
  if (letters === 'lower') return name.toLowerCase()
  if (letters === 'UPPER') return name.toUpperCase()
  return letters === 'Sentence' ? name.toLowerCase().replace(/\p{L}/u, letter => letter.toUpperCase()) : name
}
