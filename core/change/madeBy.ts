import type { Origin } from '../rows/index'
import type { RowChange } from './change'

/** Who carried a Change out: the person, a standing order, or a device or service that brought documents in. */
export const MADE_BY = ['person', 'order', 'arrival'] as const
export type MadeBy = (typeof MADE_BY)[number]

const BY_THEMSELVES: ReadonlySet<Origin> = new Set(['mail', 'drop', 'colleague'])

/**
 * Told from the rows of a Change that is no undo: what a standing order filed says so, what came in by itself as well.
 */
export function madeByOf(rows: readonly RowChange[]): MadeBy {
  for (const row of rows) {
    if (row.table !== 'document') continue
    if (row.op === 'insert' && BY_THEMSELVES.has(row.after.origin)) return 'arrival'
    if (row.op === 'update' && typeof row.after.filedBy === 'string') return 'order'
  }
  return 'person'
}
