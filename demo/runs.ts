// What the folders of the demo plan are made of, and the runs of papers that lie in them.

import type { Numbering } from '../core/numbering/index'
import type { Origin } from '../core/rows/index'
import type { Format } from './papers'
import type { Subject } from './texts'

export const MEANINGS = [
  { key: 'quay', name: 'Quay office', ink: '#44AA99', closed: false },
  { key: 'teaching', name: 'Teaching', ink: '#332288', closed: false },
  { key: 'study', name: 'Study', ink: '#CDB75B', closed: false },
  { key: 'building', name: 'Building', ink: '#AA4499', closed: false },
  { key: 'regatta', name: 'Regatta', ink: '#117733', closed: false },
  { key: 'urgent', name: 'Urgent', ink: '#CC6677', closed: false },
  { key: 'closed', name: 'Closed', ink: '#B7B2A6', closed: true },
] as const
export type MeaningKey = (typeof MEANINGS)[number]['key']

/**
 * A run of papers: how many, about what, called what. In names and titles {n} counts, {date}, {berth}, {boat},
 * {person}, {firm}, {knot}, {month} and {year} are filled.
 */
export interface Run {
  readonly count: number
  readonly subject: Subject
  readonly name: string
  readonly title: string
  readonly formats: readonly Format[]
  readonly table?: 'dues' | 'attendance'
  /** Years of the dates; the three years of the plan unless said. */
  readonly years?: readonly [number, number]
  readonly length?: number
  /** How it arrived, and from whom; an upload unless said. */
  readonly origin?: Origin
  readonly sender?: string
  /** Numbers of the berths; 1 to 24 unless said. */
  readonly berths?: readonly [number, number]
}

export interface DemoFolder {
  readonly name: string
  readonly meaning?: MeaningKey
  readonly purpose?: string
  readonly number?: number
  readonly numbering?: Numbering
  readonly byName?: true
  /** It is given out by a link, for these people. */
  readonly link?: string
  readonly papers?: readonly Run[]
  readonly folders?: readonly DemoFolder[]
}

export const run = (
  count: number,
  subject: Subject,
  name: string,
  title: string,
  formats: readonly Format[],
  more: Partial<Run> = {},
): Run => ({ count, subject, name, title, formats, ...more })
export const LEASE = (count: number, more: Partial<Run> = {}) =>
  run(
    count,
    'lease',
    '{date} Berth lease, pontoon {berth} (signed)',
    'Berth lease: pontoon {berth}',
    ['pdf', 'pdf', 'docx', 'odt'],
    { length: 13, ...more },
  )
export const LETTER = (count: number, more: Partial<Run> = {}) =>
  run(
    count,
    'letter',
    '{date} Letter to berth {berth} about {topic}',
    'Letter to berth {berth} about {topic}',
    ['odt', 'docx', 'pdf'],
    more,
  )
export const DUES = (count: number, more: Partial<Run> = {}) =>
  run(count, 'dues', '{date} Invoice, berth {berth}', 'Invoice for berth {berth}', ['pdf', 'pdf', 'docx'], more)
