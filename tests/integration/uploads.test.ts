// Uploads that go on after a break, by the protocol itself; folders of files; what is known already; a full disk.

import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { DocumentId, FolderId } from '../../core/ids'
import { rows, withTransaction } from '../../server/db/client'
import type { KnownReply, PendingUpload } from '../../contract/upload'
import type { Refused, Client } from '../support/client'
import { BASE, newClient, sha256 } from '../support/client'

const TUS = { 'tus-resumable': '1.0.0' }
const meta = (facts: Record<string, string>) =>
  Object.entries(facts)
    .map(([key, value]) => `${key} ${Buffer.from(value).toString('base64')}`)
    .join(',')

async function begin(client: Client, name: string, size: number, bytes: Buffer | null = null) {
  const headers = {
    ...TUS,
    cookie: client.cookie,
    'upload-length': String(size),
    'upload-metadata': meta({ name, changed: '2026-03-04T05:06:07.000Z', folder: 'in-tray' }),
    ...(bytes ? { 'content-type': 'application/offset+octet-stream' } : {}),
  }
  const response = await fetch(`${BASE}/api/uploads/resumable`, {
    method: 'POST',
    headers,
    body: bytes ? new Uint8Array(bytes) : null,
  })
  return {
    status: response.status,
    id: response.headers.get('location')?.split('/').at(-1) ?? '',
    body: await response.text(),
  }
}

async function goOn(client: Client, id: string, offset: number, bytes: Buffer, signal?: AbortSignal) {
  const response = await fetch(`${BASE}/api/uploads/resumable/${id}`, {
    method: 'PATCH',
    signal,
    headers: {
      ...TUS,
      cookie: client.cookie,
      'content-type': 'application/offset+octet-stream',
      'upload-offset': String(offset),
    },
    body: new Uint8Array(bytes),
  })
  return { status: response.status, body: await response.text() }
}

async function offsetOf(client: Client, id: string): Promise<number> {
  const response = await fetch(`${BASE}/api/uploads/resumable/${id}`, {
    method: 'HEAD',
    headers: { ...TUS, cookie: client.cookie },
  })
  return Number(response.headers.get('upload-offset'))
}

const land = (client: Client, files: readonly object[], more: object = {}) =>
  client.send<{ id: string; label: string } & Refused>('POST', '/api/uploads/land', {
    change: v7(),
    folder: 'in-tray',
    files,
    ...more,
  })
const bytesOf = (length: number) => Buffer.from(Array.from({ length }, (_, index) => (index * 7 + (index % 251)) % 256))

describe('an upload that breaks off', () => {
  it('goes on from the last byte that arrived, also amid a chunk, and is the same file in the end', async () => {
    const client = await newClient()
    const bytes = bytesOf(3_000_000)
    const { id, status } = await begin(client, 'long.bin', bytes.length)
    expect(status).toBe(201)
    await goOn(client, id, 0, bytes.subarray(0, 1_300_000))
    expect(await offsetOf(client, id)).toBe(1_300_000)
    await goOn(client, id, 1_300_000, bytes.subarray(1_300_000, 1_300_007))
    expect((await goOn(client, id, 5, bytes.subarray(5))).status).toBe(409)
    const documentId = v7()
    const early = await land(client, [{ uploadId: id, documentId }])
    expect([early.status, early.body.code]).toEqual([400, 'upload.short'])
    await goOn(client, id, 1_300_007, bytes.subarray(1_300_007))
    const landed = await land(client, [{ uploadId: id, documentId }])
    expect([landed.status, landed.body.label]).toEqual([200, 'Added “long” to the In-tray'])
    expect(sha256((await client.content(documentId)).bytes)).toBe(sha256(bytes))
  })

  it("is listed as on its way until it is taken in, forgotten on demand, and nobody else's", async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const { id } = await begin(client, 'half.txt', 10, Buffer.from('half '))
    const listed = (await client.get<{ uploads: PendingUpload[] }>('/api/uploads')).body.uploads
    expect(listed.map(({ name, size, received }) => ({ name, size, received }))).toEqual([
      { name: 'half.txt', size: 10, received: 5 },
    ])
    expect((await stranger.get<{ uploads: PendingUpload[] }>('/api/uploads')).body.uploads).toEqual([])
    expect((await goOn(stranger, id, 5, Buffer.from('whole'))).status).toBe(404)
    const gone = await fetch(`${BASE}/api/uploads/resumable/${id}`, {
      method: 'DELETE',
      headers: { ...TUS, cookie: client.cookie },
    })
    expect([gone.status, (await client.get<{ uploads: unknown[] }>('/api/uploads')).body.uploads]).toEqual([204, []])
    expect((await land(client, [{ uploadId: id, documentId: v7() }])).body.code).toBe('upload.missing')
  })

  it('answers a landing that is asked twice with the first Change', async () => {
    const client = await newClient()
    const { id } = await begin(client, 'once.txt', 4, Buffer.from('once'))
    const [change, documentId] = [v7(), v7()]
    const first = await land(client, [{ uploadId: id, documentId }], { change })
    const again = await land(client, [{ uploadId: id, documentId }], { change })
    expect([again.status, again.body.id]).toEqual([200, first.body.id])
    expect((await client.documentsIn('in-tray')).documents).toHaveLength(1)
  })
})

describe('the protocol', () => {
  it('answers an unknown version with 412, another content type with 415, and takes the usual file name', async () => {
    const client = await newClient()
    const send = (method: string, path: string, headers: Record<string, string>, body?: string) =>
      fetch(client.base + path, { method, headers: { cookie: client.cookie, ...headers }, body })
    const create = {
      'tus-resumable': '1.0.0',
      'upload-length': '3',
      'upload-metadata': `filename ${Buffer.from('usual.txt').toString('base64')}`,
    }
    expect([
      (await send('POST', '/api/uploads/resumable', { ...create, 'tus-resumable': '0.2.0' })).status,
      (await send('POST', '/api/uploads/resumable', { 'upload-length': '3' })).status,
    ]).toEqual([412, 412])
    const begun = await send('POST', '/api/uploads/resumable', create)
    expect(begun.status).toBe(201)
    const path = new URL(begun.headers.get('location') ?? '', client.base).pathname
    const part = { 'tus-resumable': '1.0.0', 'upload-offset': '0' }
    expect((await send('PATCH', path, { ...part, 'content-type': 'text/plain' }, 'abc')).status).toBe(415)
    expect(
      (await send('PATCH', path, { ...part, 'content-type': 'application/offset+octet-stream' }, 'abc')).status,
    ).toBe(204)
    expect(
      (await client.get<{ uploads: { name: string }[] }>('/api/uploads')).body.uploads.map(({ name }) => name),
    ).toEqual(['usual.txt'])
  })
})

describe('files that come together', () => {
  it('come with their folders as one Change, which one undo takes back', async () => {
    const client = await newClient()
    const top = await client.folder('Papers')
    const uploads = await Promise.all(
      ['a.txt', 'b.txt', 'c.txt'].map(name => begin(client, name, 5, Buffer.from(`${name[0]}text`))),
    )
    const [year, month] = [v7(), v7()]
    const landed = await land(
      client,
      uploads.map(({ id }, index) => ({ uploadId: id, documentId: v7(), folderId: [null, year, month][index] })),
      {
        folder: top,
        folders: [
          { id: year, parentId: null, name: '2026' },
          { id: month, parentId: year, name: 'May' },
        ],
      },
    )
    expect([landed.status, landed.body.label]).toEqual([200, 'Added 2 folders with 3 documents to 1 Papers'])
    expect((await client.documentsIn(month)).documents.map(row => row.name)).toEqual(['c'])
    await client.undo()
    expect([(await client.outline()).folders.length, (await client.documentsIn(top)).documents]).toEqual([1, []])
    expect((await client.redo()).status).toBe(200)
    expect((await client.documentsIn(year)).documents.map(row => row.name)).toEqual(['b'])
  })

  it('are known by their bytes before they are sent', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const { id } = await client.upload('there.txt', 'the same words')
    const hash = sha256(Buffer.from('the same words'))
    expect((await client.send<KnownReply>('POST', '/api/uploads/known', { sizes: [14, 15] })).body.sizes).toEqual([14])
    expect((await client.send<KnownReply>('POST', '/api/uploads/known', { hashes: [hash] })).body.documents).toEqual([
      { sha256: hash, id, name: 'there', extension: 'txt', folderIds: [null] },
    ])
    expect(
      (await stranger.send<KnownReply>('POST', '/api/uploads/known', { sizes: [14], hashes: [hash] })).body,
    ).toEqual({ sizes: [], documents: [] })
  })

  it('may be five thousand at once, and are one act that one undo takes back', async () => {
    const client = await newClient()
    const folder = await client.folder('Many')
    const ids: string[] = []
    for (let at = 0; at < 5000; at += 50)
      ids.push(
        ...(
          await Promise.all(
            Array.from({ length: 50 }, (_, index) =>
              begin(client, `file ${at + index}.bin`, 8, Buffer.from(String(at + index).padStart(8))),
            ),
          )
        ).map(({ id }) => id),
      )
    const landed = await land(
      client,
      ids.map(uploadId => ({ uploadId, documentId: v7() })),
      { folder },
    )
    expect(landed.body.label).toBe('Added 5,000 documents to 1 Many')
    const count = async () =>
      (await client.get<{ ids: string[] }>(`/api/documents/ids?folder=${folder}`)).body.ids.length
    expect(await count()).toBe(5000)
    await stopsHalfWay(client, folder)
    expect(await count()).toBe(5000)
    await client.undo()
    expect(await count()).toBe(0)
  })
})

describe('what cannot be taken', () => {
  it('is a file above the limit: refused before a byte of it is sent', async () => {
    const { status, body } = await begin(await newClient(), 'film.mkv', 3 * 1024 ** 3)
    expect([status, (JSON.parse(body) as Refused).message]).toEqual([413, '“film” is larger than the limit of 1.1 GB.'])
  })

  it('is told clearly when the disk of the database is full, and nothing is damaged', async () => {
    const client = await newClient()
    const { id } = await begin(client, 'kept.txt', 12, Buffer.from('first '))
    await rows(
      null,
      `CREATE FUNCTION full_disk() RETURNS trigger LANGUAGE plpgsql AS 'BEGIN RAISE EXCEPTION ''could not ` +
        `extend file: No space left on device'' USING ERRCODE = ''53100''; END'`,
    )
    await rows(null, 'CREATE TRIGGER full_disk BEFORE INSERT ON blob_chunk FOR EACH ROW EXECUTE FUNCTION full_disk()')
    try {
      const broken = await goOn(client, id, 6, Buffer.from('second'))
      expect([broken.status, (JSON.parse(broken.body) as Refused).code]).toEqual([507, 'database.full'])
      expect((await client.upload('whole.txt', 'words')).body).toMatchObject({ code: 'database.full' })
    } finally {
      await rows(null, 'DROP TRIGGER full_disk ON blob_chunk')
      await rows(null, 'DROP FUNCTION full_disk()')
    }
    expect(await offsetOf(client, id)).toBe(6)
    await goOn(client, id, 6, Buffer.from('second'))
    const documentId = v7()
    await land(client, [{ uploadId: id, documentId }])
    expect((await client.content(documentId)).bytes.toString()).toBe('first second')
  })
})

/** Puts everything of a folder into the Trash, held up in the middle by a lock, and stops it there. */
async function stopsHalfWay(client: Client, folder: FolderId): Promise<void> {
  const { ids } = (await client.get<{ ids: DocumentId[] }>(`/api/documents/ids?folder=${folder}`)).body
  const [change, stranger] = [v7(), await newClient()]
  const answer = await withTransaction(async transaction => {
    await rows(transaction, 'SELECT FROM document WHERE id = $1 FOR UPDATE', [ids.at(-1)])
    const trashing = client.try({ kind: 'trash', folderIds: [], documentIds: ids }, change)
    await expect.poll(async () => (await stranger.send('POST', `/api/changes/${change}/stop`)).status).toBe(404)
    await expect
      .poll(async () => (await client.send('POST', `/api/changes/${change}/stop`)).status, { timeout: 20_000 })
      .toBeLessThan(300)
    return { trashing }
  })
  expect((await answer.trashing).body).toMatchObject({ code: 'act.stopped' })
  expect((await client.send('POST', `/api/changes/${change}/stop`)).status).toBe(404)
}
