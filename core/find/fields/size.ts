// How many bytes a document holds.

import { SIZE_CLASS_NAMES, SIZE_CLASSES, isSizeClass } from '../sizes'
import type { Clause } from './field'
import { both, defineField } from './field'
import { oneOrAny } from './grouped'
import { valuesFacet } from './facet'
import { NoClause } from './readClause'
import { number } from './readValue'

/** In bytes: `from` or more and less than `before`; null leaves a side open. */
export interface SizeRule {
  readonly kind: 'size'
  readonly from: number | null
  readonly before: number | null
}

export const SIZE_UNITS = { KB: 1000, MB: 1_000_000, GB: 1_000_000_000 } as const
const MEGABYTE = 1_000_000

export const sizeField = defineField<SizeRule, { readonly size: number }>()({
  key: 'size',
  name: 'Size',
  rules: ['size'],
  editor: 'size',
  fresh: () => ({ kind: 'size', from: MEGABYTE, before: null }),
  isComplete: () => true,
  read: raw => ({
    kind: 'size',
    from: number(raw.from, Number.MAX_SAFE_INTEGER),
    before: number(raw.before, Number.MAX_SAFE_INTEGER),
  }),
  parse: ({ head, rest }: Clause): SizeRule | null => {
    if (head === 'larger') return { kind: 'size', from: bytes(rest), before: null }
    if (head === 'smaller') return { kind: 'size', from: null, before: bytes(rest) }
    if (head !== 'size') return null
    const [from = '', before = ''] = rest.split(/\s+to\s+/i)
    return { kind: 'size', from: bytes(from), before: bytes(before) }
  },
  print: ({ from, before }) => {
    if (from !== null && from > 0 && before !== null) return `size ${amount(from)} to ${amount(before)}`
    return before === null ? `larger ${amount(from ?? 0)}` : `smaller ${amount(before)}`
  },
  matches: ({ from, before }, { size }) => (from === null || size >= from) && (before === null || size < before),
  columns: { size: 's.size::float8' },
  compile: ({ from, before }, { bind }) =>
    both([
      from === null ? '' : `s.size >= ${bind(from)}::bigint`,
      before === null ? '' : `s.size < ${bind(before)}::bigint`,
    ]),
  facet: valuesFacet({
    key: 'sizes',
    name: 'Size',
    order: 90,
    relaxed: 'of any size',
    param: 'sizes',
    isValue: isSizeClass,
    rule: names => oneOrAny(names.map(name => ({ kind: 'size', ...spanOf(name) }))),
    count: {
      by: 'value',
      alias: 'size_class',
      select: () =>
        `CASE ${SIZE_CLASS_NAMES.map(name => {
          const { before } = SIZE_CLASSES[name]
          return before === null ? `ELSE '${name}'` : `WHEN s.size < ${before} THEN '${name}'`
        }).join(' ')} END`,
    },
    values: SIZE_CLASS_NAMES.map(value => ({ value, text: SIZE_CLASSES[value].name })),
  }),
})

function spanOf(name: keyof typeof SIZE_CLASSES): Pick<SizeRule, 'from' | 'before'> {
  const { from, before } = SIZE_CLASSES[name]
  return { from, before }
}

function bytes(text: string): number {
  const [, digits, unit] = /^(?:than\s+)?(\d{1,9}(?:\.\d+)?)\s*(KB|MB|GB)?$/i.exec(text) ?? []
  if (digits === undefined) throw new NoClause('write sizes as {larger 2 MB}')
  const name = (['KB', 'MB', 'GB'] as const).find(known => known === unit?.toUpperCase()) ?? 'MB'
  return Math.round(Number(digits) * SIZE_UNITS[name])
}

function amount(size: number): string {
  const unit = (['GB', 'MB', 'KB'] as const).find(name => size >= SIZE_UNITS[name]) ?? 'KB'
  return `${size / SIZE_UNITS[unit]} ${unit}`
}
