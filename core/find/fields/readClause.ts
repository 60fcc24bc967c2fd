// Clauses of the notation: their values, or in words what of them is not understood.

import type { Clause } from './field'

/** Says in words why a clause is not understood. */
export class NoClause extends Error {}

/** The values of {head one or another}, each found by `find`. */
export function valuesOf<T>({ head, rest }: Clause, what: string, find: (value: string) => T | null): T[] {
  const values = rest
    .split(/\s+or\s+/i)
    .map(value => value.trim())
    .filter(value => value !== '')
  if (values.length === 0) throw new NoClause(`say which ${what}: {${head} …}`)
  return values.map(value => find(value) ?? missing(what, value))
}

function missing(what: string, value: string): never {
  throw new NoClause(`there is no ${what} “${value}”`)
}

/** The key whose words these are, whatever their case. */
export function keyOf<K extends string>(words: Readonly<Record<K, string>>, text: string): K | null {
  return (Object.keys(words) as K[]).find(key => words[key].toLowerCase() === text.toLowerCase()) ?? null
}
