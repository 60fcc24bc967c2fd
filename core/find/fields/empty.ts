// That nothing stands in a field: of every field that says when it is empty.

import type { Empty, Sql } from './field'
import { defineField } from './field'
import { one } from './readValue'

export interface EmptyRule<K extends string> {
  readonly kind: 'empty'
  readonly field: K
}

/** `fields`: by their key. */
export function emptyField<K extends string, D extends object>(
  fields: readonly Empty<K, D>[],
  columns: Readonly<Record<keyof D & string, string>>,
) {
  const [first] = fields
  if (!first) throw new Error('No field can be empty.')
  const keys = fields.map(({ key }) => key)
  const of = (rule: EmptyRule<K>) => fields.find(({ key }) => key === rule.field) ?? first
  return defineField<EmptyRule<K>, D>()({
    key: 'empty',
    name: 'Nothing in',
    rules: keys.map(key => `empty:${key}`),
    editor: 'empty',
    choices: {
      all: fields.map(({ key, text }) => ({ value: key, text })),
      chosen: rule => [rule.field],
      make: chosen => ({ kind: 'empty', field: one(chosen[0], keys) }),
    },
    fresh: () => ({ kind: 'empty', field: first.key }),
    isComplete: () => true,
    read: raw => ({ kind: 'empty', field: one(raw.field, keys) }),
    parse: ({ whole }) => {
      const found = fields.find(({ words }) => words === whole)
      return found ? { kind: 'empty', field: found.key } : null
    },
    print: rule => of(rule).words,
    matches: (rule, document) => of(rule).matches(document),
    columns,
    compile: (rule, sql: Sql) => of(rule).compile(sql),
  })
}
