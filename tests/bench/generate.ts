// A generated plan of many documents, written with SQL in bulk: only its shape matters here, and the
// acts themselves are measured elsewhere.

import { generateNKeysBetween } from 'fractional-indexing'
import { v7 } from 'uuid'
import { foldedText } from '../../core/text/index'
import type { Random } from '../../demo/random'
import { seeded } from '../../demo/random'
import { POOLS } from '../../demo/texts'
import { rows, execute, withTransaction } from '../../server/db/client'
import { refreshDerived } from '../../server/db/sql/derived'

const SYLLABLES = [
  'ba',
  'ke',
  'lo',
  'mi',
  'nu',
  'pra',
  'ste',
  'tri',
  'vo',
  'xa',
  'zel',
  'qui',
  'fer',
  'gam',
  'hil',
  'dor',
]
const VOCABULARY = 30_000
const BATCH = 500

/** Words by Zipf's law: a few are very common, most are rare. */
export function zipfWords(random: Random): () => string {
  const common = [
    ...new Set(Object.values(POOLS).flatMap(pool => pool.flatMap(sentence => foldedText(sentence).split(' ')))),
  ].filter(word => word.length > 2)
  const words = [
    ...common,
    ...Array.from({ length: VOCABULARY - common.length }, () =>
      Array.from({ length: random.int(2, 4) }, () => random.pick(SYLLABLES)).join(''),
    ),
  ]
  const harmonic = Math.log(words.length)
  return () => words[Math.min(words.length - 1, Math.floor(Math.exp(random.next() * harmonic)) - 1)] ?? 'berth'
}

export interface Generated {
  readonly folderIds: readonly string[]
  readonly names: readonly string[]
  readonly bodies: readonly string[]
}

export async function generatePlan(planId: string, folders: number, documents: number): Promise<Generated> {
  const random = seeded(7)
  const word = zipfWords(random)
  const folderIds = await makeFolders(planId, folders, random, word)
  const names: string[] = []
  const bodies: string[] = []
  for (let made = 0; made < documents; made += BATCH) {
    const batch = Array.from({ length: Math.min(BATCH, documents - made) }, (_, index) => {
      const name = `${Array.from({ length: random.int(2, 5) }, word).join(' ')} ${made + index}`
      const body = Array.from({ length: random.int(60, 400) }, word).join(' ')
      names.push(name)
      if (bodies.length < 2000) bodies.push(body)
      // A tenth lies in one folder, so that a large list is measured as well.
      const folderId = random.next() < 0.1 ? folderIds[0] : random.pick(folderIds)
      return {
        id: v7(),
        version_id: v7(),
        placement_id: v7(),
        blob_id: v7(),
        name,
        folded: foldedText(name),
        extension: random.pick(['pdf', 'docx', 'txt', 'md']),
        body,
        body_folded: foldedText(body),
        folder_id: folderId,
        size: random.int(1000, 900_000),
        changed_at: new Date(Date.UTC(2024, 0, 1) + random.int(0, 1000 * 86_400) * 1000).toISOString(),
      }
    })
    await writeBatch(planId, batch)
  }
  await execute(null, 'ANALYZE')
  return { folderIds, names, bodies }
}

async function makeFolders(planId: string, count: number, random: Random, word: () => string): Promise<string[]> {
  const ids = Array.from({ length: count }, () => v7())
  const keys = generateNKeysBetween(null, null, count)
  const made = ids.map((id, index) => {
    const name = `${word()} ${word()} ${index}`
    return {
      id,
      parent_id: index < 10 ? null : ids[random.int(0, Math.min(index - 1, 300))],
      name,
      folded: foldedText(name),
      order_key: keys[index],
    }
  })
  await execute(
    null,
    `INSERT INTO folder (id, plan_id, parent_id, name, folded, order_key, child_order, purpose, created_at)
    SELECT x.id, $1::uuid, x.parent_id, x.name, x.folded, x.order_key, 'number', '', now()
      FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, parent_id uuid, name text, folded text, order_key text)`,
    [planId, JSON.stringify(made)],
  )
  return ids
}

async function writeBatch(planId: string, batch: readonly { readonly id: string }[]): Promise<void> {
  const json = JSON.stringify(batch)
  const from = `FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, version_id uuid, placement_id uuid, blob_id uuid,
    name text, folded text, extension text, body text, body_folded text, folder_id uuid, size bigint,
      changed_at timestamptz)`
  const statements = [
    `INSERT INTO blob (id, sha256, size, created_at) SELECT x.blob_id, sha256(x.blob_id::text::bytea), x.size,
      now() ${from} WHERE $1::uuid IS NOT NULL`,
    `INSERT INTO reading (blob_id, state, extension, pages, paged, words, changed_at)
      SELECT x.blob_id, 'read', x.extension, 1, false, array_to_tsvector(string_to_array(x.body_folded, ' ')),
        now() ${from} WHERE $1::uuid IS NOT NULL`,
    `INSERT INTO page_text (blob_id, page, body, folded) SELECT x.blob_id, 1, x.body,
      ' ' || x.body_folded || ' ' ${from} WHERE $1::uuid IS NOT NULL`,
    `INSERT INTO document (id, plan_id, name, folded, extension, media_type, size, blob_id, version, remark, created_at,
      changed_at) SELECT x.id, $1::uuid, x.name, x.folded, x.extension, 'text/plain', x.size, x.blob_id, 1, '', now(),
        x.changed_at ${from}`,
    `INSERT INTO version (id, plan_id, document_id, number, blob_id, size, media_type, extension, changed_at,
      created_at) SELECT x.version_id, $1::uuid, x.id, 1, x.blob_id, x.size, 'text/plain', x.extension, x.changed_at,
        now() ${from}`,
    `INSERT INTO placement (id, plan_id, document_id, folder_id, home)
      SELECT x.placement_id, $1::uuid, x.id, x.folder_id, true ${from}`,
  ]
  await withTransaction(async transaction => {
    for (const sql of statements) await execute(transaction, sql, [planId, json])
    await refreshDerived(
      transaction,
      planId,
      batch.map(row => row.id),
    )
  })
}

/** The floor under any list: the same number of rows fetched by their ids, nothing worked out. */
export async function fetchByIds(planId: string, ids: readonly string[]): Promise<number> {
  return (
    await rows(null, 'SELECT id, name, size, changed_at FROM document WHERE plan_id = $1 AND id = ANY($2::uuid[])', [
      planId,
      ids,
    ])
  ).length
}
