// Random acts through the routes, all undone again: the rows in the database are then what they were.

import { describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { HistoryPage } from '../../contract/change'
import type { ClientCommand } from '../../contract/command'
import type { DocumentId, FolderId } from '../../core/ids'
import { seeded } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

const TABLES = ['folder', 'document', 'version', 'placement', 'star', 'search_row', 'name_token'] as const

/** Every row of the plan, derived ones included, but for when a folder changed. */
async function snapshot(planId: string): Promise<Record<string, unknown[]>> {
  const taken: Record<string, unknown[]> = {}
  for (const table of TABLES) {
    const found = await rows<{ row: Record<string, unknown> }>(
      null,
      `SELECT to_jsonb(t) - 'pad'${table === 'folder' ? " - 'changed_at'" : ''} AS row FROM ${table} t
        WHERE t.plan_id = $1`,
      [planId],
    )
    taken[table] = found.map(({ row }) => row).sort((a, b) => JSON.stringify(a).localeCompare(JSON.stringify(b)))
  }
  return taken
}

async function randomAct(
  client: Client,
  random: ReturnType<typeof seeded>,
  folders: FolderId[],
  documents: DocumentId[],
): Promise<boolean> {
  const folder = () => random.pick(folders)
  const place = () => (random.next() < 0.25 ? null : random.pick(folders))
  const things = () => ({
    folderIds: random.some(folders, random.int(0, 1)),
    documentIds: random.some(documents, random.int(0, 3)),
  })
  const commands: (() => ClientCommand)[] = [
    () => {
      const id = v7() as FolderId
      folders.push(id)
      return { kind: 'folder.create', id, parentId: place(), name: random.pick(['A', 'B', 'C']), allowTwin: true }
    },
    () => ({ kind: 'folder.rename', id: folder(), name: `Name ${random.int(1, 9)}`, allowTwin: true }),
    () => ({ kind: 'folder.number', id: folder(), number: random.int(0, 30) }),
    () => ({ kind: 'folder.order', id: folder(), order: random.pick(['name', 'number']) }),
    () => ({ kind: 'document.rename', id: random.pick(documents), name: `Paper ${random.int(1, 9)}`, allowTwin: true }),
    () => ({ kind: 'move', ...things(), toFolderId: place(), fromFolderId: place(), allowTwin: true }),
    () => ({ kind: 'star', ...things(), on: random.next() < 0.6 }),
    () => ({ kind: 'trash', ...things() }),
    () => ({ kind: 'restore', ...things() }),
  ]
  return (await client.try(random.pick(commands)())).status === 200
}

describe('any sequence of acts', () => {
  it.each([11, 12, 13])(
    'undone one after the other leaves the database as it was, and redone as it became (seed %i)',
    async seed => {
      const client = await newClient()
      const planId = (await client.outline()).plan.id
      const random = seeded(seed)
      const folders = [await client.folder('One'), await client.folder('Two')]
      const documents: DocumentId[] = []
      for (let count = 0; count < 5; count++)
        documents.push((await client.upload(`paper ${count}.xyz`, `${seed} ${count}`, random.pick(folders))).id)
      const before = await snapshot(planId)
      let done = 0
      for (let step = 0; step < 40; step++) if (await randomAct(client, random, folders, documents)) done++
      const after = await snapshot(planId)
      for (let step = 0; step < done; step++) expect((await client.undo()).status).toBe(200)
      expect(await snapshot(planId)).toEqual(before)
      for (let step = 0; step < done; step++) expect((await client.redo()).status).toBe(200)
      expect(await snapshot(planId)).toEqual(after)
      expect(done).toBeGreaterThan(10)
    },
  )
})

describe('two windows', () => {
  it('that act at the same moment both succeed or are told, and nothing is half done', async () => {
    const client = await newClient()
    const [a, b] = [await client.folder('A'), await client.folder('B')]
    const { id } = await client.upload('paper.txt', 'x', a)
    const acts = await Promise.all(
      Array.from({ length: 12 }, (_, index) =>
        client.try(
          index % 2 === 0
            ? {
                kind: 'move',
                folderIds: [],
                documentIds: [id],
                toFolderId: index % 4 === 0 ? b : a,
                fromFolderId: null,
                allowTwin: false,
              }
            : { kind: 'document.rename', id, name: `Paper ${index}` },
        ),
      ),
    )
    expect(acts.filter(reply => ![200, 409].includes(reply.status))).toEqual([])
    expect((await client.document(id)).folderIds).toHaveLength(1)
    const revisions = (await client.get<HistoryPage>('/api/changes')).body.changes.map(change => change.revision)
    expect(revisions).toEqual([...revisions].sort((x, y) => y - x))
    expect(new Set(revisions).size).toBe(revisions.length)
  })
})

describe('History', () => {
  it('is paged by revision, newest first, without gaps', async () => {
    const client = await newClient()
    const id = await client.folder('Counted')
    for (let number = 1; number <= 105; number++) await client.act({ kind: 'folder.number', id, number })
    const first = (await client.get<HistoryPage>('/api/changes')).body
    const second = (await client.get<HistoryPage>(`/api/changes?before=${first.next}`)).body
    expect([first.changes.length, second.changes.length, second.next]).toEqual([100, 6, null])
    expect([...first.changes, ...second.changes].map(change => change.revision)).toEqual(
      Array.from({ length: 106 }, (_, index) => 106 - index),
    )
  })
})
