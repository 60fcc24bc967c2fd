// A Change is a list of rows with their state before and after. Everything that alters a plan is
// one; undo is its inverse. This file knows rows and tables, and no feature.

import type { TableName, Tables } from '../rows/index'

/** An update holds only the columns that differ, the same ones on both sides. */
export type RowChange = {
  [T in TableName]:
    | { readonly table: T; readonly op: 'insert'; readonly id: string; readonly after: Tables[T] }
    | { readonly table: T; readonly op: 'delete'; readonly id: string; readonly before: Tables[T] }
    | {
        readonly table: T
        readonly op: 'update'
        readonly id: string
        readonly before: Partial<Tables[T]>
        readonly after: Partial<Tables[T]>
      }
}[TableName]

/** The rows of a plan in memory, by table and id. */
export type State = { readonly [T in TableName]: ReadonlyMap<string, Tables[T]> }

type AnyRow = Readonly<Record<string, unknown>>

/** A row by the names of its columns. */
const asAny = (row: object): AnyRow => row as AnyRow

/** A change whose table and rows are of one kind, which the union cannot follow through a generic table. */
const asChange = (change: object): RowChange => change as RowChange

export function inserted<T extends TableName>(table: T, row: Tables[T]): RowChange {
  return asChange({ table, op: 'insert', id: row.id, after: row })
}

export function deleted<T extends TableName>(table: T, row: Tables[T]): RowChange {
  return asChange({ table, op: 'delete', id: row.id, before: row })
}

/** The update that turns `row` into `row` with `patch`, or nothing when they are equal already. */
export function updated<T extends TableName>(table: T, row: Tables[T], patch: Partial<Tables[T]>): RowChange[] {
  const before: Record<string, unknown> = {}
  const after: Record<string, unknown> = {}
  const present = asAny(row)
  for (const [column, value] of Object.entries(asAny(patch))) {
    if (sameValue(present[column], value)) continue
    before[column] = present[column]
    after[column] = value
  }
  if (Object.keys(after).length === 0) return []
  return [asChange({ table, op: 'update', id: row.id, before, after })]
}

/** The change that takes this one back, its rows in the opposite order. */
export function invert(rows: readonly RowChange[]): RowChange[] {
  return rows.map(invertRow).reverse()
}

function invertRow(row: RowChange): RowChange {
  switch (row.op) {
    case 'insert':
      return asChange({ table: row.table, op: 'delete', id: row.id, before: row.after })
    case 'delete':
      return asChange({ table: row.table, op: 'insert', id: row.id, after: row.before })
    case 'update':
      return asChange({ table: row.table, op: 'update', id: row.id, before: row.after, after: row.before })
  }
}

/** Those of `rows` that do not fit the state: what they found is no longer there. */
export function conflicts(state: State, rows: readonly RowChange[]): RowChange[] {
  return rows.filter(row => {
    const present = state[row.table].get(row.id)
    switch (row.op) {
      case 'insert':
        return present !== undefined
      case 'delete':
        return !present || !sameColumns(asAny(present), asAny(row.before))
      case 'update':
        return !present || !sameColumns(asAny(present), asAny(row.before))
    }
  })
}

/** The state after the change; null when any row conflicts. The given state stays as it is. */
export function tryApply(state: State, rows: readonly RowChange[]): State | null {
  const next = Object.fromEntries(
    Object.entries(state).map(([table, map]) => [table, new Map(map as ReadonlyMap<string, unknown>)]),
  ) as unknown as Record<TableName, Map<string, AnyRow>>
  for (const row of rows) {
    if (conflicts(next as unknown as State, [row]).length > 0) return null
    const table = next[row.table]
    if (row.op === 'delete') table.delete(row.id)
    else table.set(row.id, { ...table.get(row.id), ...asAny(row.after) })
  }
  return next as unknown as State
}

/** Values are JSON; objects are compared by their parts. */
function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  const [left, right] = [asAny(a), asAny(b)]
  const keys = Object.keys(left)
  return keys.length === Object.keys(right).length && keys.every(key => sameValue(left[key], right[key]))
}

function sameColumns(present: AnyRow, expected: AnyRow): boolean {
  return Object.entries(expected).every(([column, value]) => sameValue(present[column], value))
}
