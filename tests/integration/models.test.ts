import { describe, expect, it } from 'vitest'
import { rows } from '../../server/db/client'
import type { Model, ModelStatic } from 'sequelize'
import { MODELS } from '../../server/db/models/index'

const models: readonly { readonly name: string; readonly model: ModelStatic<Model> }[] = MODELS.map(model => ({
  name: model.name,
  model: model(),
}))

interface Column {
  readonly table: string
  readonly name: string
  readonly type: string
  readonly isRequired: boolean
  readonly isKey: boolean
}

const inDatabase = await rows<Column>(
  null,
  `SELECT c.relname AS table, a.attname AS name, format_type(a.atttypid, NULL) AS type, a.attnotnull AS "isRequired",
    coalesce(a.attnum = ANY(k.conkey), false) AS "isKey"
  FROM pg_class c JOIN pg_attribute a ON a.attrelid = c.oid AND a.attnum > 0 AND NOT a.attisdropped
  LEFT JOIN pg_constraint k ON k.conrelid = c.oid AND k.contype = 'p'
  WHERE c.relkind = 'r' AND c.relnamespace = current_schema()::regnamespace AND c.relname <> 'migration'`,
)

// As PostgreSQL calls the types that models are declared with.
const TYPES: Readonly<Record<string, string>> = {
  'TIMESTAMP WITH TIME ZONE': 'timestamp with time zone',
  FLOAT: 'real',
}

describe('the models', () => {
  it('are one for each table', () => {
    const tables = [...new Set(inDatabase.map(({ table }) => table))].sort()
    expect(models.map(({ model }) => String(model.getTableName())).sort()).toEqual(tables)
  })

  it.each(models.map(({ name, model }) => [name, model] as const))('%s has the columns of its table', (_, model) => {
    const table = String(model.getTableName())
    const declared = Object.values(model.getAttributes()).map(attribute => {
      const type = String((attribute.type as { toSql?: () => string }).toSql?.() ?? attribute.type)
      return {
        name: attribute.field ?? '',
        type: TYPES[type] ?? type.toLowerCase(),
        isRequired: attribute.primaryKey === true || attribute.allowNull === false,
        isKey: attribute.primaryKey === true,
      }
    })
    const stored = inDatabase
      .filter(column => column.table === table)
      .map(({ name, type, isRequired, isKey }) => ({ name, type, isRequired, isKey }))
    const byName = (a: { name: string }, b: { name: string }) => a.name.localeCompare(b.name)
    expect(declared.sort(byName)).toEqual(stored.sort(byName))
  })
})
