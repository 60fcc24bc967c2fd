// Folders and documents as one ZIP.

import { unzipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import type { DocumentId, FolderId } from '../../core/ids'
import { newClient } from '../support/client'
import type { Client, Refused } from '../support/client'

const archived = async (client: Client, query: string) => {
  const reply = await fetch(`${client.base}/api/documents/archive?${query}`, { headers: { cookie: client.cookie } })
  const files = unzipSync(new Uint8Array(await reply.arrayBuffer()))
  return {
    name: decodeURIComponent(
      /filename\*=UTF-8''([^;]+)/.exec(reply.headers.get('content-disposition') ?? '')?.[1] ?? '',
    ),
    files: Object.fromEntries(Object.entries(files).map(([path, bytes]) => [path, Buffer.from(bytes).toString()])),
  }
}

/** 1 Office with 1.1 Leases in it, 2 Class; a note in both Leases and Class. */
async function smallPlan() {
  const client = await newClient()
  const office = await client.folder('Office')
  const leases = await client.folder('Leases', office)
  const class_ = await client.folder('Class')
  const upload = async (name: string, text: string, place: FolderId | null) =>
    (await client.upload(name, text, place)).id as DocumentId
  const lease = await upload('lease.txt', 'a lease', leases)
  const note = await upload('note.txt', 'a note', leases)
  const loose = await upload('loose.txt', 'not filed', null)
  await client.act({ kind: 'document.file', documents: [{ id: note, name: null }], folderIds: [class_], tags: [] })
  return { client, office, leases, class_, lease, note, loose }
}

describe('what is downloaded at once', () => {
  it('is a folder with all below, in folders that are named as they are written', async () => {
    const { client, office, leases, class_ } = await smallPlan()
    expect(await archived(client, `folders=${office}`)).toEqual({
      name: '1 Office.zip',
      files: { '1 Office/1.1 Leases/lease.txt': 'a lease', '1 Office/1.1 Leases/note.txt': 'a note' },
    })
    expect(Object.keys((await archived(client, `folders=${leases},${class_}`)).files)).toEqual([
      '1.1 Leases/lease.txt',
      '1.1 Leases/note.txt',
      '2 Class/note.txt',
    ])
  })

  it('is a selection of documents, with a folder among them', async () => {
    const { client, class_, lease, loose } = await smallPlan()
    expect((await archived(client, `documents=${loose},${lease}&folders=${class_}`)).files).toEqual({
      'loose.txt': 'not filed',
      'lease.txt': 'a lease',
      '2 Class/note.txt': 'a note',
    })
  })

  it('is the whole plan where nothing is named, with the In-tray and without the Trash', async () => {
    const { client, lease } = await smallPlan()
    await client.act({ kind: 'trash', folderIds: [], documentIds: [lease] })
    const { name, files } = await archived(client, '')
    expect([name, Object.keys(files)]).toEqual([
      'My plan.zip',
      ['1 Office/1.1 Leases/note.txt', '2 Class/note.txt', 'In-tray/loose.txt'],
    ])
  })

  it('is refused in a sentence where there is nothing, and where an id is none', async () => {
    const { client } = await smallPlan()
    const empty = await client.folder('Empty')
    const reply = await client.get<Refused>(`/api/documents/archive?folders=${empty}`)
    expect([reply.status, reply.body.message]).toEqual([
      422,
      'There is no document in “3 Empty” to download. Add some first.',
    ])
    expect((await client.get<Refused>('/api/documents/archive?documents=x')).status).toBe(404)
  })
})

describe('the plan itself', () => {
  it('is renamed, and back by undo; a name that is none is refused', async () => {
    const client = await newClient()
    const nameOf = async () => (await client.get<{ plan: { name: string } }>('/api/plan')).body.plan.name
    await client.act({ kind: 'plan.rename', name: '  Tern   Quay ' })
    expect(await nameOf()).toBe('Tern Quay')
    expect((await client.try({ kind: 'plan.rename', name: ' ' })).body).toMatchObject({ code: 'name.empty' })
    await client.undo()
    expect(await nameOf()).toBe('My plan')
  })
})
