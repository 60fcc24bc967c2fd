// What people are told by mail: once, when it holds, and not what they do not want to hear.

import { v7 } from 'uuid'
import { beforeAll, beforeEach, describe, expect, it } from 'vitest'
import type { AccountFacts } from '../../contract/account'
import type { DocumentId, FolderId, GrantId, GroupId } from '../../core/ids'
import { rows, withTransaction } from '../../server/db/client'
import { claimMail } from '../../server/db/sql/mail'
import type { Client } from '../support/client'
import { newClient } from '../support/client'
import { Person } from '../support/people'

let owner: Client
let person: Person
let folder: FolderId
let document: DocumentId

beforeAll(async () => {
  owner = await newClient()
  await owner.send('PUT', '/api/account/name', { name: 'Ida Fenn' })
  folder = await owner.folder('Handouts')
  document = (await owner.upload('Lease.txt', 'one year', folder)).id
})
beforeEach(async () => {
  person = await new Person('Per').open(owner)
})

const grant = (target: 'folder' | 'document', targetId: string, who: 'person' | 'group', whoId: string) =>
  ({ id: v7() as GrantId, target, targetId, who, whoId }) as const
const give = (grants: readonly ReturnType<typeof grant>[], note = '') =>
  owner.act({ kind: 'grant.give', grants, role: 'read', note })
const mailOf = async (who: Client) => (await who.get<AccountFacts>('/api/account')).body.mail

describe('mail', () => {
  it('tells of all that was given in one act, with where it is and the note', async () => {
    const grants = [grant('folder', folder, 'person', person.id), grant('document', document, 'person', person.id)]
    await give(grants, 'For Thursday')
    const { news, isSent, messages } = await mailOf(person)
    expect([news, isSent, messages.map(({ subject }) => subject)]).toEqual([
      true,
      false,
      ['Ida Fenn gives you 2 things'],
    ])
    const body = messages[0]?.body ?? ''
    expect(body).toContain('You may read “Lease”')
    expect(body).toContain(`/received/${grants[0]?.id ?? ''}`)
    expect(body).toContain('“For Thursday”')
    expect((await mailOf(owner)).messages).toEqual([])
    // Without a mail server it lies in the outbox.
    const id = messages[0]?.id
    await expect
      .poll(
        async () =>
          (await rows<{ sent: boolean }>(null, 'SELECT sent_at IS NOT NULL AS sent FROM mail WHERE id = $1', [id]))[0],
      )
      .toEqual({ sent: true })
  })

  it('tells each of a group once, also in a hand-out, and nothing of what is undone or done again', async () => {
    const group = v7() as GroupId
    await owner.act({ kind: 'group.set', id: group, name: `Class ${v7()}`, add: [person.id], remove: [] })
    await give([grant('folder', folder, 'person', person.id), grant('folder', folder, 'group', group)])
    expect((await mailOf(person)).messages.map(({ subject }) => subject)).toEqual(['Ida Fenn gives you “Handouts”'])
    await owner.undo()
    await owner.redo()
    expect((await mailOf(person)).messages).toHaveLength(1)
    const where = { parentId: null, id: v7() as FolderId, name: `Test ${v7()}`, documentIds: [] }
    const until = new Date(Date.now() + 86_400_000).toISOString()
    await owner.act({ kind: 'group.handOut', groupId: group, ...where, until })
    expect((await mailOf(person)).messages.map(({ subject }) => subject)[0]).toBe('Ida Fenn gives you “Per”')
  })

  it('is not written to whoever wants none, or hears nothing of the giver', async () => {
    const [muting] = [await new Person('Sanna').open(owner)]
    expect((await person.send('PUT', '/api/account/mail', { news: false })).status).toBe(200)
    const [before] = [grant('document', document, 'person', muting.id)]
    await give([before])
    const [{ ownerId } = { ownerId: '' }] = await muting.received()
    expect((await muting.send('PUT', '/api/received/muted', { giverId: ownerId, on: true })).status).toBe(200)
    await give([person, muting].map(({ id }) => grant('folder', folder, 'person', id)))
    expect((await mailOf(person)).messages).toEqual([])
    expect((await mailOf(muting)).messages.map(({ subject }) => subject)).toEqual(['Ida Fenn gives you “Lease”'])
    expect((await muting.received()).map(({ name, muted }) => [name, muted])).toEqual([
      ['1 Handouts', true],
      ['Lease', true],
    ])
    await muting.send('PUT', '/api/received/muted', { giverId: ownerId, on: false })
    expect((await muting.received()).map(({ muted }) => muted)).toEqual([false, false])
  })

  it('that could not be sent waits longer each time, and is given up at last', async () => {
    const id = v7()
    // Seen by nobody but this transaction, which is rolled back.
    const work = withTransaction(async transaction => {
      const write = (sql: string, ...more: unknown[]) => rows(transaction, `${sql} RETURNING id`, [id, ...more])
      await write(
        `INSERT INTO mail (id, account_id, subject, body, created_at) VALUES ($1, $2, 's', 'b', '2020-01-01')`,
        person.id,
      )
      const isNext = async () => (await claimMail(transaction))?.id === id
      const tried = (ago: string) => write('UPDATE mail SET tried_at = now() - $2::interval WHERE id = $1', ago)
      expect([await isNext(), await isNext()]).toEqual([true, false])
      await tried('6 minutes')
      expect(await isNext()).toBe(true)
      await tried('6 minutes')
      expect(await isNext()).toBe(false)
      await tried('11 minutes')
      expect(await isNext()).toBe(true)
      await write('UPDATE mail SET tries = 10 WHERE id = $1')
      await tried('1 day')
      expect(await isNext()).toBe(false)
      throw new Error('rolled back')
    })
    await expect(work).rejects.toThrow('rolled back')
  })
})
