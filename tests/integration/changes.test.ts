import { beforeEach, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { HistoryPage } from '../../contract/change'
import type { FolderId } from '../../core/ids'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

let client: Client
beforeEach(async () => {
  client = await newClient()
})

const names = async () => (await client.outline()).folders.map(folder => folder.name).sort()

describe('a command', () => {
  it('sent twice with the same id is carried out once', async () => {
    const command = {
      kind: 'folder.create',
      id: v7() as FolderId,
      parentId: null,
      name: 'Office',
      allowTwin: false,
    } as const
    const id = v7()
    const [first, second] = [await client.act(command, id), await client.act(command, id)]
    expect(second).toEqual(first)
    expect(await names()).toEqual(['Office'])
  })

  it('with a bad name is refused in one sentence and changes nothing', async () => {
    const refused = async (name: string) =>
      (
        (await client.try({ kind: 'folder.create', id: v7() as FolderId, parentId: null, name, allowTwin: false }))
          .body as Refused
      ).code
    expect(
      await Promise.all(['', '   ', 'x'.repeat(300), 'a/b', 'a\\b', 'a\u0007b', 'gnp\u202Efdp', '...'].map(refused)),
    ).toEqual([
      'name.empty',
      'name.empty',
      'name.long',
      'name.slash',
      'name.slash',
      'name.control',
      'name.invisible',
      'name.dots',
    ])
    expect(await names()).toEqual([])
  })

  it('that makes a twin is held up by a hint that names the other, and kept when asked again', async () => {
    await client.folder('Rôle')
    const twin = {
      kind: 'folder.create',
      id: v7() as FolderId,
      parentId: null,
      name: 'role',
      allowTwin: false,
    } as const
    const hint = (await client.try(twin)).body as Refused
    expect([hint.code, hint.details.twin]).toEqual(['name.twin', '1 Rôle'])
    await client.act({ ...twin, allowTwin: true })
    expect(await names()).toEqual(['Rôle', 'role'])
  })

  it('cannot put a folder into itself, not even from two windows at once', async () => {
    const [a, b] = [await client.folder('A'), await client.folder('B')]
    const into = (id: FolderId, toFolderId: FolderId) =>
      client.try({ kind: 'move', folderIds: [id], documentIds: [], toFolderId, fromFolderId: null, allowTwin: false })
    expect(((await into(a, a)).body as Refused).code).toBe('folder.intoItself')
    const both = await Promise.all([into(a, b), into(b, a)])
    expect(both.map(reply => reply.status).sort()).toEqual([200, 409])
    expect((await client.outline()).folders.filter(folder => folder.parentId === null)).toHaveLength(1)
  })

  it('of no known kind, or without what it needs, says what is wrong', async () => {
    const { status, body } = await client.send<Refused>('POST', '/api/changes', {
      id: v7(),
      command: { kind: 'folder.explode' },
    })
    expect([status, body.code]).toEqual([400, 'request.invalid'])
    const half = await client.send<Refused>('POST', '/api/changes', {
      id: v7(),
      command: { kind: 'folder.rename', id: 'x' },
    })
    expect(half.status).toBe(400)
  })
})

describe('undo', () => {
  it('takes acts back one after the other, and redo brings them again', async () => {
    const office = await client.folder('Office')
    await client.act({ kind: 'folder.rename', id: office, name: 'Quay office', allowTwin: false })
    await client.undo()
    expect(await names()).toEqual(['Office'])
    await client.undo()
    expect(await names()).toEqual([])
    await client.redo()
    await client.redo()
    expect(await names()).toEqual(['Quay office'])
    expect((await client.redo()).body.code).toBe('redo.nothing')
  })

  it('has nothing to redo once something new was done', async () => {
    await client.folder('A')
    await client.undo()
    await client.folder('B')
    expect((await client.redo()).body.code).toBe('redo.nothing')
  })

  it('takes back one in the middle where nothing later stands against it', async () => {
    const office = await client.folder('Office')
    const rename = await client.act({ kind: 'folder.rename', id: office, name: 'Renamed', allowTwin: false })
    await client.act({ kind: 'folder.describe', id: office, purpose: 'later' })
    expect((await client.undo(rename.id)).status).toBe(200)
    const [folder] = (await client.outline()).folders
    expect([folder?.name, folder?.purpose]).toEqual(['Office', 'later'])
    const star = await client.act({ kind: 'star', folderIds: [office], documentIds: [], on: true })
    await client.folder('Third')
    expect((await client.undo(star.id)).status).toBe(200)
    expect((await client.outline()).starred).toEqual([])
  })

  it('says what stands against it', async () => {
    const create = await client.act({
      kind: 'folder.create',
      id: v7() as FolderId,
      parentId: null,
      name: 'Office',
      allowTwin: false,
    })
    const office = (await client.outline()).folders[0]?.id as FolderId
    await client.upload('notes.txt', 'hello', office)
    const { status, body } = await client.undo(create.id)
    expect([status, body.code]).toEqual([409, 'undo.blocked'])
    expect(body.message).toContain('Added “notes” to 1 Office')
    expect(await names()).toEqual(['Office'])
  })

  it('does not undo the same change twice', async () => {
    const create = await client.act({
      kind: 'folder.create',
      id: v7() as FolderId,
      parentId: null,
      name: 'Office',
      allowTwin: false,
    })
    await client.undo(create.id)
    expect((await client.undo(create.id)).body.code).toBe('undo.done')
  })

  it('is listed in History with what was undone', async () => {
    await client.folder('Office')
    await client.undo()
    const { changes } = (await client.get<HistoryPage>('/api/changes')).body
    expect(changes.map(change => [change.label, change.undoneBy !== null])).toEqual([
      ['Undid: New folder “Office” in the top of the plan', false],
      ['New folder “Office” in the top of the plan', true],
    ])
  })
})

describe('the Trash', () => {
  it('takes a folder with everything in it, and gives it back whole', async () => {
    const office = await client.folder('Office')
    const leases = await client.folder('Leases', office)
    const { id } = await client.upload('lease.txt', 'shore power', leases)
    await client.act({ kind: 'trash', folderIds: [office], documentIds: [] })
    expect(await names()).toEqual([])
    const { body: trash } = await client.get<{ items: { id: string; folders: number; documents: number }[] }>(
      '/api/trash',
    )
    expect(trash.items.map(item => [item.id, item.folders, item.documents])).toEqual([[office, 1, 1]])
    await client.act({ kind: 'restore', folderIds: [office], documentIds: [] })
    expect(await names()).toEqual(['Leases', 'Office'])
    expect((await client.documentsIn(leases)).documents.map(row => row.id)).toEqual([id])
  })

  it('keeps what was there before apart from what came with its folder', async () => {
    const office = await client.folder('Office')
    const { id } = await client.upload('old.txt', 'x', office)
    await client.act({ kind: 'trash', folderIds: [], documentIds: [id] })
    await client.act({ kind: 'trash', folderIds: [office], documentIds: [] })
    await client.act({ kind: 'restore', folderIds: [office], documentIds: [] })
    expect((await client.documentsIn(office)).documents).toEqual([])
  })

  it('gives a document back into the In-tray when its folder is gone', async () => {
    const office = await client.folder('Office')
    const { id } = await client.upload('old.txt', 'x', office)
    await client.act({ kind: 'trash', folderIds: [], documentIds: [id] })
    await client.act({ kind: 'trash', folderIds: [office], documentIds: [] })
    const back = await client.act({ kind: 'restore', folderIds: [], documentIds: [id] })
    expect(back.label).toContain('In-tray')
    expect((await client.documentsIn('in-tray')).documents.map(row => row.id)).toEqual([id])
  })
})

describe('two windows', () => {
  it('hear of each other’s changes', async () => {
    const stop = new AbortController()
    const response = await fetch(`${client.base}/api/events`, {
      headers: { cookie: client.cookie },
      signal: stop.signal,
    })
    const heard = (async () => {
      const decoder = new TextDecoder()
      let text = ''
      for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
        text += decoder.decode(part)
        if (text.includes('"type":"change"')) return true
      }
      return false
    })()
    await client.folder('Office')
    expect(await heard).toBe(true)
    stop.abort()
  })
})
