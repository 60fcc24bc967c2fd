// Fields that hold a short text: compared folded, as a whole or in part.

import { foldedText } from '../../text/index'
import type { Empty, Field, Marks, Sql } from './field'
import type { Facet } from './facet'
import { NoClause } from './readClause'
import { folded, one } from './readValue'

export const TEXT_OPS = ['contains', 'is', 'starts', 'ends'] as const
export type TextOp = (typeof TEXT_OPS)[number]
export const TEXT_OP_NAMES: Readonly<Record<TextOp, string>> = {
  contains: 'contains',
  is: 'is exactly',
  starts: 'begins with',
  ends: 'ends with',
}

/** `value` is folded text. */
export interface TextRule<K extends string> {
  readonly kind: 'text'
  readonly field: K
  readonly op: TextOp
  readonly value: string
}

interface Spec<K extends string, P extends string, F, E extends string> {
  readonly key: K
  readonly name: string
  /** What the document calls it. */
  readonly property: P
  column(sql: Pick<Sql, 'd'>): string
  readonly facet?: F
  readonly empty?: Omit<Empty<E, object>, 'matches' | 'compile'>
}

type Texts<P extends string> = Readonly<Record<P, string>>

export function textField<
  const K extends string,
  const P extends string,
  const E extends string = never,
  F extends Facet<string, unknown> | undefined = undefined,
>({
  key,
  name,
  property,
  column,
  facet,
  empty,
}: Spec<K, P, F, E>): Field<TextRule<K>, Texts<P>> & Marks<F, E, Texts<P>> {
  return {
    name,
    key,
    rules: [`text:${key}`],
    editor: 'text',
    fresh: () => ({ kind: 'text', field: key, op: 'contains', value: '' }),
    isComplete: rule => rule.value.trim() !== '',
    read: raw => ({ kind: 'text', field: key, op: one(raw.op, TEXT_OPS), value: folded(raw.value) }),
    parse: ({ head, rest }) => (head === key ? textClause(key, rest) : null),
    print: rule => `${key} ${rule.op} ${rule.value}`,
    matches: (rule, document) => compares(document[property], rule.op, rule.value),
    columns: { [property]: column({ d: 'd' }) },
    compile: (rule, sql) => comparison(column(sql), rule, sql),
    facet,
    empty: empty && { ...empty, matches: document => document[property] === '', compile: sql => `${column(sql)} = ''` },
  }
}

function textClause<K extends string>(key: K, rest: string): TextRule<K> {
  const [, op = '', value = ''] = /^(\S*)\s*([\s\S]*)$/.exec(rest) ?? []
  const known = TEXT_OPS.find(name => name === op.toLowerCase())
  const text = foldedText(known ? value : rest)
  if (text === '') throw new NoClause(`say what the ${key} ${known ?? 'contains'}: {${key} ${known ?? 'contains'} …}`)
  return { kind: 'text', field: key, op: known ?? 'contains', value: text }
}

function compares(text: string, op: TextOp, value: string): boolean {
  switch (op) {
    case 'contains':
      return text.includes(value)
    case 'is':
      return text === value
    case 'starts':
      return text.startsWith(value)
    case 'ends':
      return text.endsWith(value)
  }
}

/** Folded text holds letters, digits and spaces, none of which means anything to LIKE. */
function comparison(column: string, { op, value }: TextRule<string>, { bind }: Sql): string {
  const plain = value.replace(/[\\%_]/g, '')
  switch (op) {
    case 'is':
      return `${column} = ${bind(value)}::text`
    case 'contains':
      return `${column} LIKE ${bind(`%${plain}%`)}::text`
    case 'starts':
      return `${column} LIKE ${bind(`${plain}%`)}::text`
    case 'ends':
      return `${column} LIKE ${bind(`%${plain}`)}::text`
  }
}
