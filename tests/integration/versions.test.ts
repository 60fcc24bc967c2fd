import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { ChangeEntry, HistoryPage } from '../../contract/change'
import type { TrashItem } from '../../contract/document'
import { rows, withTransaction } from '../../server/db/client'
import { refreshWordsOfBlob } from '../../server/db/sql/derived'
import { holdReading } from '../../server/db/sql/reading'
import { sweepTrash } from '../../server/services/trash/sweepTrash'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

async function write(client: Client, id: string, text: string, name = 'x.txt') {
  const query = new URLSearchParams({ change: v7(), name, changed: '2026-05-01T00:00:00.000Z', written: 'true' })
  const response = await fetch(`${client.base}/api/documents/${id}/content?${query.toString()}`, {
    method: 'POST',
    headers: { cookie: client.cookie, 'content-type': 'application/octet-stream', connection: 'close' },
    body: text,
  })
  return { status: response.status, body: (await response.json()) as ChangeEntry & Refused }
}
const history = async (client: Client, query = '') =>
  (await client.get<HistoryPage>(`/api/changes?${query}`)).body.changes.map(({ label }) => label)
const purge = (client: Client, body: object) =>
  client.send<ChangeEntry & Refused>('POST', '/api/trash/purge', { id: v7(), ...body })

/** Statements with these words that wait for what another holds. */
const waitingFor = async (words: string) =>
  (
    await rows(
      null,
      `SELECT 1 FROM pg_stat_activity WHERE wait_event_type = 'Lock' AND datname = current_database()
        AND position($1 IN query) > 0`,
      [words],
    )
  ).length

describe('versions', () => {
  it('are kept when contents are written, and an earlier one becomes current again', async () => {
    const client = await newClient()
    const [a, b] = [await client.folder('A'), await client.folder('B')]
    const { id } = await client.upload('x.txt', 'one', a)
    await client.act({ kind: 'document.file', documents: [{ id, name: null }], folderIds: [b], tags: [] })
    expect((await write(client, id, 'two')).body.label).toBe('Wrote “x” in 1 A')
    await client.act({ kind: 'version.remark', documentId: id, number: 1, remark: 'as it came' })
    await client.act({ kind: 'version.current', documentId: id, number: 1 })
    const facts = await client.document(id)
    expect(facts.versions.map(({ number, remark }) => [number, remark])).toEqual([
      [3, 'as version 1'],
      [2, ''],
      [1, 'as it came'],
    ])
    expect((await client.content(id)).bytes.toString()).toBe('one')
    // An edit shows in all places at once.
    expect((await client.documentsIn(b)).documents[0]).toMatchObject({ id, version: 3, size: 3 })
    await client.undo()
    expect((await client.content(id)).bytes.toString()).toBe('two')
  })

  it('are not made of what is the same, of nothing, or of another account’s document', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const { id } = await client.upload('x.txt', 'one')
    expect((await write(client, id, 'one')).body.code).toBe('act.nothing')
    expect((await write(stranger, id, 'two')).status).toBe(404)
    expect((await client.try({ kind: 'version.current', documentId: id, number: 9 })).status).toBe(404)
  })
})

describe('History', () => {
  it('is narrowed by words, time, folder and thing', async () => {
    const client = await newClient()
    const [a, b] = [await client.folder('Alpha'), await client.folder('Beta')]
    const inner = await client.folder('Inner', a)
    const { id } = await client.upload('100% paper.txt', 'one', inner)
    await client.act({ kind: 'star', folderIds: [], documentIds: [id], on: true })
    expect(await history(client, 'text=beta')).toEqual(['New folder “Beta” in the top of the plan'])
    expect(await history(client, 'text=100%25')).toHaveLength(2)
    expect(await history(client, 'text=0%25%25')).toEqual([])
    expect(await history(client, `thing=${id}`)).toEqual(['Starred “100% paper”', 'Added “100% paper” to 1.1 Inner'])
    expect(await history(client, `folder=${a}`)).toContain('Added “100% paper” to 1.1 Inner')
    expect(await history(client, `folder=${b}`)).not.toContain('Added “100% paper” to 1.1 Inner')
    expect(await history(client, `until=${encodeURIComponent('2020-01-01T00:00:00.000Z')}`)).toEqual([])
    expect((await client.get('/api/changes?thing=nonsense')).status).toBe(400)
  })
})

describe('undoing everything since', () => {
  it('takes a run of acts back at once, or nothing of it', async () => {
    const client = await newClient()
    const a = await client.folder('A')
    const first = await client.act({ kind: 'folder.rename', id: a, name: 'B', allowTwin: false })
    const { id } = await client.upload('x.txt', 'x', a)
    await client.act({ kind: 'document.rename', id, name: 'y' })
    await client.act({ kind: 'star', folderIds: [], documentIds: [id], on: true })
    const since = (changeId: string, request = v7()) =>
      client.send<{ changes: ChangeEntry[] } & Refused>('POST', '/api/changes/undo-since', { id: request, changeId })
    const request = v7()
    const { body } = await since(first.id, request)
    expect(body.changes.map(({ label }) => label)).toEqual([
      'Undid: Starred “y”',
      'Undid: Renamed “x” to “y” in 1 B',
      'Undid: Added “x” to 1 B',
      'Undid: Renamed “A” to “B” in the top of the plan',
    ])
    expect((await client.outline()).folders.map(({ name }) => name)).toEqual(['A'])
    expect((await since(first.id, request)).body.changes).toHaveLength(1)
    expect((await since(first.id)).body.code).toBe('undo.done')
    for (let times = 0; times < 4; times++) expect((await client.redo()).status).toBe(200)
    expect((await client.document(id)).name).toBe('y')
    await client.act({ kind: 'trash', folderIds: [], documentIds: [id] })
    expect((await purge(client, { all: true })).status).toBe(200)
    expect((await since(first.id)).body.code).toBe('undo.never')
    expect((await client.outline()).folders.map(({ name }) => name)).toEqual(['B'])
  })
})

describe('deleting for good', () => {
  it('takes a branch with its bytes, cannot be undone, and leaves what is filed elsewhere', async () => {
    const client = await newClient()
    const [gone, kept] = [await client.folder('Gone'), await client.folder('Kept')]
    const bytes = `only here ${v7()}`
    const { id } = await client.upload('a.txt', bytes, gone)
    const shared = await client.upload('b.txt', 'shared', gone)
    await client.act({ kind: 'document.file', documents: [{ id: shared.id, name: null }], folderIds: [kept], tags: [] })
    const single = await client.upload('c.txt', 'single', gone)
    await client.act({ kind: 'trash', folderIds: [], documentIds: [single.id] })
    await client.act({ kind: 'trash', folderIds: [gone], documentIds: [] })
    const { status, body } = await purge(client, { ids: [gone] })
    expect([status, body.label]).toEqual([200, `Deleted “Gone” for good (1 document, ${bytes.length} B freed)`])
    expect((await client.get(`/api/documents/${id}`)).status).toBe(404)
    expect((await client.document(shared.id)).folderIds).toEqual([kept])
    const [blob] = await rows<{ count: number }>(
      null,
      `SELECT count(*)::int AS count FROM blob WHERE sha256 = sha256($1::bytea)`,
      [Buffer.from(bytes)],
    )
    expect(blob?.count).toBe(0)
    expect((await client.undo(body.id)).body.code).toBe('undo.never')
    await client.act({ kind: 'restore', folderIds: [], documentIds: [single.id] })
    expect((await client.document(single.id)).folderIds).toEqual([null])
    expect((await purge(client, { ids: [gone] })).status).toBe(404)
  })

  it('waits for a reader that keeps the words of what goes, and the reader for nothing', async () => {
    const client = await newClient()
    const { id } = await client.upload('read.txt', `read meanwhile ${v7()}`)
    await client.act({ kind: 'trash', folderIds: [], documentIds: [id] })
    const [document] = await rows<{ blob: string }>(null, 'SELECT blob_id AS blob FROM document WHERE id = $1', [id])
    const purged = await withTransaction(async transaction => {
      expect(await holdReading(transaction, document?.blob ?? '')).toBe(true)
      const reply = purge(client, { all: true })
      await expect.poll(() => waitingFor('FROM reading r')).toBe(1)
      await refreshWordsOfBlob(transaction, document?.blob ?? '')
      return { reply }
    })
    expect((await purged.reply).status).toBe(200)
    expect(await withTransaction(transaction => holdReading(transaction, document?.blob ?? ''))).toBe(false)
  })

  it('empties the Trash of one account only, and repeats nothing', async () => {
    const [client, other] = [await newClient(), await newClient()]
    for (const one of [client, other]) {
      const { id } = await one.upload('x.txt', v7())
      await one.act({ kind: 'trash', folderIds: [], documentIds: [id] })
    }
    const id = v7()
    expect((await purge(client, { id, all: true })).status).toBe(200)
    expect((await purge(client, { id, all: true })).body.id).toBe(id)
    expect((await purge(client, { all: true })).body.code).toBe('act.nothing')
    expect((await other.get<{ items: TrashItem[] }>('/api/trash')).body.items).toHaveLength(1)
  })

  it('happens by itself after the days that the plan keeps things', async () => {
    const client = await newClient()
    const [old, fresh] = [await client.upload('old.txt', v7()), await client.upload('fresh.txt', v7())]
    await client.act({ kind: 'trash', folderIds: [], documentIds: [old.id, fresh.id] })
    await client.act({ kind: 'plan.trash', days: 30 })
    await rows(null, `UPDATE document SET trashed_at = now() - interval '31 days' WHERE id = $1`, [old.id])
    expect(await sweepTrash(new Date())).toBeGreaterThan(0)
    expect([
      (await client.get(`/api/documents/${old.id}`)).status,
      (await client.get(`/api/documents/${fresh.id}`)).status,
    ]).toEqual([404, 200])
    expect((await client.try({ kind: 'plan.trash', days: 0 })).status).toBe(400)
  })
})

describe('many names', () => {
  it('change in one act, or not at all', async () => {
    const client = await newClient()
    const [a, b] = [await client.upload('a.txt', 'a'), await client.upload('b.txt', 'b')]
    expect(
      (
        await client.act({
          kind: 'document.names',
          names: [
            { id: a.id, name: '01 a' },
            { id: b.id, name: '02 b' },
          ],
        })
      ).label,
    ).toBe('Renamed 2 documents')
    expect(
      (
        await client.try({
          kind: 'document.names',
          names: [
            { id: a.id, name: 'fine' },
            { id: b.id, name: 'a/b' },
          ],
        })
      ).status,
    ).toBe(422)
    expect((await client.document(a.id)).name).toBe('01 a')
  })
})
