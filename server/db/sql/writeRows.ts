// Writes the rows of a Change, all of a kind in one statement. Each statement also checks that the
// rows still hold what the Change says they held.

import type { RowChange } from '../../../core/change/index'
import type { TableName } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { execute } from '../client'
import { columnTypes } from '../columnTypes'
import { COLUMNS, columnName, EARLIER, toColumns } from '../tables'

type Plain = Readonly<Record<string, unknown>>

// So many rows go into one statement; between two of them a long act tells how far it is, and can be stopped.
const ROWS_AT_ONCE = 2500

/**
 * How many rows of the Change found what they expected; fewer than given means that something else changed them.
 * `between` is called with how many are written after each statement; what it throws ends the writing.
 */
export async function writeRows(
  transaction: Transaction,
  planId: string,
  changes: readonly RowChange[],
  between: (done: number) => Promise<void>,
): Promise<number> {
  let written = 0
  for (const [, group] of groupAlike(changes)) {
    for (let from = 0; from < group.length; from += ROWS_AT_ONCE) {
      written += await writeAlike(transaction, planId, group.slice(from, from + ROWS_AT_ONCE))
      await between(written)
    }
  }
  return written
}

async function writeAlike(transaction: Transaction, planId: string, group: readonly RowChange[]): Promise<number> {
  const [first] = group
  if (!first) return 0
  if (first.op === 'insert') return insertRows(transaction, planId, first.table, group)
  if (first.op === 'delete') return deleteRows(transaction, planId, first.table, group)
  return updateRows(transaction, planId, first.table, group, Object.keys(first.after))
}

/**
 * Groups by operation, table and set of columns; the order between groups does not matter, since keys are checked when
 * all is written.
 */
function groupAlike(changes: readonly RowChange[]): Map<string, RowChange[]> {
  const groups = new Map<string, RowChange[]>()
  for (const change of changes) {
    const columns = change.op === 'update' ? Object.keys(change.after).sort().join() : ''
    const key = `${change.op} ${change.table} ${columns}`
    const group = groups.get(key)
    if (group) group.push(change)
    else groups.set(key, [change])
  }
  return groups
}

function insertRows(
  transaction: Transaction,
  planId: string,
  table: TableName,
  group: readonly RowChange[],
): Promise<number> {
  const columns = COLUMNS[table].map(columnName).join(', ')
  const values = group.map(change =>
    toColumns({ ...EARLIER[table], ...((change.op === 'insert' ? change.after : {}) as unknown as Plain) }),
  )
  const copies = table === 'placement' ? PLACEMENT_COPIES : NO_COPIES
  return execute(
    transaction,
    `INSERT INTO ${table} (plan_id, ${columns}${copies.columns})
      SELECT $1::uuid, ${COLUMNS[table].map(column => `r.${columnName(column)}`).join(', ')}${copies.values}
    FROM ${rowsOf(table)} r ${copies.from}`,
    [planId, JSON.stringify(values)],
  )
}

const NO_COPIES = { columns: '', values: '', from: '' }
// A place is written with the copies of its document at once: written without them, each of its indexes would be
// written twice. A document of the same Change may come after its place; then it is hidden until its copies are made
// (db/sql/derived).
const PLACEMENT_COPIES = {
  columns: ', name, extension, changed_at, size, added_at, live',
  values: `, coalesce(d.name, ''), coalesce(d.extension, ''), coalesce(d.changed_at, now()), coalesce(d.size, 0),
    coalesce(d.created_at, now()), d.id IS NOT NULL AND d.trashed_at IS NULL`,
  from: 'LEFT JOIN document d ON d.id = r.document_id AND d.plan_id = $1',
}

function deleteRows(
  transaction: Transaction,
  planId: string,
  table: TableName,
  group: readonly RowChange[],
): Promise<number> {
  const values = group.map(change =>
    toColumns({ ...EARLIER[table], ...((change.op === 'delete' ? change.before : {}) as unknown as Plain) }),
  )
  return execute(
    transaction,
    `DELETE FROM ${table} t USING ${rowsOf(table)} b
    WHERE t.id = b.id AND ${planPredicate(table)} AND ${COLUMNS[table]
      .map(columnName)
      .map(column => `t.${column} IS NOT DISTINCT FROM b.${column}`)
      .join(' AND ')}`,
    [planId, JSON.stringify(values)],
  )
}

async function updateRows(
  transaction: Transaction,
  planId: string,
  table: TableName,
  group: readonly RowChange[],
  keys: readonly string[],
): Promise<number> {
  const known: readonly string[] = COLUMNS[table]
  if (!keys.every(key => known.includes(key)))
    throw new Error(`The table ${table} has no such column among ${keys.join()}.`)
  const columns = keys.map(columnName)
  const types = await columnTypes(transaction, table)
  const typed = (prefix: string) => columns.map(column => `${prefix}${column} ${types.get(column)}`)
  const pairs = group.map(change => {
    const pair: Record<string, unknown> = { id: change.id }
    if (change.op !== 'update') return pair
    for (const [index, key] of keys.entries()) {
      pair[`b_${columns[index]}`] = (change.before as Plain)[key]
      pair[`a_${columns[index]}`] = (change.after as Plain)[key]
    }
    return pair
  })
  return execute(
    transaction,
    `UPDATE ${table} t SET ${columns.map(column => `${column} = x.a_${column}`).join(', ')}
    FROM json_to_recordset($2::json) AS x(id uuid, ${[...typed('b_'), ...typed('a_')].join(', ')})
    WHERE t.id = x.id AND ${planPredicate(table)} AND ${columns
      .map(
        column => `t.${column} IS NOT DISTINCT
      FROM x.b_${column}`,
      )
      .join(' AND ')}`,
    [planId, JSON.stringify(pairs)],
  )
}

/**
 * The rows in the JSON of the second parameter, as rows of the table. Read as json: jsonb would be built first, only to
 * be taken apart.
 */
function rowsOf(table: TableName): string {
  return `json_populate_recordset(null::${table}, $2::json)`
}

function planPredicate(table: TableName): string {
  return table === 'plan' ? 't.id = $1' : 't.plan_id = $1'
}
