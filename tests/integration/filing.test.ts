import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { Suggestions, TagSuggestions } from '../../contract/filing'
import type { TagId } from '../../core/ids'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

const LEASE = 'Berth lease\n\nThe holder pays quarterly dues for the berth on the pontoon.'
const LESSON = 'Lesson plan\n\nLearners tie the bowline with a rope and practise it in pairs.'
const suggestions = async (client: Client, id: string, folder = '') =>
  (await client.get<Suggestions>(`/api/documents/${id}/suggestions?folder=${folder}`)).body

async function brought(
  client: Client,
  name: string,
  text: string,
  folderId: Parameters<Client['upload']>[2] = null,
): Promise<string> {
  const { id } = await client.upload(name, text, folderId)
  await client.whenRead(id)
  return id
}

describe('suggestions', () => {
  it('come from what is filed, follow each act, and go back with an undo', async () => {
    const client = await newClient()
    const [leases, lessons, other] = [
      await client.folder('Leases'),
      await client.folder('Lessons'),
      await client.folder('Other'),
    ]
    await brought(client, 'One.txt', `${LEASE} One.`, leases)
    await brought(client, 'Two.txt', `${LESSON} Two.`, lessons)
    const arrived = await brought(client, 'scan 1.txt', `${LEASE} On 1 October 2026.`)
    const first = await suggestions(client, arrived)
    expect(first.places[0]?.folderId).toBe(leases)
    expect(first.names.map(({ name }) => name)).toEqual(['Berth lease', '2026-10-01 Berth lease'])
    const filed = await client.document((await client.documentsIn(leases)).documents[0]?.id ?? '')
    await client.act({
      kind: 'move',
      folderIds: [],
      documentIds: [filed.id],
      fromFolderId: leases,
      toFolderId: other,
      allowTwin: false,
    })
    expect((await suggestions(client, arrived)).places[0]?.folderId).toBe(other)
    await client.undo()
    expect((await suggestions(client, arrived)).places[0]?.folderId).toBe(leases)
    await client.act({ kind: 'folder.rename', id: other, name: 'Bowline rope lessons', allowTwin: false })
    const lesson = await brought(client, 'x.txt', 'Bowline rope')
    expect((await suggestions(client, lesson)).places.map(place => place.folderId)).toContain(other)
  })

  it('know the names of the folder that is chosen, and bytes that are there already', async () => {
    const client = await newClient()
    const leases = await client.folder('Leases')
    await client.act({ kind: 'folder.names', id: leases, pattern: '{folder}, {date}: {title}' })
    const known = await brought(client, 'One.txt', LEASE, leases)
    const arrived = await brought(client, 'again.txt', LEASE)
    const dated = await brought(client, 'dated.txt', `${LEASE} 4 March 2026`)
    expect((await suggestions(client, arrived)).same).toEqual([{ id: known, name: 'One', folderIds: [leases] }])
    expect((await suggestions(client, dated, leases)).names[0]?.name).toBe('Leases, 2026-03-04: Berth lease')
  })

  it('are none in an empty plan, and of nobody else', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const arrived = await brought(client, 'a.txt', LEASE)
    expect((await suggestions(client, arrived)).places).toEqual([])
    expect((await stranger.get(`/api/documents/${arrived}/suggestions`)).status).toBe(404)
  })
})

describe('suggestions of tags', () => {
  it(
    'come from documents of similar names, and from the folder it is to go to; not from one alone, and of ' +
      'nobody else',
    async () => {
      const [client, stranger] = [await newClient(), await newClient()]
      const [dues, lessons] = [await client.folder('Dues'), await client.folder('Lessons')]
      const tag = { id: v7() as TagId, name: 'quarterly' }
      const suggested = async (id: string, folder = '') =>
        (await client.get<TagSuggestions>(`/api/documents/${id}/tag-suggestions?folder=${folder}`)).body.tags
      const ids = await Promise.all(
        ['Invoice berth 4.txt', 'Invoice berth 9.txt', 'Invoices berths.txt'].map(
          async name => (await client.upload(name, name, dues)).id,
        ),
      )
      for (const name of ['Knots.txt', 'Ropes.txt']) await client.upload(name, name, lessons)
      const { id: arrived } = await client.upload('Invoice berth 12.txt', 'new')
      const { id: scan } = await client.upload('IMG_0042.txt', 'scan')
      await client.act({ kind: 'tag.put', folderIds: [], documentIds: ids.slice(0, 1), tags: [tag] })
      expect(await suggested(arrived)).toEqual([])
      await client.act({ kind: 'tag.put', folderIds: [], documentIds: ids, tags: [tag] })
      expect((await suggested(arrived)).map(({ tagId, reason }) => [tagId, reason.endsWith('2 more like it')])).toEqual(
        [[tag.id, true]],
      )
      expect([
        await suggested(scan),
        (await suggested(scan, dues)).map(({ tagId }) => tagId),
        await suggested(scan, lessons),
      ]).toEqual([[], [tag.id], []])
      await client.act({ kind: 'tag.put', folderIds: [], documentIds: [arrived], tags: [tag] })
      expect(await suggested(arrived)).toEqual([])
      expect((await stranger.get(`/api/documents/${arrived}/tag-suggestions`)).status).toBe(404)
    },
  )
})

describe('filing', () => {
  it('twice at once, from two windows, puts a document into both places and never loses it', async () => {
    const client = await newClient()
    const [a, b] = [await client.folder('A'), await client.folder('B')]
    const { id } = await client.upload('x.txt', 'x')
    const file = (folder: typeof a) =>
      client.try({ kind: 'document.file', documents: [{ id, name: null }], folderIds: [folder], tags: [] })
    const replies = await Promise.all([file(a), file(b)])
    expect(replies.map(({ status }) => status)).toEqual([200, 200])
    expect([...(await client.document(id)).folderIds].sort()).toEqual([a, b].sort())
    expect((await client.outline()).inTray).toBe(0)
  })

  it('lists the In-tray newest first, and says how each arrived', async () => {
    const client = await newClient()
    for (const name of ['a.txt', 'c.txt', 'b.txt']) await client.upload(name, name)
    const { documents } = await client.documentsIn('in-tray', '&sort=added&descending=true')
    expect(documents.map(({ name, origin }) => [name, origin])).toEqual([
      ['b', 'upload'],
      ['c', 'upload'],
      ['a', 'upload'],
    ])
  })

  it('keeps a copy apart from what it was copied from', async () => {
    const client = await newClient()
    const folder = await client.folder('A')
    const { id } = await client.upload('x.txt', 'one', folder)
    const newId = v7() as typeof id
    expect((await client.try({ kind: 'document.copy', copies: [{ id, newId: id }], folderId: folder })).status).toBe(
      409,
    )
    await client.act({ kind: 'document.copy', copies: [{ id, newId }], folderId: folder })
    await client.upload('x.txt', 'two', folder, { clash: 'version' })
    expect([(await client.content(id)).bytes.toString(), (await client.content(newId)).bytes.toString()]).toEqual([
      'two',
      'one',
    ])
    expect(await client.document(newId)).toMatchObject({ name: 'x (2)', copiedFrom: id })
  })
})
