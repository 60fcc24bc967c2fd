// A server that is killed in the middle of things: what was answered is there, what was not is there wholly
// or not at all, and nothing is left lying about.

import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { randomBytes } from 'node:crypto'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { serve } from '../../scripts/lib/serve.mjs'
import type { DocumentId, FolderId } from '../../core/ids'
import { seeded } from '../../demo/random'
import { sweepIncoming } from '../../server/services/documents/sweepIncoming'
import { rows } from '../../server/db/client'
import { Client, newClient, sha256 } from '../support/client'

interface Running {
  address: string
  child: { kill: (signal: string) => void }
  ended: Promise<unknown>
}
const databaseUrl = process.env.DATABASE_URL ?? ''
const ROUNDS = 6
let port = 0
let running: Running
const start = async () => {
  running = (await serve({ port, databaseUrl, quiet: true })) as Running
}

async function kill(): Promise<void> {
  running.child.kill('SIGKILL')
  await running.ended
}

beforeAll(async () => {
  port = (await freePort()) as number
  await start()
})
afterAll(kill)

describe('a server that is killed', () => {
  it('at any moment of uploads, filing, bulk moves and undo leaves nothing lost and nothing half done', async () => {
    const random = seeded(77)
    const watcher = await newClient()
    const [a, b] = [await watcher.folder('A'), await watcher.folder('B')]
    const ids: DocumentId[] = []
    for (let index = 0; index < 150; index++)
      ids.push((await watcher.upload(`paper ${index}.txt`, `paper ${index}`, a)).id)
    // Behind the uploads lies more than the undos below can take back.
    for (let round = 0; round < ROUNDS; round++) await watcher.folder(`Between ${round}`)
    const planId = (await watcher.outline()).plan.id
    const victim = Object.assign(new Client(running.address), { cookie: watcher.cookie })
    for (let round = 0; round < ROUNDS; round++) {
      const bytes = randomBytes(3_000_000)
      const answered: { id: DocumentId; hash: string }[] = []
      const quiet = (work: Promise<unknown>) =>
        work.catch(() => {
          /* the server died under it */
        })
      const acts = [
        quiet(
          victim.upload(`large ${round}.bin`, bytes, a).then(({ id, status }) => {
            if (status === 200) answered.push({ id, hash: sha256(bytes) })
          }),
        ),
        quiet(
          victim.try({
            kind: 'document.file',
            documents: ids.map(id => ({ id, name: null })),
            folderIds: [b],
            tags: [],
          }),
        ),
        quiet(
          victim.try({
            kind: 'move',
            folderIds: [],
            documentIds: ids,
            fromFolderId: null,
            toFolderId: random.pick([a, b]),
            allowTwin: false,
            also: [],
            froms: [],
          }),
        ),
        quiet(victim.undo()),
      ]
      await new Promise(resolve => setTimeout(resolve, random.int(5, 260)))
      await kill()
      await Promise.all(acts)
      await start()
      for (const { id, hash } of answered) expect(sha256((await watcher.content(id)).bytes)).toBe(hash)
      await expectWhole(planId, ids, [a, b])
    }
    await sweepIncoming(new Date(Date.now() + 3 * 86_400_000))
    expect(await rows(null, 'SELECT 1 FROM blob WHERE sha256 IS NULL')).toEqual([])
  })
})

/** Every document has a place, all of a bulk act lie alike, contents are whole, revisions have no gap. */
async function expectWhole(planId: string, ids: readonly DocumentId[], folders: readonly FolderId[]): Promise<void> {
  expect(
    await rows(
      null,
      `SELECT d.id FROM document d WHERE d.plan_id = $1 AND d.trashed_at IS NULL AND NOT EXISTS (SELECT FROM placement p
        WHERE p.document_id = d.id)`,
      [planId],
    ),
  ).toEqual([])
  const lying = await rows<{ folders: string; count: number }>(
    null,
    `SELECT x.folders, count(*)::int AS count FROM (SELECT p.document_id, string_agg(p.folder_id::text, ' '
      ORDER BY p.folder_id) AS folders FROM placement p WHERE p.document_id = ANY($1::uuid[]) GROUP BY p.document_id) x
        GROUP BY x.folders`,
    [ids],
  )
  expect(lying.map(({ count }) => count)).toEqual([ids.length])
  expect(lying[0]?.folders.split(' ').every(id => folders.includes(id as FolderId))).toBe(true)
  expect(
    await rows(
      null,
      `SELECT b.id FROM document d JOIN blob b ON b.id = d.blob_id WHERE d.plan_id = $1 AND (b.sha256 IS NULL
        OR b.size <> coalesce((SELECT sum(length(c.bytes)) FROM blob_chunk c WHERE c.blob_id = b.id), 0))`,
      [planId],
    ),
  ).toEqual([])
  const [journal] = await rows<{ count: number; last: number; revision: number }>(
    null,
    `SELECT count(*)::int AS count, max(c.revision)::int AS last, (SELECT revision::int FROM plan
      WHERE id = $1) AS revision FROM change c WHERE c.plan_id = $1`,
    [planId],
  )
  expect([journal?.count, journal?.last]).toEqual([journal?.revision, journal?.revision])
}
