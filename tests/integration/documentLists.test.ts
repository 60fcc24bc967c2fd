import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { FoundNames } from '../../contract/find'
import type { TagId } from '../../core/ids'
import { newClient } from '../support/client'

describe('running numbers', () => {
  it('are given once, kept through moves, found by typing, and not repeated after an undo', async () => {
    const client = await newClient()
    const [post, archive] = [await client.folder('Post'), await client.folder('Archive')]
    const first = await client.upload('letter.txt', 'a', post)
    await client.act({ kind: 'folder.register', id: post, on: true })
    const second = await client.upload('invoice.txt', 'b', post)
    await client.undo()
    const third = await client.upload('notice.txt', 'c', post)
    await client.act({
      kind: 'move',
      folderIds: [],
      documentIds: [third.id],
      fromFolderId: post,
      toFolderId: archive,
      allowTwin: false,
    })
    expect([(await client.document(first.id)).runningNumber, (await client.document(third.id)).runningNumber]).toEqual([
      '1-001',
      '1-003',
    ])
    expect((await client.get(`/api/documents/${second.id}`)).status).toBe(404)
    const [row] = (await client.documentsIn(archive)).documents
    expect(row?.runningNumber).toBe('1-003')
    const found = (await client.get<FoundNames>('/api/find/names?q=1-003')).body.documents
    expect(found.map(document => document.id)).toEqual([third.id])
  })

  it('stay apart when two windows add at once', async () => {
    const client = await newClient()
    const post = await client.folder('Post')
    await client.act({ kind: 'folder.register', id: post, on: true })
    await Promise.all(
      Array.from({ length: 8 }, (_, index) => client.upload(`letter ${index}.txt`, String(index), post)),
    )
    const numbers = (await client.documentsIn(post)).documents.map(row => row.runningNumber).sort()
    expect(numbers).toEqual(Array.from({ length: 8 }, (_, index) => `1-00${index + 1}`))
  })
})

describe('tags', () => {
  it('stand in the outline with their counts, on folders and documents, without what is in the Trash', async () => {
    const client = await newClient()
    const folder = await client.folder('Leases')
    const [a, b] = [await client.upload('a.txt', 'a', folder), await client.upload('b.txt', 'b', folder)]
    const tag = v7() as TagId
    await client.act({
      kind: 'tag.put',
      folderIds: [folder],
      documentIds: [a.id, b.id],
      tags: [{ id: tag, name: 'signed' }],
    })
    await client.act({ kind: 'trash', folderIds: [], documentIds: [b.id] })
    const outline = await client.outline()
    expect(outline.tags).toMatchObject([{ id: tag, name: 'signed', count: 2 }])
    expect(outline.folderTags).toEqual({ [folder]: [tag] })
    expect((await client.document(a.id)).tagIds).toEqual([tag])
    expect((await client.documentsIn(folder)).documents[0]?.tagIds).toEqual([tag])
    await client.act({ kind: 'tag.drop', id: tag })
    expect((await client.document(a.id)).tagIds).toEqual([])
    await client.undo()
    expect((await client.document(a.id)).tagIds).toEqual([tag])
  })

  it('belong to one account', async () => {
    const [mine, theirs] = [await newClient(), await newClient()]
    const { id } = await mine.upload('a.txt', 'a')
    const { status } = await theirs.try({
      kind: 'tag.put',
      folderIds: [],
      documentIds: [id],
      tags: [{ id: v7() as TagId, name: 'x' }],
    })
    expect(status).toBe(404)
  })
})

describe('the short list', () => {
  it('keeps pinned folders', async () => {
    const client = await newClient()
    const folder = await client.folder('Leases')
    expect((await client.act({ kind: 'folder.pin', id: folder, on: true })).label).toBe(
      'Pinned 1 Leases to the short list',
    )
    expect((await client.outline()).folders[0]?.pinned).toBe(true)
  })
})
