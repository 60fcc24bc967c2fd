// A database of every earlier version, with a row in every table it had, is brought up to date and keeps them all.

import { readdirSync } from 'node:fs'
import { resolve } from 'node:path'
import { pathToFileURL } from 'node:url'
import pg from 'pg'
import { v7 } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'

const FOLDER = 'server/db/migrations'
const url = new URL(process.env.DATABASE_URL ?? '')
const files = readdirSync(FOLDER).sort()
const migrations: string[] = []
let server: pg.Client

beforeAll(async () => {
  server = new pg.Client({ connectionString: url.href })
  await server.connect()
  for (const file of files)
    migrations.push(((await import(pathToFileURL(resolve(FOLDER, file)).href)) as { sql: string }).sql)
})
afterAll(() => server.end())

/** On an empty database of its own. */
async function withDatabase(work: (database: pg.Client) => Promise<void>): Promise<void> {
  const name = `version_${v7().replaceAll('-', '')}`
  await server.query(`CREATE DATABASE ${name}`)
  const database = new pg.Client({ connectionString: Object.assign(new URL(url), { pathname: `/${name}` }).href })
  try {
    await database.connect()
    await work(database)
  } finally {
    await database.end()
    await server.query(`DROP DATABASE ${name}`)
  }
}

interface Column {
  readonly table: string
  readonly name: string
  readonly type: string
  readonly hasDefault: boolean
}

async function columnsOf(database: pg.Client): Promise<Map<string, Column[]>> {
  const { rows } = await database.query<Column>(
    `SELECT c.relname AS table, a.attname AS name, format_type(a.atttypid, NULL) AS type, a.atthasdef AS "hasDefault"
    FROM pg_class c JOIN pg_attribute a ON a.attrelid = c.oid AND a.attnum > 0 AND NOT a.attisdropped
    WHERE c.relkind = 'r' AND c.relnamespace = current_schema()::regnamespace AND a.attidentity = ''
      AND a.attgenerated = '' ORDER BY c.oid, a.attnum`,
  )
  const tables = new Map<string, Column[]>()
  for (const column of rows) tables.set(column.table, [...(tables.get(column.table) ?? []), column])
  return tables
}

// One of everything: whatever is named alike is the same thing.
const [ACCOUNT, GROUP] = [v7(), v7()]
const IDS: Readonly<Record<string, string | undefined>> = {
  account: ACCOUNT,
  person: ACCOUNT,
  giver: ACCOUNT,
  person_group: GROUP,
  group: GROUP,
  plan: v7(),
  folder: v7(),
  document: v7(),
  blob: v7(),
  lock: v7(),
  tag: v7(),
  bundle: v7(),
  meaning: v7(),
}
const WORDS: Readonly<Record<string, string>> = {
  email: 'one@old.example',
  name: 'kept name',
  label: 'Added “kept name”',
  body: 'kept words',
  folded: ' kept words ',
  extension: 'txt',
  state: 'read',
  target: 'document',
  kind: 'document.add',
  child_order: 'number',
  origin: 'upload',
}
const VALUES: Readonly<Record<string, unknown>> = {
  smallint: 1,
  integer: 1,
  bigint: 5,
  real: 1,
  boolean: true,
  jsonb: '{}',
  json: '[]',
  bytea: Buffer.from('words'),
  tsvector: "'words'",
  'uuid[]': [],
  'text[]': [],
  'timestamp with time zone': '2026-01-02T03:04:05Z',
}
// In the Trash, under a parent, or undone: not this row.
const EMPTY = new Set(['trashed_at', 'trash_root', 'parent_id', 'undoes', 'undone_by', 'locked_at', 'copied_from'])

function valueOf({ table, name, type }: Column): unknown {
  if (EMPTY.has(name)) return null
  if (name === 'rows') return '[]'
  if (type !== 'uuid') return type === 'text' ? (WORDS[name] ?? 'text') : VALUES[type]
  const what = name === 'id' ? table : name === 'target_id' ? 'document' : name.replace(/_id$/, '')
  return IDS[what] ?? v7()
}

/** A row in every table; those that others point at come first, found out by trying. */
async function fill(database: pg.Client, tables: ReadonlyMap<string, Column[]>): Promise<void> {
  await database.query('BEGIN; SET CONSTRAINTS ALL DEFERRED')
  let waiting = [...tables.keys()]
  for (let before = waiting.length + 1; waiting.length > 0 && waiting.length < before;) {
    before = waiting.length
    const later: string[] = []
    for (const table of waiting) {
      const columns = (tables.get(table) ?? []).filter(({ name }) => name !== 'running_number')
      await database.query('SAVEPOINT tried')
      const inserted = await database
        .query(
          `INSERT INTO ${table} (${columns.map(({ name }) => name).join(', ')})
          VALUES (${columns.map((_, index) => `$${index + 1}`).join(', ')})`,
          columns.map(valueOf),
        )
        .then(
          () => true,
          (error: { code?: string }) => {
            if (error.code !== '23503') throw error // it points at what is not there yet
            return false
          },
        )
      if (inserted) continue
      await database.query('ROLLBACK TO tried')
      later.push(table)
    }
    waiting = later
  }
  expect(waiting).toEqual([])
  await database.query('COMMIT')
}

async function counts(database: pg.Client, tables: Iterable<string>): Promise<Record<string, number>> {
  const found: Record<string, number> = {}
  for (const table of tables) {
    const { rows } = await database.query<{ count: number }>(`SELECT count(*)::int AS count FROM ${table}`)
    found[table] = rows[0]?.count ?? 0
  }
  return found
}

describe('a database of an earlier version', () => {
  it.each(files.slice(0, -1).map((file, index) => [file.replace('.ts', ''), index + 1] as const))(
    '%s keeps a row of every table',
    async (_, version) => {
      await withDatabase(async database => {
        for (const sql of migrations.slice(0, version)) await database.query(sql)
        const before = await columnsOf(database)
        await fill(database, before)
        for (const sql of migrations.slice(version)) await database.query(sql)
        const after = await columnsOf(database)
        const lasting = [...before.keys()].filter(table => after.has(table))
        expect(await counts(database, lasting)).toEqual(Object.fromEntries(lasting.map(table => [table, 1])))
        const { rows } = await database.query(
          `SELECT a.email, p.name AS plan, f.name AS folder, d.name AS document, t.body, c.label,
            convert_from(k.bytes, 'UTF8') AS bytes
          FROM account a JOIN plan p ON p.account_id = a.id JOIN folder f ON f.plan_id = p.id
          JOIN document d ON d.plan_id = p.id JOIN placement l ON l.document_id = d.id AND l.folder_id = f.id
          JOIN blob b ON b.id = d.blob_id JOIN blob_chunk k ON k.blob_id = b.id
          LEFT JOIN page_text t ON t.blob_id = b.id JOIN change c ON c.plan_id = p.id`,
        )
        expect(rows).toEqual([
          {
            email: WORDS.email,
            plan: WORDS.name,
            folder: WORDS.name,
            document: WORDS.name,
            body: before.has('page_text') ? WORDS.body : null,
            label: WORDS.label,
            bytes: 'words',
          },
        ])
      })
    },
  )
})
