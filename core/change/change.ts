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

export function inserted<T extends TableName>(table: T, row: Tables[T]): RowChange {
  return { table, op: 'insert', id: row.id, after: row } as unknown as RowChange // the union cannot follow the generic table
}

export function deleted<T extends TableName>(table: T, row: Tables[T]): RowChange {
  return { table, op: 'delete', id: row.id, before: row } as unknown as RowChange // as above
}

/** The update that turns `row` into `row` with `patch`, or nothing when they are equal already. */
export function updated<T extends TableName>(table: T, row: Tables[T], patch: Partial<Tables[T]>): RowChange[] {
  const before: Record<string, unknown> = {}
  const after: Record<string, unknown> = {}
  const present = row as unknown as AnyRow
  for (const [column, value] of Object.entries(patch as AnyRow)) {
    if (sameValue(present[column], value)) continue
    before[column] = present[column]
    after[column] = value
  }
  if (Object.keys(after).length === 0) return []
  return [{ table, op: 'update', id: row.id, before, after } as unknown as RowChange] // as above
}

/** The change that takes this one back, its rows in the opposite order. */
export function invert(rows: readonly RowChange[]): RowChange[] {
  return rows.map(invertRow).reverse()
}

function invertRow(row: RowChange): RowChange {
  switch (row.op) {
    case 'insert':
      return { table: row.table, op: 'delete', id: row.id, before: row.after } as RowChange
    case 'delete':
      return { table: row.table, op: 'insert', id: row.id, after: row.before } as RowChange
    case 'update':
      return { table: row.table, op: 'update', id: row.id, before: row.after, after: row.before } as RowChange
  }
}

/** Those of `rows` that do not fit the state: what they found is no longer there. */
export function conflicts(state: State, rows: readonly RowChange[]): RowChange[] {
  return rows.filter(row => {
    const present = state[row.table].get(row.id) as unknown as AnyRow | undefined
    switch (row.op) {
      case 'insert':
        return present !== undefined
      case 'delete':
        return !present || !sameColumns(present, row.before as unknown as AnyRow)
      case 'update':
        return !present || !sameColumns(present, row.before as unknown as AnyRow)
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
    else table.set(row.id, { ...table.get(row.id), ...(row.after as unknown as AnyRow) })
  }
  return next as unknown as State
}

/** Values are JSON; objects are compared by their parts. */
function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  const left = a as AnyRow
  const right = b as AnyRow
  const keys = Object.keys(left)
  return keys.length === Object.keys(right).length && keys.every(key => sameValue(left[key], right[key]))
}

function sameColumns(present: AnyRow, expected: AnyRow): boolean {
  return Object.entries(expected).every(([column, value]) => sameValue(present[column], value))
}
