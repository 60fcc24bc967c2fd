// Fields that hold one of a few named values; a rule is true where the document has any of those it names.

import type { Facet } from './facet'
import type { Empty, Field, Marks, MatchContext, Sql } from './field'
import { keyOf, valuesOf } from './readClause'
import { list, one } from './readValue'

export interface ValuesRule<K extends string, V> {
  readonly kind: K
  readonly anyOf: readonly V[]
}

interface Spec<K extends string, V extends string, D extends object, F, E extends string> {
  /** The kind of its rules as well. */
  readonly key: K
  readonly name: string
  readonly values: readonly V[]
  /** What each is called. */
  readonly labels: Readonly<Record<V, string>>
  /** Before the values in the notation: {head one or another}, known by its first word; null: the values alone. */
  readonly head: string | null
  /** As each is typed; its own word unless said. */
  readonly typed?: Readonly<Record<V, string>>
  /** "type", for what is not understood. */
  readonly what: string
  readonly begins: readonly V[]
  readonly has: (document: D, value: V, context: MatchContext) => boolean
  readonly columns: Readonly<Record<keyof D & string, string>>
  readonly compile: (anyOf: readonly V[], sql: Sql, context: MatchContext) => string
  readonly facet?: F
  readonly empty?: Empty<E, D>
}

export function valuesField<
  const K extends string,
  const V extends string,
  D extends object,
  const E extends string = never,
  F extends Facet<string, unknown> | undefined = undefined,
>(spec: Spec<K, V, D, F, E>): Field<ValuesRule<K, V>, D> & Marks<F, E, D> {
  const { key, name, values, labels, head, what, begins, has, columns, compile, facet, empty } = spec
  const typed = spec.typed ?? ownWords(values)
  return {
    key,
    name,
    rules: [key],
    editor: 'choices',
    choices: {
      all: values.map(value => ({ value, text: labels[value] })),
      chosen: rule => rule.anyOf,
      make: chosen => ({ kind: key, anyOf: values.filter(value => chosen.includes(value)) }),
    },
    fresh: () => ({ kind: key, anyOf: begins }),
    isComplete: rule => rule.anyOf.length > 0,
    read: raw => ({ kind: key, anyOf: list(raw.anyOf, item => one(item, values)) }),
    parse: clause => {
      if (head !== null && clause.head !== head.split(' ')[0]) return null
      if (head !== null) return { kind: key, anyOf: valuesOf(clause, what, value => keyOf(typed, bare(value))) }
      const all = clause.whole.split(' or ').map(value => keyOf(typed, value))
      return all.every(value => value !== null) ? { kind: key, anyOf: all } : null
    },
    print: rule => [head ?? '', rule.anyOf.map(value => typed[value]).join(' or ')].join(' ').trim(),
    matches: (rule, document, context) => rule.anyOf.some(value => has(document, value, context)),
    columns,
    compile: (rule, sql, context) => compile(rule.anyOf, sql, context),
    facet,
    empty,
  }
}

function ownWords<V extends string>(values: readonly V[]): Readonly<Record<V, string>> {
  return Object.fromEntries(values.map(value => [value, value])) as { [K in V]: K }
}

/** {came by mail} is {came mail}. */
const bare = (value: string) => value.replace(/^by\s+/i, '')

/** The labels of values as a facet lists them. */
export function labelled<V extends string>(
  values: readonly V[],
  labels: Readonly<Record<V, string>>,
): readonly { readonly value: V; readonly text: string }[] {
  return values.map(value => ({ value, text: labels[value] }))
}

export function isOneOf<V extends string>(values: readonly V[]): (text: string) => text is V {
  return (text: string): text is V => values.some(value => value === text)
}
