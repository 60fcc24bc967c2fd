import { describe, expect, it } from 'vitest'
import { PLAIN_NUMBERING } from '../../core/numbering/index'
import { rows } from '../../server/db/client'
import type { Model, ModelStatic } from 'sequelize'
import { ASSOCIATIONS, belonging } from '../../server/db/associations'
import { handovers } from '../../server/db/models/handover'
import { plans } from '../../server/db/models/plan'
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

describe('a model', () => {
  const [id, now] = ['0192f0a0-0000-7000-8000-000000000001', new Date()]
  const plan = { id, accountId: id, name: 'Plan', numbering: PLAIN_NUMBERING, childOrder: 'number' } as const
  const offer = { id, planId: id, personId: id, target: 'plan', targetId: id, note: '', createdAt: now } as const

  it('takes what is right', async () => {
    await expect(
      plans()
        .build({ ...plan, trashDays: null })
        .validate(),
    ).resolves.toMatchObject({ id })
    await expect(
      handovers()
        .build({ ...offer, role: null })
        .validate(),
    ).resolves.toMatchObject({ id })
  })

  it.each([
    ['a plan without a name', () => plans().build({ ...plan, name: '' }), 'may not be empty'],
    ['a Trash that is emptied at once', () => plans().build({ ...plan, trashDays: 0 }), '1 at least'],
    ['an order nobody knows', () => plans().build({ ...plan, childOrder: 'sideways' as never }), 'one of: number'],
    ['a role nobody knows', () => handovers().build({ ...offer, role: 'reign' as never }), 'one of: read'],
  ])('refuses %s', async (_, build, why) => {
    await expect(build().validate()).rejects.toThrow(why)
  })
})

interface Key {
  readonly table: string
  readonly columns: string[]
  readonly to: string
}

describe('the associations of the models', () => {
  const columnOf = (model: ModelStatic<Model>, attribute: string) =>
    model.getAttributes()[attribute]?.field ?? attribute
  const told = ({ table, columns, to }: Key) => `${table} (${[...columns].sort().join(', ')}) is of ${to}`
  const declared = ASSOCIATIONS.filter(({ loose }) => !loose).map(({ of, to, by, inPlan }) =>
    told({
      table: String(of().getTableName()),
      columns: [columnOf(of(), by), ...(inPlan ? [columnOf(of(), 'planId')] : [])],
      to: String(to().getTableName()),
    }),
  )

  it('are the foreign keys of the database', async () => {
    const keys = await rows<Key>(
      null,
      `SELECT c.relname AS table, t.relname AS to, (SELECT array_agg(a.attname::text) FROM pg_attribute a
        WHERE a.attrelid = k.conrelid AND a.attnum = ANY(k.conkey)) AS columns
      FROM pg_constraint k JOIN pg_class c ON c.oid = k.conrelid JOIN pg_class t ON t.oid = k.confrelid
      WHERE k.contype = 'f' AND k.connamespace = current_schema()::regnamespace`,
    )
    expect(declared.sort()).toEqual(keys.map(told).sort())
  })

  it.each(ASSOCIATIONS.map(association => [association.of.name, association.as, association] as const))(
    '%s are read with their %s by one statement',
    async (_, as, { of, to }) => {
      const key = [...to().primaryKeyAttributes]
      const include = [belonging(of, as, { attributes: key, required: false })]
      expect(await of().findAll({ attributes: [...of().primaryKeyAttributes], include, limit: 3 })).toBeInstanceOf(
        Array,
      )
    },
  )
})
