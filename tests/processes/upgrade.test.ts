// A database of an earlier version is brought up to date, and everybody has what they had.

import { spawnSync } from 'node:child_process'
import { readdirSync } from 'node:fs'
import { pathToFileURL } from 'node:url'
import { resolve } from 'node:path'
import pg from 'pg'
import { v7 } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'

const FOLDER = 'server/db/migrations'
/** The last version in which bytes were stored once for all plans. */
const SHARED_BYTES = 16
const url = new URL(process.env.DATABASE_URL ?? '')
const name = `upgrade_${v7().replaceAll('-', '')}`
const older = Object.assign(new URL(url), { pathname: `/${name}` })
let database: pg.Client
let server: pg.Client

beforeAll(async () => {
  server = new pg.Client({ connectionString: url.href })
  await server.connect()
  await server.query(`CREATE DATABASE ${name}`)
  database = new pg.Client({ connectionString: older.href })
  await database.connect()
  await database.query('CREATE TABLE migration (name text PRIMARY KEY, ran_at timestamptz NOT NULL DEFAULT now())')
  for (const file of readdirSync(FOLDER).sort().slice(0, SHARED_BYTES)) {
    const migration = (await import(pathToFileURL(resolve(FOLDER, file)).href)) as { name: string; sql: string }
    await database.query(migration.sql)
    await database.query('INSERT INTO migration (name) VALUES ($1)', [migration.name])
  }
})
afterAll(async () => {
  await database.end()
  await server.query(`DROP DATABASE ${name}`)
  await server.end()
})

interface Owner {
  readonly account: string
  readonly plan: string
  readonly document: string
}

/** An account whose plan holds one document with these bytes, as an earlier version wrote it. */
async function owner(blob: string, email: string): Promise<Owner> {
  const [account, plan, document, version, placement, change] = [v7(), v7(), v7(), v7(), v7(), v7()]
  await database.query(`INSERT INTO account (id, email, password_hash, created_at) VALUES ($1, $2, 'x', now())`, [
    account,
    email,
  ])
  await database.query(
    `INSERT INTO plan (id, account_id, name, numbering, child_order) VALUES ($1, $2, 'Plan', '{}', 'number')`,
    [plan, account],
  )
  await database.query(
    `INSERT INTO document (id, plan_id, name, folded, extension, media_type, size, blob_id, version, remark, created_at,
      changed_at) VALUES ($1, $2, 'notes', 'notes', 'txt', 'text/plain', 5, $3, 1, '', now(), now())`,
    [document, plan, blob],
  )
  await database.query(
    `INSERT INTO version (id, plan_id, document_id, number, blob_id, size, media_type, extension, changed_at,
      created_at) VALUES ($1, $2, $3, 1, $4, 5, 'text/plain', 'txt', now(), now())`,
    [version, plan, document, blob],
  )
  await database.query('INSERT INTO placement (id, plan_id, document_id, home) VALUES ($1, $2, $3, true)', [
    placement,
    plan,
    document,
  ])
  await database.query(`INSERT INTO star (id, plan_id, target, created_at) VALUES ($1, $2, 'document', now())`, [
    document,
    plan,
  ])
  await database.query(
    `INSERT INTO change (id, plan_id, revision, account_id, at, kind, label, places, rows)
      VALUES ($1, $2, 1, $3, now(), 'document.add', 'Added', '{}', $4)`,
    [
      change,
      plan,
      account,
      JSON.stringify([{ op: 'insert', table: 'document', id: document, after: { id: document, blobId: blob } }]),
    ],
  )
  return { account, plan, document }
}

describe('bytes that two plans shared', () => {
  it("are each plan's own afterwards, with what was read of them, History and all", async () => {
    const [shared, lone, gone] = [v7(), v7(), v7()]
    for (const blob of [shared, lone, gone]) {
      await database.query(
        `INSERT INTO blob (id, sha256, size, created_at) VALUES ($1::uuid, sha256($1::text::bytea), 5, now())`,
        [blob],
      )
      await database.query(`INSERT INTO blob_chunk (blob_id, seq, bytes) VALUES ($1, 0, 'words')`, [blob])
    }
    await database.query(
      `INSERT INTO reading (blob_id, state, extension, pages, words, changed_at)
        VALUES ($1, 'read', 'txt', 1, 'words'::tsvector, now())`,
      [shared],
    )
    await database.query(`INSERT INTO page_text (blob_id, page, body, folded) VALUES ($1, 1, 'words', ' words ')`, [
      shared,
    ])
    const [one, two, alone] = [
      await owner(shared, 'one@old.example'),
      await owner(shared, 'two@old.example'),
      await owner(lone, 'alone@old.example'),
    ]
    // Its document was deleted for good in one plan; only History could bring the bytes back.
    await database.query(`UPDATE change SET rows = $2 WHERE plan_id = $1`, [
      alone.plan,
      JSON.stringify([{ op: 'delete', table: 'version', id: v7(), before: { blobId: gone } }]),
    ])

    const { status, stdout, stderr } = spawnSync(
      process.execPath,
      ['--import', 'tsx', 'scripts/prepare.ts', '--empty'],
      { encoding: 'utf8', env: { ...process.env, DATABASE_URL: older.href } },
    )
    expect([status, stderr.replace(/^npm.*\n/gm, '')]).toEqual([0, ''])
    expect(stdout).toContain('database brought up to date')

    const held = await database.query<{
      plan: string
      own: boolean
      bytes: string
      words: string | null
      body: string | null
      same: boolean
      inHistory: boolean
    }>(`SELECT d.plan_id AS plan, b.plan_id = d.plan_id AS own, convert_from(c.bytes, 'UTF8') AS bytes,
      r.words::text AS words, t.body,
        v.blob_id = d.blob_id AS same, h.rows::text LIKE '%' || d.blob_id || '%' AS "inHistory"
      FROM document d JOIN blob b ON b.id = d.blob_id JOIN blob_chunk c ON c.blob_id = b.id JOIN version v
        ON v.document_id = d.id JOIN change h ON h.plan_id = d.plan_id LEFT JOIN reading r ON r.blob_id = b.id
          AND r.plan_id = d.plan_id LEFT JOIN page_text t ON t.blob_id = b.id`)
    expect(held.rows).toHaveLength(3)
    for (const { plan } of [one, two])
      expect(held.rows).toContainEqual({
        plan,
        own: true,
        bytes: 'words',
        words: "'words'",
        body: 'words',
        same: true,
        inHistory: true,
      })
    expect(held.rows).toContainEqual({
      plan: alone.plan,
      own: true,
      bytes: 'words',
      words: null,
      body: null,
      same: true,
      inHistory: false,
    })
    expect((await database.query('SELECT plan_id FROM blob WHERE id = $1', [gone])).rows).toEqual([
      { plan_id: alone.plan },
    ])
    expect((await database.query('SELECT count(*)::int AS count FROM star')).rows).toEqual([{ count: 3 }])
  })
})
