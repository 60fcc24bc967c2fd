// Whoever has an address and no right requests it: nothing is told of what it leads to, and the owner answers.

import { v7 } from 'uuid'
import { beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { OpenRequest, RequestState } from '../../contract/accessRequest'
import type { DocumentId, FolderId, GrantId } from '../../core/ids'
import { rows } from '../../server/db/client'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'
import { Person } from '../support/people'

let owner: Client
let person: Person
let folder: FolderId
let document: DocumentId

beforeAll(async () => {
  owner = await newClient()
  folder = await owner.folder('Handouts')
  document = (await owner.upload('Lease.txt', 'one year', folder)).id
})
beforeEach(async () => {
  person = await new Person('Per').open(owner)
})

const want = (who: Client, wanted: string, note = '') =>
  who.send<Refused>('POST', '/api/access-requests', { wanted, note })
const state = async (id: string) => (await person.get<RequestState>(`/api/access-requests/${id}`)).body
const open = async () =>
  (await owner.get<{ requests: OpenRequest[] }>('/api/access-requests')).body.requests.filter(
    ({ personId }) => personId === person.id,
  )
const answer = (who: Client, id: string, role: string | null) =>
  who.send<Refused>('POST', `/api/access-requests/${id}/answer`, { role, change: v7(), grant: v7() })

describe('a request', () => {
  it('lies with whoever keeps the thing, and is answered by giving it', async () => {
    expect((await want(person, folder, ' for Thursday ')).status).toBe(200)
    const [one, ...others] = await open()
    expect([one?.name, one?.target, one?.targetId, one?.note, others]).toEqual([
      ...['Per', 'folder', folder, 'for Thursday', []],
    ])
    expect((await answer(owner, one?.id ?? '', 'add')).status).toBe(200)
    expect(await open()).toEqual([])
    expect((await person.received()).map(({ name, role }) => [name, role])).toEqual([['1 Handouts', 'add']])
    const { body } = await owner.get<{ changes: { label: string }[] }>('/api/changes')
    expect(body.changes[0]?.label).toBe('Gave 1 Handouts to Per to add to')
  })

  it('tells nothing of what an address leads to', async () => {
    const [real, nothing] = [await want(person, document), await want(person, v7())]
    expect([real.status, real.body]).toEqual([nothing.status, nothing.body])
    const unknown = v7()
    await want(person, unknown)
    expect([(await state(document)).from, (await state(unknown)).from]).toEqual([null, null])
    expect([(await state(document)).requestedAt, (await state(unknown)).requestedAt]).not.toContain(null)
    expect((await state(v7())).requestedAt).toBeNull()
  })

  it('of a grant that was taken back says who gave it, to whom it was given', async () => {
    const id = v7() as GrantId
    const grants = [{ id, target: 'folder', targetId: folder, who: 'person', whoId: person.id }] as const
    await owner.act({ kind: 'grant.give', grants, role: 'read' })
    expect((await person.shared(id)).status).toBe(200)
    await owner.act({ kind: 'grant.end', ids: [id] })
    expect((await state(id)).from).toMatch(/@test\.example$/) // the owner has no name
    const stranger = await new Person('Sid').open(owner)
    expect((await stranger.get<RequestState>(`/api/access-requests/${id}`)).body.from).toBeNull()
  })

  it('that was declined is not heard again for a month, and whoever made it is told nothing', async () => {
    await want(person, document)
    const [one] = await open()
    expect((await answer(owner, one?.id ?? '', null)).status).toBe(200)
    expect(await person.received()).toEqual([])
    expect((await want(person, document)).status).toBe(200)
    expect([await open(), (await state(document)).requestedAt]).toEqual([[], expect.any(String)])
    await rows(null, `UPDATE access_request SET answered_at = now() - interval '31 days' WHERE id = $1 RETURNING id`, [
      one?.id,
    ])
    await want(person, document)
    expect(await open()).toHaveLength(1)
  })

  it('is answered by its owner alone, and stays where it cannot be granted', async () => {
    await want(person, document)
    const [one] = await open()
    expect((await answer(person, one?.id ?? '', 'read')).status).toBe(404)
    await owner.act({ kind: 'plan.areasOnly', on: true })
    expect((await answer(owner, one?.id ?? '', 'read')).body.code).toBe('give.areasOnly')
    await owner.act({ kind: 'plan.areasOnly', on: false })
    expect(await open()).toHaveLength(1)
    await owner.act({ kind: 'trash', folderIds: [], documentIds: [document] })
    expect((await answer(owner, one?.id ?? '', 'read')).body.code).toBe('document.inTrash')
    await owner.undo()
  })

  it('of what is one’s own goes nowhere, and many an hour are refused', async () => {
    expect((await owner.get(`/api/access-requests/${folder}`)).status).toBe(404)
    await want(owner, folder)
    const { requests } = (await owner.get<{ requests: OpenRequest[] }>('/api/access-requests')).body
    expect(requests.filter(({ name }) => name.includes('@'))).toEqual([])
    let last = await want(person, v7())
    for (let count = 1; count <= 30; count++) last = await want(person, v7())
    expect(last.body.code).toBe('request.many')
  })
})
