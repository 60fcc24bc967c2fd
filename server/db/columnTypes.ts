// The types of a table's columns, as the database itself has them: asked once for each table.

import type { TableName } from '../../core/rows/index'
import type { Transaction } from './client'
import { rows } from './client'

const known = new Map<TableName, ReadonlyMap<string, string>>()

/** SQL type by column name. */
export async function columnTypes(transaction: Transaction, table: TableName): Promise<ReadonlyMap<string, string>> {
  const earlier = known.get(table)
  if (earlier) return earlier
  const found = await rows<{ name: string; type: string }>(
    transaction,
    `SELECT attname AS name, format_type(atttypid, atttypmod) AS type FROM pg_attribute
    WHERE attrelid = $1::regclass AND attnum > 0 AND NOT attisdropped`,
    [table],
  )
  const types = new Map(found.map(({ name, type }) => [name, type]))
  known.set(table, types)
  return types
}
