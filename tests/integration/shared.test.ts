// What whoever has a link reads, and that it is nothing but what was given, for as long as it was.

import { randomBytes } from 'node:crypto'
import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { Shared, SharedFound, SharedList } from '../../contract/shared'
import type { DocumentFacts, TextReply } from '../../contract/document'
import type { FolderId, ShareLinkId } from '../../core/ids'
import { rows } from '../../server/db/client'
import type { Refused } from '../support/client'
import { Client, newClient } from '../support/client'

const newSecret = () => randomBytes(16).toString('base64url')
const anybody = new Client()
let owner: Client
let [office, handouts, week]: FolderId[] = []
let inside: string
let below: string
let outside: string

beforeAll(async () => {
  owner = await newClient()
  office = await owner.folder('Confidential office')
  handouts = await owner.folder('Handouts', office)
  week = await owner.folder('Week one', handouts)
  inside = (await owner.upload('Bowline.txt', 'The rabbit comes out of the hole.', handouts)).id
  below = (await owner.upload('Splices.txt', 'A splice for the class.', week)).id
  outside = (await owner.upload('Salaries.txt', 'The rabbit earns nothing.', office)).id
  for (const id of [inside, below, outside]) await owner.whenRead(id as never)
})

async function link(target: 'folder' | 'document', targetId: string, until: string | null = null) {
  const [id, secret] = [v7() as ShareLinkId, newSecret()]
  await owner.act({ kind: 'link.make', id, target, targetId, secret, until, note: 'the evening class' })
  return { id, secret }
}
const get = <T = Refused>(secret: string, path = '') => anybody.send<T>('GET', `/api/shared/${secret}${path}`)

describe('a link to a folder', () => {
  it('shows it with all below, and names nothing above or beside it', async () => {
    const { secret } = await link('folder', handouts ?? '')
    const { status, body } = await get<Shared>(secret)
    expect([status, body.name, body.document]).toEqual([200, 'Handouts', null])
    expect(body.folders.map(({ name, parentId, count }) => [name, parentId, count])).toEqual([
      ['Handouts', null, 1],
      ['Week one', handouts, 1],
    ])
    expect(JSON.stringify(body)).not.toContain('Confidential')
    expect(JSON.stringify(body)).not.toContain(office)
    const list = await get<SharedList>(secret, `/documents?folder=${week}`)
    expect(list.body.documents.map(({ name }) => name)).toEqual(['Splices'])
    expect((await get(secret, `/documents?folder=${office}`)).status).toBe(404)
    expect((await get(secret, '/documents?folder=in-tray')).status).toBe(404)
  })

  it('gives the bytes, the text and the facts of its documents, and of no other one', async () => {
    const { secret } = await link('folder', handouts ?? '')
    await owner.act({ kind: 'document.remark', id: below as never, remark: 'for my eyes' })
    const facts = await get<DocumentFacts>(secret, `/documents/${below}`)
    expect([facts.status, facts.body.name, facts.body.remark, facts.body.folderIds, facts.body.versions]).toEqual([
      200,
      'Splices',
      '',
      [],
      [],
    ])
    const text = await get<TextReply>(secret, `/documents/${below}/text`)
    expect(text.body.pages.map(({ body }) => body).join()).toContain('A splice for the class.')
    const bytes = await fetch(`${anybody.base}/api/shared/${secret}/documents/${below}/content`)
    expect([bytes.status, await bytes.text()]).toEqual([200, 'A splice for the class.'])
    for (const path of ['', '/content', '/text', '/words', '/pages/1'])
      expect([path, (await get(secret, `/documents/${outside}${path}`)).status]).toEqual([path, 404])
  })

  it('finds in it, as the words are typed, and nothing of the rest of the plan', async () => {
    const { secret } = await link('folder', handouts ?? '')
    const found = await get<SharedFound>(secret, '/find?q=rabbit')
    expect(found.body.documents.map(({ id, folderId }) => [id, folderId])).toEqual([[inside, handouts]])
    expect(found.body.documents[0]?.passage).toContain('rabbit')
    // What only the rest has is neither found nor offered as what was meant.
    expect((await get<SharedFound>(secret, '/find?q=salaries')).body.documents).toEqual([])
    expect((await get<SharedFound>(secret, '/find?q=salarie')).body).toEqual({ documents: [] })
  })

  it('is not led by what is the giver’s own: remarks, tags and senders, also to leave out', async () => {
    const { secret } = await link('folder', handouts ?? '')
    await owner.act({ kind: 'document.remark', id: inside as never, remark: 'overdue walrus' })
    await owner.act({
      kind: 'tag.put',
      folderIds: [],
      documentIds: [inside as never],
      tags: [{ id: v7() as never, name: 'narwhal' }],
    })
    const found = async (q: string) =>
      (await get<SharedFound>(secret, `/find?q=${encodeURIComponent(q)}`)).body.documents.map(({ id }) => id)
    expect([await found('walrus'), await found('narwhal'), await found('"overdue walrus"')]).toEqual([[], [], []])
    expect([await found('rabbit -walrus'), await found('rabbit -narwhal')]).toEqual([[inside], [inside]])
    expect([await found('bowl'), await found('"out of the hole"'), await found('-walrus')]).toEqual([
      [inside],
      [inside],
      [],
    ])
  })

  it('follows what is filed into it and taken out of it', async () => {
    const { secret } = await link('folder', handouts ?? '')
    const { id } = await owner.upload('Later.txt', 'later', office)
    expect((await get(secret, `/documents/${id}`)).status).toBe(404)
    await owner.act({ kind: 'document.file', documents: [{ id, name: null }], folderIds: [week as FolderId], tags: [] })
    const both = await get<DocumentFacts>(secret, `/documents/${id}`)
    expect([both.status, JSON.stringify(both.body)]).toEqual([200, expect.not.stringContaining(office ?? '')])
    await owner.act({ kind: 'trash', folderIds: [], documentIds: [id] })
    expect((await get(secret, `/documents/${id}`)).status).toBe(404)
  })

  it('is one ZIP', async () => {
    const { secret } = await link('folder', handouts ?? '')
    const reply = await fetch(`${anybody.base}/api/shared/${secret}/archive`)
    const name = decodeURIComponent(reply.headers.get('content-disposition') ?? '')
    expect([reply.status, name]).toEqual([200, expect.stringContaining('Handouts')])
    expect(Buffer.from(await reply.arrayBuffer()).toString('latin1')).toContain('Bowline.txt')
  })
})

describe('a link to a document', () => {
  it('shows it alone', async () => {
    const { secret } = await link('document', inside)
    const { body } = await get<Shared>(secret)
    expect([body.name, body.folders, body.document?.id]).toEqual(['Bowline', [], inside])
    expect((await get(secret, `/documents/${inside}/content`)).status).toBe(200)
    for (const path of [`/documents/${below}`, '/find?q=rabbit', '/archive', `/documents?folder=${handouts}`])
      expect([path, (await get(secret, path)).status]).toEqual([path, 404])
  })
})

describe('a link with a passphrase', () => {
  it('shows nothing before it is said, and is closed after too many wrong ones', async () => {
    const [id, secret] = [v7() as ShareLinkId, newSecret()]
    await owner.act({
      ...{ kind: 'link.make', id, target: 'folder', targetId: handouts ?? '', secret, until: null, note: '' },
      passphrase: 'under the mat',
    })
    const reader = new Client()
    const read = (path = '') => reader.get<Shared & Refused>(`/api/shared/${secret}${path}`)
    const unlock = (passphrase: string) => reader.send<Refused>('POST', `/api/shared/${secret}/unlock`, { passphrase })
    expect((await read()).body).toMatchObject({ code: 'link.passphrase' })
    expect((await read(`/documents/${inside}/content`)).status).toBe(401)
    expect((await unlock('on the mat')).body.code).toBe('link.wrong')
    expect((await read()).status).toBe(401)
    expect((await unlock('under the mat')).status).toBe(200)
    expect((await read()).body.name).toBe('Handouts')
    expect((await read(`/documents/${inside}/content`)).status).toBe(200)
    expect((await owner.outline()).links.find(one => one.id === id)?.hasPassphrase).toBe(true)
    const other = new Client()
    expect((await other.get(`/api/shared/${secret}`)).status).toBe(401)
    for (let tries = 0; tries < 20; tries++) await unlock('wrong')
    expect((await unlock('under the mat')).body.code).toBe('link.throttled')
  })
})

describe('the end of a link', () => {
  it('is at once when it is ended, and Undo gives it back', async () => {
    const { id, secret } = await link('folder', week ?? '')
    expect((await get(secret)).status).toBe(200)
    const ended = await owner.act({ kind: 'grant.end', ids: [id] })
    expect((await get(secret)).body).toMatchObject({ code: 'link.gone' })
    await owner.undo(ended.id)
    expect((await get(secret)).status).toBe(200)
  })

  it('is one act for several, and one Undo', async () => {
    const [one, other] = [await link('folder', week ?? ''), await link('document', below)]
    const ended = await owner.act({ kind: 'grant.end', ids: [one.id, other.id] })
    expect(ended.label).toBe('Ended 2 links')
    expect([(await get(one.secret)).status, (await get(other.secret)).status]).toEqual([404, 404])
    await owner.undo(ended.id)
    expect([(await get(one.secret)).status, (await get(other.secret)).status]).toEqual([200, 200])
    expect((await owner.act({ kind: 'grant.end', ids: [other.id] })).label).toBe(
      'Ended the link to “Splices” in 1.1.1 Week one',
    )
  })

  it('comes with its time, and while what it gives is in the Trash', async () => {
    const { id, secret } = await link('document', below, '2999-01-01T00:00:00.000Z')
    expect((await get(secret)).status).toBe(200)
    await rows(null, `UPDATE share_link SET until = now() - interval '1 second' WHERE id = $1`, [id])
    expect((await get(secret)).status).toBe(404)
    const other = await link('folder', week ?? '')
    const trashed = await owner.act({ kind: 'trash', folderIds: [week as FolderId], documentIds: [] })
    expect((await get(other.secret)).status).toBe(404)
    await owner.undo(trashed.id)
    expect((await get(other.secret)).status).toBe(200)
  })

  it('cannot be in the past, and only the owner can make one or end it', async () => {
    const make = { kind: 'link.make', target: 'folder', targetId: week ?? '', note: '' } as const
    const past = { ...make, id: v7() as ShareLinkId, secret: newSecret(), until: '2020-01-01T00:00:00.000Z' }
    expect((await owner.try(past)).body).toMatchObject({ code: 'link.over' })
    const stranger = await newClient()
    const { id, secret } = await link('folder', week ?? '')
    expect((await stranger.try({ ...make, id: v7() as ShareLinkId, secret: newSecret(), until: null })).status).toBe(
      404,
    )
    expect((await stranger.try({ kind: 'grant.end', ids: [id] })).status).toBe(404)
    expect((await get(secret)).status).toBe(200)
  })
})

describe('what is deleted for good', () => {
  it('takes its links along', async () => {
    const { id: document } = await owner.upload('Short-lived.txt', 'short', handouts)
    const { id } = await link('document', document)
    await owner.act({ kind: 'trash', folderIds: [], documentIds: [document] })
    await owner.send('POST', '/api/trash/purge', { id: v7(), ids: [document], all: false })
    expect(await rows(null, 'SELECT FROM share_link WHERE id = $1', [id])).toEqual([])
  })
})

describe('a secret', () => {
  it('is nowhere: neither in the database, nor in the outline, nor in History', async () => {
    const { id, secret } = await link('folder', handouts ?? '')
    const [row] = await rows<{ row: string }>(null, 'SELECT to_jsonb(l)::text AS row FROM share_link l WHERE id = $1', [
      id,
    ])
    expect(row?.row).not.toContain(secret)
    const changes = await rows<{ row: string }>(null, 'SELECT to_jsonb(c)::text AS row FROM change c')
    expect(changes.filter(change => change.row.includes(secret))).toEqual([])
    expect(JSON.stringify(await owner.outline())).not.toContain(secret)
    expect((await get(newSecret())).body).toMatchObject({ code: 'link.gone' })
  })

  it('that was used is counted for the owner', async () => {
    const { id, secret } = await link('folder', handouts ?? '')
    await get(secret)
    await get(secret)
    const given = (await owner.outline()).links.find(one => one.id === id)
    expect(given).toMatchObject({ opened: 2, note: 'the evening class', target: 'folder', targetId: handouts })
  })
})
