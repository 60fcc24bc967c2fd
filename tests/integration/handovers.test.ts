// What is handed over: offered, taken over with all that belongs to it, declined, taken back.

import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { Handovers } from '../../contract/handover'
import type { HistoryPage } from '../../contract/change'
import type { OutlineReply } from '../../contract/plan'
import type { DocumentId, FolderId } from '../../core/ids'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'
import { Person } from '../support/people'

let [owner, per]: [Client & { email: string }, Person] = [undefined as never, undefined as never]
beforeAll(async () => {
  owner = await newClient()
  per = await new Person('Per Aske').open(owner)
})

const offers = async (client: Client) => (await client.get<Handovers>('/api/handovers')).body
const planOf = async (client: Client) => (await client.get<OutlineReply>('/api/plan')).body
const history = async (client: Client) => (await client.get<HistoryPage>('/api/changes')).body.changes
const offer = (target: string, targetId: string, more: object = {}) => ({
  ...{ id: v7(), target, targetId, personId: per.id, role: null, note: '' },
  ...more,
})
const make = (body: object, by: Client = owner) => by.send<Refused>('POST', '/api/handovers', body)
const takeOver = (by: Client, id: string, folderId: string | null = null, change = v7()) =>
  by.send<{ label: string } & Refused>('POST', `/api/handovers/${id}/take-over`, { change, folderId })

describe('a folder', () => {
  it('becomes part of the other plan with all in it, and lies in the Trash of whoever handed it over', async () => {
    const term = await owner.folder('Term plan')
    const week = await owner.folder('Week one', term as FolderId)
    const { id: lesson } = await owner.upload('Lesson.txt', 'hawserword in the lesson', week)
    await owner.act({ kind: 'document.remark', id: lesson, remark: 'twice' })
    await owner.act({
      ...{ kind: 'tag.put', folderIds: [], documentIds: [lesson] },
      tags: [{ id: v7() as never, name: 'exam' }],
    })
    const body = offer('folder', term, { role: 'read', note: 'It is your class now' })
    expect((await make(body)).status).toBe(200)
    // Its answer was lost: the same once more is no other offer.
    expect([(await make(body)).status, (await make({ ...body, id: v7() })).body.code]).toEqual([
      200,
      'handOver.offered',
    ])
    const [incoming] = (await offers(per)).incoming
    expect(incoming).toMatchObject({ name: 'Term plan', folders: 2, documents: 1, bytes: 24, note: body.note })
    expect((await offers(owner)).outgoing.map(({ id, person }) => [id, person])).toEqual([[body.id, 'Per Aske']])

    const change = v7()
    const taken = await takeOver(per, body.id, null, change)
    expect([taken.status, taken.body.label]).toEqual([
      200,
      expect.stringMatching(/^Took over “Term plan” from .+, into the top of the plan$/),
    ])
    expect((await takeOver(per, body.id, null, change)).status).toBe(200)
    expect((await takeOver(per, body.id)).status).toBe(404)

    const theirs = await planOf(per)
    const top = theirs.folders.find(({ name }) => name === 'Term plan')
    const below = theirs.folders.filter(({ parentId }) => parentId === top?.id)
    expect(below.map(({ name }) => name)).toEqual(['Week one'])
    const { body: list } = await per.get<{ documents: { id: string; name: string }[] }>(
      `/api/documents?folder=${below[0]?.id}&sort=name`,
    )
    const copy = (list.documents[0]?.id ?? '') as DocumentId
    const { name, remark, tagIds } = await per.document(copy)
    const exam = theirs.tags.find(tag => tag.name === 'exam')
    expect([name, remark, tagIds]).toEqual(['Lesson', 'twice', [exam?.id]])
    expect(Buffer.from((await per.content(copy)).bytes).toString()).toBe('hawserword in the lesson')
    await per.whenRead(copy)
    const { body: found } = await per.get<{ documents: { id: string }[] }>('/api/find?q=hawserword')
    expect(found.documents.map(({ id }) => id)).toEqual([copy])

    // The giver keeps what they chose, and has the rest in the Trash alone.
    expect((await planOf(owner)).folders.some(({ name }) => name === 'Term plan')).toBe(false)
    const { body: received } = await owner.get<{ received: { name: string; role: string }[] }>('/api/received')
    expect(received.received.map(({ name, role }) => [name, role])).toEqual([['1 Term plan', 'read']])
    const [said] = await history(owner)
    expect(said?.label).toBe('Handed over “Term plan” to Per Aske')
    expect((await owner.send<Refused>('POST', '/api/changes/undo', { id: v7(), changeId: said?.id })).body.code).toBe(
      'undo.handOver',
    )
    expect([(await offers(owner)).outgoing, (await offers(per)).incoming]).toEqual([[], []])
  })

  it('goes on being seen by those who saw it, and into the folder that was chosen', async () => {
    const sanna = await new Person('Sanna Roke').open(owner)
    const folder = await owner.folder('Readers')
    await owner.act({
      ...{ kind: 'grant.give', role: 'read', until: null, note: '' },
      grants: [{ id: v7() as never, target: 'folder', targetId: folder, who: 'person', whoId: sanna.id }],
    })
    const body = offer('folder', folder)
    await make(body)
    const into = await per.folder('Taken over')
    expect((await takeOver(per, body.id, into)).status).toBe(200)
    const taken = (await planOf(per)).folders.find(({ name }) => name === 'Readers')
    expect(taken?.parentId).toBe(into)
    expect((await sanna.received()).map(({ name }) => name)).toEqual([expect.stringMatching(/Readers$/)])
    const { body: received } = await owner.get<{ received: { name: string }[] }>('/api/received')
    expect(received.received.map(({ name }) => name)).not.toContain('Readers')
  })
})

describe('a document and a whole plan', () => {
  it('lies in the In-tray, with the bytes that the plan has already', async () => {
    const { id } = await owner.upload('Deed.txt', 'the same bytes')
    const { id: known } = await per.upload('Known.txt', 'the same bytes')
    const body = offer('document', id, { role: 'edit' })
    await make(body)
    expect((await takeOver(per, body.id)).body.label).toMatch(/^Took over “Deed” from .+, into the In-tray$/)
    const { body: list } = await per.get<{ documents: { id: DocumentId; name: string }[] }>(
      '/api/documents?folder=in-tray&sort=name',
    )
    const deed = await per.document(list.documents.find(({ name }) => name === 'Deed')?.id ?? ('' as DocumentId))
    expect([deed.size, known === deed.id]).toEqual([14, false])
  })

  it('comes as one folder of its name', async () => {
    const giver = await newClient()
    await giver.folder('Top one')
    await giver.upload('waits.txt', 'stays')
    const { id } = (await planOf(giver)).plan
    const body = offer('plan', id)
    expect((await make(body, giver)).status).toBe(200)
    expect((await takeOver(per, body.id)).status).toBe(200)
    const theirs = await planOf(per)
    const top = theirs.folders.find(({ name }) => name === 'Top one')
    expect(theirs.folders.find(folder => folder.id === top?.parentId)?.name).toBe('My plan')
    // What had no place stays where it was.
    const own = await planOf(giver)
    expect([own.folders.length, own.inTray]).toEqual([0, 1])
  })
})

describe('an offer', () => {
  it('is declined by the one it is made to, and taken back by the one who made it', async () => {
    const stranger = await newClient()
    const folder = await owner.folder('Wanted by nobody')
    const [first, second] = [offer('folder', folder), offer('folder', folder)]
    await make(first)
    const decline = (by: Client, id: string) => by.send('POST', `/api/handovers/${id}/decline`, {})
    expect([(await decline(stranger, first.id)).status, (await takeOver(stranger, first.id)).status]).toEqual([
      404, 404,
    ])
    expect((await decline(per, first.id)).status).toBe(200)
    await make(second)
    expect((await per.send('DELETE', `/api/handovers/${second.id}`)).status).toBe(404)
    expect((await owner.send('DELETE', `/api/handovers/${second.id}`)).status).toBe(200)
    expect((await takeOver(per, second.id)).status).toBe(404)
    expect((await planOf(owner)).folders.some(({ id }) => id === folder)).toBe(true)
  })

  it('is not made to oneself, to nobody, or of what is not one’s own; a lock is taken off first', async () => {
    const folder = await owner.folder('Sealed things')
    const { body: me } = await per.get<{ id: string }>(`/api/people?email=${owner.email}`)
    const codes = await Promise.all(
      [
        offer('folder', folder, { personId: me.id }),
        offer('folder', folder, { personId: v7() }),
        offer('folder', v7()),
        offer('plan', v7()),
      ].map(async body => (await make(body)).body.code),
    )
    expect(codes).toEqual(['handOver.self', 'notFound', 'notFound', 'notFound'])
    expect((await make(offer('folder', folder, { personId: me.id }), per)).body.code).toBe('notFound')
    const { id } = await owner.upload('Sealed.txt', 'sealed words', folder)
    await owner.whenRead(id)
    const passphrase = 'seven quiet lamps at sea'
    await owner.send('POST', '/api/locks', { id: v7(), folderId: folder, documentIds: [], passphrase })
    const body = offer('folder', folder)
    await make(body)
    expect((await takeOver(per, body.id)).body.code).toBe('handOver.locked')
    expect((await offers(per)).incoming.map(one => one.id)).toContain(body.id)
  })
})
