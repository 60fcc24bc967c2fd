// What narrows by time: one span of any of the four times, drawn on bars of months.

import { storableTime } from '../../dates/index'
import { addedField } from './added'
import { changedField } from './changed'
import { datedField } from './dated'
import type { Facet } from './facet'
import { openedField } from './opened'
import type { TimeUnit } from './timeField'
import { TIME_UNITS } from './timeField'

export const TIMES = [changedField, addedField, openedField, datedField] as const
export type TimeKey = (typeof TIMES)[number]['key']
export const TIME_FIELDS: readonly TimeKey[] = TIMES.map(({ key }) => key)

/** A span of time: two days, or up to now. */
export interface Span {
  readonly field: TimeKey
  /** ISO 8601; null leaves a side open. */
  readonly from: string | null
  readonly before: string | null
  /** The last so many; it goes before the two days. */
  readonly last: { readonly count: number; readonly unit: TimeUnit } | null
}

export const spanFacet: Facet<'span', Span | null> = {
  key: 'span',
  name: 'When',
  panel: 'span',
  order: 40,
  relaxed: 'at any time',
  params: ['when', 'last', 'from', 'before'],
  none: null,
  widens: true,
  read(text) {
    const field = TIME_FIELDS.find(name => name === text('when')) ?? 'changed'
    const [, count, unit] = /^(\d{1,4})-(day|week|month)$/.exec(text('last')) ?? []
    const [from, before] = [storableTime(text('from')), storableTime(text('before'))]
    const last =
      count === undefined ? null : { count: Number(count), unit: TIME_UNITS.find(name => name === unit) ?? 'day' }
    const isNone = last === null && from === null && before === null && text('when') === ''
    return isNone ? null : { field, from, before, last }
  },
  print: span => ({
    when: span === null ? '' : span.field,
    last: span?.last ? `${span.last.count}-${span.last.unit}` : '',
    from: span?.from ?? '',
    before: span?.before ?? '',
  }),
  rules(span) {
    if (span === null) return []
    const { field, from, before, last } = span
    if (last !== null) return [{ kind: 'recent', field, ...last } as const]
    return [{ kind: 'time', field, from, before } as const]
  },
  count: {
    by: 'value',
    alias: 'month',
    select: span => {
      const { moment } = TIMES.find(({ key }) => key === (span?.field ?? 'changed')) ?? changedField
      return `date_trunc('month', ${moment} AT TIME ZONE 'UTC')`
    },
    show: "to_char(month, 'YYYY-MM')",
  },
}
