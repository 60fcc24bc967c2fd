// The columns of a list of documents after the name: which, in which order, how wide.

import type { Sort } from '../../contract/document'

export interface Column {
  readonly name: string
  /** Points, at first. */
  readonly width: number
  readonly sort?: Sort
  readonly right?: boolean
}

const COLUMNS = {
  type: { name: 'Type', width: 62, sort: 'type' },
  changed: { name: 'Changed', width: 92, sort: 'changed' },
  added: { name: 'Added', width: 92, sort: 'added' },
  size: { name: 'Size', width: 72, sort: 'size', right: true },
  tags: { name: 'Tags', width: 150 },
  colour: { name: 'Colour', width: 110 },
  sender: { name: 'From', width: 130 },
  way: { name: 'Way in', width: 80 },
  number: { name: 'Running no.', width: 90 },
  version: { name: 'Version', width: 66, right: true },
} as const satisfies Record<string, Column>
export type ColumnId = keyof typeof COLUMNS
export const COLUMN_IDS = Object.keys(COLUMNS) as ColumnId[]

export interface ShownColumn {
  readonly id: ColumnId
  /** Points. */
  readonly width: number
}

export const FIRST_COLUMNS: readonly ShownColumn[] = (['type', 'changed', 'size'] as const).map(id => ({
  id,
  width: COLUMNS[id].width,
}))
export const [LEAST_WIDTH, MOST_WIDTH] = [44, 420]

export function columnOf(id: ColumnId): Column {
  return COLUMNS[id]
}

/** As they were kept, whatever that was: what is not known is passed over, widths stay within what can be seen. */
export function readColumns(kept: unknown): readonly ShownColumn[] {
  if (!Array.isArray(kept)) return FIRST_COLUMNS
  const seen = new Set<string>()
  return kept.flatMap((one: unknown) => {
    const { id, width } = (typeof one === 'object' && one !== null ? one : {}) as { id?: unknown; width?: unknown }
    const known = COLUMN_IDS.find(candidate => candidate === id)
    if (!known || seen.has(known)) return []
    seen.add(known)
    return [
      { id: known, width: clamped(typeof width === 'number' && Number.isFinite(width) ? width : COLUMNS[known].width) },
    ]
  })
}

/** Shown at the end, or taken away. */
export function toggleColumn(columns: readonly ShownColumn[], id: ColumnId): readonly ShownColumn[] {
  return columns.some(column => column.id === id)
    ? columns.filter(column => column.id !== id)
    : [...columns, { id, width: COLUMNS[id].width }]
}

/** Moved to the right (or left, below 0) by so many places, at most to the end. */
export function moveColumn(columns: readonly ShownColumn[], id: ColumnId, by: number): readonly ShownColumn[] {
  const at = columns.findIndex(column => column.id === id)
  const [column] = columns.slice(at, at + 1)
  if (at < 0 || !column) return columns
  const rest = columns.filter(other => other.id !== id)
  const to = Math.max(0, Math.min(rest.length, at + by))
  return [...rest.slice(0, to), column, ...rest.slice(to)]
}

export function resizeColumn(columns: readonly ShownColumn[], id: ColumnId, width: number): readonly ShownColumn[] {
  return columns.map(column => (column.id === id ? { id, width: clamped(width) } : column))
}

function clamped(width: number): number {
  return Math.round(Math.max(LEAST_WIDTH, Math.min(MOST_WIDTH, width)))
}

/**
 * Where it is said when something was opened or how long it rests, that stands in the place of the change, always;
 * there is no room for the size.
 */
export function columnsWithNotes(columns: readonly ShownColumn[]): readonly ShownColumn[] {
  const shown = columns.filter(({ id }) => id !== 'size')
  return shown.some(({ id }) => id === 'changed') ? shown : [...shown, { id: 'changed', width: COLUMNS.changed.width }]
}

/**
 * The tracks of a row: mark, number, name, places (where shown), the columns, sign and star. Columns give way, each
 * down to the least, before the name does, so that nothing lies beside the list. What is said instead of the change
 * needs more room.
 */
export function tracksOf(
  columns: readonly ShownColumn[],
  { places, noted }: { readonly places: boolean; readonly noted: boolean },
): string {
  const widths = columns.map(({ id, width }) => {
    const most = id === 'changed' && noted ? Math.max(width, 150) : width
    return `minmax(${Math.min(most, LEAST_WIDTH)}px, ${most}px)`
  })
  return [
    '26px',
    '34px',
    places ? 'minmax(150px, 3fr)' : 'minmax(180px, 1fr)',
    ...(places ? ['minmax(80px, 2fr)'] : []),
    ...widths,
    '52px',
  ].join(' ')
}
