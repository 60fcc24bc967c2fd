// Kept searches, bundles, visits, searches made lately.

import { unzipSync } from 'fflate'
import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { BundleContents, Bundle, Found, Lately, RecentSearch } from '../../contract/find'
import type { BundleId, DocumentId, FolderId, SearchId, TagId } from '../../core/ids'
import { STARTERS } from '../../core/find/index'
import { rows } from '../../server/db/client'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

// Every plan begins with six kept searches; these tests look at their own.
const STARTED = new Set(STARTERS.map(starter => starter.name))
const searchesOf = async (client: Client) =>
  (await client.outline()).searches.filter(search => !STARTED.has(search.name))
const keep = (
  client: Client,
  name: string,
  query: Record<string, string>,
  folderId: FolderId | null = null,
  id = v7() as SearchId,
) => client.act({ kind: 'search.keep', id, name, query, folderId, pinned: true, desk: false }).then(() => id)
const counts = async (client: Client) => {
  const own = new Set<string>((await searchesOf(client)).map(search => search.id))
  return (await client.get<{ counts: { id: string; count: number | null }[] }>('/api/find/kept')).body.counts.filter(
    ({ id }) => own.has(id),
  )
}

describe('a kept search', () => {
  it('is always current, changes, and is undone like anything', async () => {
    const client = await newClient()
    const folder = await client.folder('Leases')
    await client.upload('berth lease.txt', 'x', folder)
    const id = await keep(client, 'Leases', { q: 'lease' }, folder)
    expect(await searchesOf(client)).toMatchObject([
      { id, name: 'Leases', query: { q: 'lease' }, folderId: folder, pinned: true },
    ])
    expect(await counts(client)).toEqual([{ id, count: 1 }])
    await client.upload('second lease.txt', 'y', folder)
    expect(await counts(client)).toEqual([{ id, count: 2 }])
    await keep(client, 'Papers', { types: 'pdf' }, null, id)
    expect(await counts(client)).toEqual([{ id, count: 0 }])
    await client.undo()
    expect((await searchesOf(client))[0]?.name).toBe('Leases')
    await client.act({ kind: 'search.drop', id })
    expect(await searchesOf(client)).toEqual([])
    expect((await client.documentsIn(folder)).documents).toHaveLength(2)
  })

  it('is refused when its rules are broken or its place is gone, and shows nobody else anything', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    expect(
      (
        await client.try({
          kind: 'search.keep',
          id: v7() as SearchId,
          name: 'x',
          query: { rule: '{' },
          folderId: null,
          pinned: false,
          desk: false,
        })
      ).body,
    ).toMatchObject({ code: 'rule.wrong' })
    expect(
      (
        await client.try({
          kind: 'search.keep',
          id: v7() as SearchId,
          name: 'x',
          query: {},
          folderId: v7() as FolderId,
          pinned: false,
          desk: false,
        })
      ).body,
    ).toMatchObject({ code: 'notFound' })
    await keep(client, 'Mine', { q: 'mine' })
    expect([await searchesOf(stranger), await counts(stranger)]).toEqual([[], []])
  })

  it('becomes a folder: its documents moved or filed there as well, in one act', async () => {
    const client = await newClient()
    const folder = await client.folder('One')
    const { id: a } = await client.upload('crane a.txt', 'x', folder)
    const { id: b } = await client.upload('crane b.txt', 'y')
    const search = await keep(client, 'Cranes', { q: 'crane' })
    const made = v7() as FolderId
    const change = await client.act({
      kind: 'search.folder',
      id: search,
      folderId: made,
      parentId: null,
      name: 'Cranes',
      documentIds: [a, b],
      way: 'file',
      drop: true,
    })
    expect(change.label).toBe('Made 2 Cranes of a search, 2 documents filed there as well')
    expect([
      (await client.document(a)).folderIds,
      (await client.document(b)).folderIds,
      await searchesOf(client),
    ]).toEqual([[folder, made], [made], []])
    await client.undo()
    expect([
      (await client.document(a)).folderIds,
      (await client.document(b)).folderIds,
      (await searchesOf(client)).length,
      (await client.outline()).folders.length,
    ]).toEqual([[folder], [null], 1, 1])
  })

  it('takes the place of a folder that becomes a tag', async () => {
    const client = await newClient()
    const parent = await client.folder('Office')
    const folder = await client.folder('Urgent', parent)
    const { id } = await client.upload('a.txt', 'x', folder)
    const [tag, search] = [v7() as TagId, v7() as SearchId]
    await client.act({
      kind: 'folder.tag',
      id: folder,
      tag: { id: tag, name: 'urgent' },
      searchId: search,
      dissolve: true,
    })
    const after = await client.outline()
    expect([
      after.folders.map(one => one.name),
      after.searches.filter(one => !STARTED.has(one.name)).map(one => [one.name, one.folderId]),
      (await client.document(id)).folderIds,
    ]).toEqual([['Office'], [['Urgent', parent]], [parent]])
    expect((await client.get<Found>(`/api/find?tags=${tag}`)).body.documents.map(row => row.id)).toEqual([id])
    await client.undo()
    expect([(await client.document(id)).folderIds, await searchesOf(client), (await client.outline()).tags]).toEqual([
      [folder],
      [],
      [],
    ])
  })
})

describe('the kept searches that a plan begins with', () => {
  it('find what they are called after', async () => {
    const client = await newClient()
    const { id } = await client.upload('one.txt', 'the same')
    await client.upload('two.txt', 'the same')
    const big = await client.upload('big.bin', Buffer.alloc(1_200_000))
    // What was starred a moment ago is not forgotten yet, though it was never opened.
    await client.act({ kind: 'star', folderIds: [], documentIds: [id, big.id], on: true })
    await rows(null, `UPDATE star SET created_at = now() - interval '2 months' WHERE id = $1`, [id])
    await rows(
      null,
      `WITH older AS (UPDATE document SET created_at = now() - interval '9 days' WHERE id = $1) UPDATE search_row
        SET added_at = now() - interval '9 days' WHERE document_id = $1`,
      [id],
    )
    const { counts: all } = (await client.get<{ counts: { id: string; count: number }[] }>('/api/find/kept')).body
    const nameOf = new Map((await client.outline()).searches.map(search => [search.id as string, search.name]))
    expect(Object.fromEntries(all.map(({ id: search, count }) => [nameOf.get(search), count]))).toEqual({
      'Changed this week': 0,
      Largest: 1,
      'No place for more than a week': 1,
      'Same bytes twice': 2,
      'Starred, not opened for a month': 1,
      'Scans without text': 0,
    })
    expect(big.status).toBe(200)
  })
})

describe('a bundle', () => {
  it('holds documents from anywhere in an order of its own, and comes as one ZIP', async () => {
    const client = await newClient()
    const folder = await client.folder('One')
    const papers: DocumentId[] = []
    for (const [name, text] of [
      ['a.txt', 'first'],
      ['b.md', ''],
      ['c.bin', 'third'],
    ] as const)
      papers.push((await client.upload(name, text, folder)).id)
    const [a, b, c] = papers as [DocumentId, DocumentId, DocumentId]
    const id = v7() as BundleId
    await client.act({ kind: 'bundle.set', id, name: 'For Monday', note: '', done: false, documentIds: [a, b] })
    await client.act({ kind: 'bundle.put', id, documentIds: [b, c] })
    await client.act({ kind: 'bundle.order', id, documentIds: [c, a, b] })
    const read = async () => (await client.get<BundleContents>(`/api/bundles/${id}`)).body
    expect([(await read()).documents.map(row => row.id), (await read()).bundle]).toMatchObject([
      [c, a, b],
      { name: 'For Monday', count: 3, size: 10 },
    ])
    const zip = await fetch(`${client.base}/api/bundles/${id}/archive`, { headers: { cookie: client.cookie } })
    const files = unzipSync(new Uint8Array(await zip.arrayBuffer()))
    expect([
      zip.headers.get('content-type'),
      Object.fromEntries(Object.entries(files).map(([name, bytes]) => [name, Buffer.from(bytes).toString()])),
    ]).toEqual(['application/zip', { '1 c.bin': 'third', '2 a.txt': 'first', '3 b.md': '' }])
    await client.act({ kind: 'bundle.take', id, documentIds: [c] })
    await client.act({ kind: 'trash', folderIds: [], documentIds: [a] })
    expect((await read()).documents.map(row => row.id)).toEqual([b])
    await client.act({ kind: 'bundle.set', id, name: 'For Monday', note: 'bring copies', done: true })
    expect((await client.get<{ bundles: Bundle[] }>('/api/bundles')).body.bundles).toMatchObject([
      { note: 'bring copies', done: true, count: 1 },
    ])
    await client.act({ kind: 'bundle.drop', id })
    expect((await client.get<Refused>(`/api/bundles/${id}`)).status).toBe(404)
    await client.undo()
    expect((await read()).documents.map(row => row.id)).toEqual([b])
  })

  it('that is empty makes no archive, and says so', async () => {
    const client = await newClient()
    const id = v7() as BundleId
    await client.act({ kind: 'bundle.set', id, name: 'Nothing', note: '', done: false })
    expect((await client.get<Refused>(`/api/bundles/${id}/archive`)).body.message).toBe(
      'There is no document in “Nothing”. Put some into it first.',
    )
    expect(
      (await client.try({ kind: 'bundle.order', id: v7() as BundleId, documentIds: [v7() as DocumentId] })).body,
    ).toMatchObject({ code: 'notFound' })
  })

  it('loses a document that is deleted for good', async () => {
    const client = await newClient()
    const { id: paper } = await client.upload('gone.txt', 'x')
    const id = v7() as BundleId
    await client.act({ kind: 'bundle.set', id, name: 'Some', note: '', done: false, documentIds: [paper] })
    await client.act({ kind: 'trash', folderIds: [], documentIds: [paper] })
    expect((await client.send('POST', '/api/trash/purge', { id: v7(), all: true })).status).toBe(200)
    expect((await client.get<BundleContents>(`/api/bundles/${id}`)).body.documents).toEqual([])
  })
})

describe('what one had to do with lately', () => {
  it('lists what was opened, changed, added, and how long starred ones rest', async () => {
    const client = await newClient()
    const { id: a } = await client.upload('a.txt', 'x', null, { changed: '2026-01-01T00:00:00.000Z' })
    const { id: b } = await client.upload('b.txt', 'y', null, { changed: '2026-02-01T00:00:00.000Z' })
    expect((await client.send('POST', `/api/documents/${a}/visits`)).status).toBeLessThan(300)
    await client.send('POST', `/api/documents/${a}/visits`)
    await client.act({ kind: 'star', folderIds: [], documentIds: [b], on: true })
    const { opened, changed, added, often, starred } = (await client.get<Lately>('/api/documents/lately')).body
    expect([
      opened.map(row => [row.id, row.visits]),
      changed.map(row => row.id),
      added.map(row => row.id),
      often,
      starred.map(row => row.id),
    ]).toEqual([[[a, 1]], [b, a], [b, a], [], [b]])
    const stranger = await newClient()
    expect((await stranger.get<Lately>('/api/documents/lately')).body.opened).toEqual([])
  })

  it('remembers searches until they are to be forgotten', async () => {
    const client = await newClient()
    for (const text of ['berth', 'lease', 'berth'])
      await client.send('PUT', '/api/find/recent', { text, query: { q: text } })
    const list = async () => (await client.get<{ searches: RecentSearch[] }>('/api/find/recent')).body.searches
    expect((await list()).map(search => search.text)).toEqual(['berth', 'lease'])
    await client.send('DELETE', '/api/find/recent')
    expect(await list()).toEqual([])
  })
})
