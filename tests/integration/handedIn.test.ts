// What other programs and a colleague hand in, and bytes that belong to nothing any more.

import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { Arrivals } from '../../contract/arrivals'
import type { InsideTrash } from '../../contract/document'
import { blobStore } from '../../server/db/blobStore'
import { rows } from '../../server/db/client'
import { dropOrphans } from '../../server/db/sql/orphans'
import type { Client, Refused } from '../support/client'
import { BASE, newClient } from '../support/client'

async function share(client: Client, parts: Record<string, string>, files: Record<string, string> = {}) {
  const form = new FormData()
  for (const [name, value] of Object.entries(parts)) form.set(name, value)
  for (const [name, value] of Object.entries(files)) form.append('files', new Blob([value]), name)
  return fetch(`${BASE}/api/share`, {
    method: 'POST',
    headers: { cookie: client.cookie },
    body: form,
    redirect: 'manual',
  })
}

const inTray = async (client: Client) =>
  (await client.documentsIn('in-tray')).documents.map(row => `${row.name}.${row.extension} ${row.origin}`).sort()

describe('what is handed to the installed app', () => {
  it('lies in the In-tray: files, a text as a memo, an address as a link', async () => {
    const client = await newClient()
    const response = await share(
      client,
      { title: 'Tide times' },
      { 'tides.csv': 'day,high\n1,04:12\n', 'notes.txt': 'x' },
    )
    expect([response.status, response.headers.get('location')]).toEqual([303, '/in-tray'])
    await share(client, { title: 'Thoughts', text: 'Paint the rail/n before May' })
    await share(client, { title: '', text: 'https://quay.example/tides' })
    expect(await inTray(client)).toEqual([
      'Thoughts.md memo',
      'notes.txt share',
      'quay.example – tides.uri link',
      'tides.csv share',
    ])
    await client.undo()
    await client.undo()
    await client.undo()
    expect(await inTray(client)).toEqual([])
  })

  it('is refused when there is nothing in it, or nobody is signed in', async () => {
    const client = await newClient()
    expect(((await (await share(client, { title: 'only a title' })).json()) as Refused).code).toBe('request.invalid')
    client.cookie = ''
    expect((await share(client, { text: 'x' })).status).toBe(401)
  })
})

describe('what a colleague hands over', () => {
  it('is taken as copies or as pointers, and a folder stands at the top of the plan', async () => {
    const client = await newClient()
    await client.send('POST', '/api/arrivals/colleague', { as: 'pointers' })
    const { documents } = await client.documentsIn('in-tray')
    expect(documents.map(row => [row.extension, row.origin, row.sender])).toEqual(
      Array.from({ length: 2 }, () => ['uri', 'colleague', 'the evening school']),
    )
    expect((await client.content(documents[0]?.id ?? '')).bytes.toString()).toMatch(
      /# Belongs to the evening school\r\nhttps:\/\/evening\.example\/papers\//,
    )
    const { changes } = (await client.send<Arrivals>('POST', '/api/arrivals/colleague', { folder: true })).body
    expect(changes[0]?.label).toBe('Added 1 folder with 3 documents to the top of the plan')
    const [folder] = (await client.outline()).folders
    expect([folder?.name, (await client.documentsIn(folder?.id ?? '')).documents.length]).toEqual([
      'Evening school papers',
      3,
    ])
  })
})

describe('a folder in the Trash', () => {
  it('is looked into as it lay', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const top = await client.folder('Old term')
    const week = await client.folder('Week 1', top)
    await client.upload('plan.txt', 'x', week)
    await client.upload('list.txt', 'y', top)
    expect((await client.get<Refused>(`/api/trash/${top}`)).status).toBe(404)
    await client.act({ kind: 'trash', folderIds: [top], documentIds: [] })
    const { items } = (await client.get<{ items: InsideTrash[] }>(`/api/trash/${top}`)).body
    expect(items.map(({ target, name, parentId }) => [target, name, parentId])).toEqual([
      ['folder', 'Week 1', top],
      ['document', 'list', top],
      ['document', 'plan', week],
    ])
    expect((await stranger.get<Refused>(`/api/trash/${top}`)).status).toBe(404)
  })
})

describe('finished bytes that nothing holds', () => {
  const age = (id: string) =>
    rows(null, `UPDATE blob SET created_at = now() - interval '2 days' WHERE id = $1 RETURNING id`, [id])
  const isThere = async (id: string) => (await rows(null, 'SELECT 1 FROM blob WHERE id = $1', [id])).length === 1
  const store = async (planId: string, text: string) =>
    (
      await blobStore.write(
        planId,
        v7(),
        (async function* () {
          yield Buffer.from(text)
        })(),
        1000,
      )
    ).id

  it('are cleared away after a day, and not before; what an undone act could bring back stays', async () => {
    const client = await newClient()
    const { id } = await client.upload('undone.txt', `comes back ${v7()}`)
    const [held] = await rows<{ blobId: string; planId: string }>(
      null,
      'SELECT blob_id AS "blobId", plan_id AS "planId" FROM document WHERE id = $1',
      [id],
    )
    const planId = held?.planId ?? ''
    const [old, fresh] = [await store(planId, `loose ${v7()}`), await store(planId, `loose ${v7()}`)]
    await client.undo()
    await age(old)
    await age(held?.blobId ?? '')
    const { count, bytes } = await dropOrphans(new Date())
    expect([
      count >= 1,
      bytes > 0,
      await isThere(old),
      await isThere(fresh),
      await isThere(held?.blobId ?? ''),
    ]).toEqual([true, true, false, true, true])
    expect((await client.redo()).status).toBe(200)
    expect((await client.content(id)).bytes.toString()).toContain('comes back')
  })
})
