import { randomBytes } from 'node:crypto'
import { connect } from 'node:net'
import { beforeEach, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { FolderId } from '../../core/ids'
import type { Client } from '../support/client'
import { newClient, sha256 } from '../support/client'

let client: Client
let folder: FolderId
beforeEach(async () => {
  client = await newClient()
  folder = await client.folder('Office')
})

describe('an upload', () => {
  it('comes back as the very same bytes under its name', async () => {
    const bytes = randomBytes(2_500_000)
    const { id } = await client.upload('Größe & „Maß“.bin', bytes, folder)
    const { headers, bytes: back } = await client.content(id)
    expect(sha256(back)).toBe(sha256(bytes))
    expect(decodeURIComponent(headers.get('content-disposition')?.split("''")[1] ?? '')).toBe('Größe & „Maß“.bin')
    expect([
      headers.get('x-content-type-options'),
      headers.get('content-disposition')?.startsWith('attachment'),
    ]).toEqual(['nosniff', true])
  })

  it('can be fetched in parts across chunks', async () => {
    const bytes = randomBytes(3_000_000)
    const { id } = await client.upload('parts.bin', bytes, folder)
    const part = await client.content(id, '', { range: 'bytes=1048570-2097160' })
    expect([part.status, part.headers.get('content-range')]).toEqual([206, 'bytes 1048570-2097160/3000000'])
    expect(part.bytes.equals(bytes.subarray(1_048_570, 2_097_161))).toBe(true)
    const tail = await client.content(id, '', { range: 'bytes=-10' })
    expect(tail.bytes.equals(bytes.subarray(-10))).toBe(true)
    expect((await client.content(id, '', { range: 'bytes=9000000-' })).status).toBe(416)
  })

  it('of zero bytes is kept and says that it is empty', async () => {
    const { id } = await client.upload('empty.txt', '', folder)
    expect((await client.whenRead(id)).reading.reason).toContain('zero bytes')
    expect((await client.content(id)).bytes).toHaveLength(0)
  })

  it('with a name that is taken is kept beside it under a counted name', async () => {
    await client.upload('notes.txt', 'one', folder)
    await client.upload('Notes.txt', 'two', folder)
    await client.upload('notes.txt', 'three', folder)
    expect((await client.documentsIn(folder)).documents.map(row => row.name)).toEqual([
      'notes',
      'Notes (2)',
      'notes (3)',
    ])
  })

  it('with a name that is taken becomes a new version when asked so, and the old one can be fetched', async () => {
    const { id } = await client.upload('notes.txt', 'one', folder)
    const clashes = await client.send<{ clashes: { documentId: string }[] }>('POST', '/api/uploads/clashes', {
      folder,
      names: ['notes.txt', 'other.txt'],
    })
    expect(clashes.body.clashes.map(clash => clash.documentId)).toEqual([id])
    await client.upload('notes.txt', 'two!', folder, { clash: 'version' })
    const document = await client.document(id)
    expect([document.version, document.size, document.versions.map(version => version.number)]).toEqual([2, 4, [2, 1]])
    expect((await client.content(id)).bytes.toString()).toBe('two!')
    expect((await client.content(id, '?version=1')).bytes.toString()).toBe('one')
  })

  it('that breaks off leaves nothing behind', async () => {
    const { host } = new URL(client.base)
    const [name, port] = host.split(':')
    const query = new URLSearchParams({
      change: v7(),
      document: v7(),
      folder,
      name: 'half.bin',
      changed: '2026-01-01T00:00:00.000Z',
    })
    await new Promise<void>(resolve => {
      const socket = connect(Number(port), name, () => {
        socket.write(
          `POST /api/uploads?${query.toString()} HTTP/1.1\r\nHost: ${host}\r\nCookie: ` +
            `${client.cookie}\r\nContent-Type: application/octet-stream\r\nContent-Length: 5000000\r\n\r\n`,
        )
        socket.write(randomBytes(2_000_000), () =>
          setTimeout(() => {
            socket.destroy()
            resolve()
          }, 200),
        )
      })
    })
    await new Promise(resolve => setTimeout(resolve, 500))
    expect((await client.documentsIn(folder)).documents).toEqual([])
    expect((await client.get('/api/health')).status).toBe(200)
  })

  it('with a hostile name is kept under a clean one', async () => {
    const { id } = await client.upload('../..\\evil\u202Egnp.txt', 'x', folder)
    expect((await client.document(id)).name).toBe('..-..-evilgnp')
  })

  it('into a folder in the Trash, or one that is not there, is refused', async () => {
    await client.act({ kind: 'trash', folderIds: [folder], documentIds: [] })
    expect((await client.upload('a.txt', 'x', folder)).body.code).toBe('folder.inTrash')
    expect((await client.upload('a.txt', 'x', v7() as FolderId)).body.code).toBe('notFound')
  })
})

describe('a list of documents', () => {
  it('orders by name as people do, and pages without gaps or repeats', async () => {
    for (const number of [10, 2, 1, 33, 4]) await client.upload(`Week ${number}.txt`, `${number}`, folder)
    const first = await client.documentsIn(folder, '&limit=2')
    const second = await client.documentsIn(folder, `&limit=2&cursor=${first.next}`)
    const third = await client.documentsIn(folder, `&limit=2&cursor=${second.next}`)
    expect([...first.documents, ...second.documents, ...third.documents].map(row => row.name)).toEqual([
      'Week 1',
      'Week 2',
      'Week 4',
      'Week 10',
      'Week 33',
    ])
    expect(third.next).toBeNull()
  })

  it('orders by size and time in both directions', async () => {
    await client.upload('a.txt', 'xxx', folder, { changed: '2026-01-01T00:00:00.000Z' })
    await client.upload('b.txt', 'x', folder, { changed: '2026-01-03T00:00:00.000Z' })
    await client.upload('c.txt', 'xx', folder, { changed: '2026-01-02T00:00:00.000Z' })
    const order = async (query: string) =>
      (await client.documentsIn(folder, query)).documents.map(row => row.name).join('')
    expect([
      await order('&sort=size'),
      await order('&sort=changed&descending=true'),
      await order('&sort=name&descending=true'),
    ]).toEqual(['bca', 'bca', 'cba'])
  })

  it.each(['size', 'type'] as const)('pages without gaps or repeats where many are equal by %s', async sort => {
    for (let count = 0; count < 7; count++)
      await client.upload(`n${count}.${count % 2 ? 'txt' : 'csv'}`, count % 2 ? 'xx' : 'x', folder)
    const whole = (await client.documentsIn(folder, `&sort=${sort}&descending=true`)).documents.map(row => row.id)
    const paged: string[] = []
    let cursor = ''
    do {
      const page = await client.documentsIn(folder, `&sort=${sort}&descending=true&limit=2${cursor}`)
      paged.push(...page.documents.map(row => row.id))
      cursor = page.next ? `&cursor=${page.next}` : ''
    } while (cursor)
    expect(paged).toEqual(whole)
    expect(new Set(paged).size).toBe(7)
  })

  it('refuses a cursor that it did not give out', async () => {
    expect((await client.get(`/api/documents?folder=${folder}&cursor=nonsense`)).status).toBe(400)
  })
})

describe('moving documents', () => {
  it('takes them out of the In-tray and counts follow', async () => {
    const { id } = await client.upload('a.txt', 'x')
    expect((await client.outline()).inTray).toBe(1)
    const moved = await client.act({
      kind: 'move',
      folderIds: [],
      documentIds: [id],
      toFolderId: folder,
      fromFolderId: null,
      allowTwin: false,
    })
    expect(moved.label).toBe('Moved “a” to 1 Office')
    const outline = await client.outline()
    expect([outline.inTray, outline.counts[folder]]).toEqual([0, 1])
    await client.undo()
    expect((await client.outline()).inTray).toBe(1)
  })
})
