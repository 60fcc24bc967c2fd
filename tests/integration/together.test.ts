// Several people in one plan: what is handed out and in, working in the plan of another, and that rights at the routes
// are those of core.

import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { ClientCommand } from '../../contract/command'
import type { HandIn } from '../../contract/plan'
import type { Shared } from '../../contract/shared'
import { explain } from '../../core/access/index'
import type { DocumentId, FolderId, GrantId, GroupId } from '../../core/ids'
import { buildTree } from '../../core/tree/index'
import { seeded } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'
import { Person, to } from '../support/people'

let owner: Client
let office: FolderId
let inside: DocumentId
let outside: DocumentId

beforeAll(async () => {
  owner = await newClient()
  office = await owner.folder('Confidential office')
  inside = (await owner.upload('Bowline.txt', 'The rabbit comes out of the hole.', office)).id
  outside = (await owner.upload('Salaries.txt', 'The rabbit earns nothing.', office)).id
})

describe('a hand-out', () => {
  it('gives each of a group a folder of their own, shows who handed in, and is undone as one act', async () => {
    const [id, paper] = [v7() as FolderId, (await owner.upload('Task.txt', 'Tie it.', office)).id]
    const class2 = v7() as GroupId
    const [one, other] = [await new Person('Mo').open(owner), await new Person('Sten').open(owner)]
    const people = [one.id, other.id]
    await owner.act({ kind: 'group.set', id: class2, name: 'Second class', add: people, remove: [] })
    const made = await owner.act({
      ...{ kind: 'group.handOut', groupId: class2, parentId: null, id, name: 'Knots test', documentIds: [paper] },
      until: '2999-01-01T00:00:00.000Z',
    })
    const lines = async () => (await owner.get<{ handIns: HandIn[] }>(`/api/hand-ins/${id}`)).body.handIns
    expect((await lines()).map(({ name, count }) => [name, count])).toEqual([
      ['Mo', 0],
      ['Sten', 0],
    ])
    const [mine, theirs] = [(await other.received())[0], (await one.received())[0]]
    expect([mine?.name, mine?.role, mine?.note]).toEqual([expect.stringContaining('Sten'), 'add', 'Knots test'])
    const shared = await other.shared<Shared>(mine?.id ?? '')
    const own = shared.body.folders[0]?.id ?? ''
    expect((await other.shared(theirs?.id ?? '')).status).toBe(404)
    expect((await other.add(mine?.id ?? '', own, 'Answer.txt')).status).toBe(200)
    expect((await lines()).map(({ name, count, openedAt }) => [name, count, openedAt !== null])).toEqual([
      ['Mo', 0, false],
      ['Sten', 1, true],
    ])
    // After the hand-in it is read only.
    await rows(
      null,
      `UPDATE access_grant SET until = date_trunc('second', now()) WHERE target_id = $1 AND role = 'add'`,
      [own],
    )
    const after = (await other.received()).find(each => each.targetId === own)
    expect([after?.role, (await other.shared<Shared>(mine?.id ?? '')).body.role]).toEqual(['read', 'read'])
    expect((await other.add(after?.id ?? '', own, 'Late.txt')).status).toBe(403)
    await rows(null, `UPDATE access_grant SET until = '2999-01-01' WHERE target_id = $1 AND role = 'add'`, [own])
    expect((await owner.undo(made.id)).body.code).toBe('undo.blocked')
  })
})

describe('rights at the routes', () => {
  it('are those that core works out, for random grants on folders in folders', async () => {
    const random = seeded(7)
    const [guest, top] = [await new Person('Rand').open(owner), await owner.folder('Random')]
    const ids = [top]
    for (let index = 0; index < 6; index++) ids.push(await owner.folder(`R${index}`, random.pick(ids)))
    const crowd = v7() as GroupId
    await owner.act({ kind: 'group.set', id: crowd, name: 'Crowd', add: [guest.id], remove: [] })
    for (const targetId of ids) {
      if (random.next() < 0.3) continue
      const grantee = random.pick([to(guest), { id: v7() as GrantId, who: 'group', whoId: crowd } as const])
      const role = random.pick(['read', 'add', 'edit'] as const)
      await owner.act({ kind: 'grant.give', grants: [{ ...grantee, target: 'folder', targetId }], role })
    }
    const { folders, grants } = await owner.outline()
    const groups = new Map([[crowd, { memberIds: [guest.id] }]])
    const access = { tree: buildTree(folders), grants, groups, now: new Date().toISOString() }
    const received = (await guest.received()).filter(({ targetId }) => ids.includes(targetId as FolderId))
    expect(received.length).toBeGreaterThan(2)
    for (const { id, targetId } of received) {
      const { role } = explain(guest.id, { kind: 'folder', id: targetId as FolderId }, access)
      expect((await guest.shared<Shared>(id)).body.role).toBe(role)
    }
  })
})

describe('whoever may change all of a plan', () => {
  it('works in it as in their own, by their name, but for rights and what is the owner’s', async () => {
    const guest = await new Person('Gus').open(owner)
    const [own, { plan }] = [(await guest.outline()).plan.id, await owner.outline()]
    const enter = async (planId: string | null) => (await guest.send('PUT', '/api/session/plan', { planId })).status
    expect(await enter(plan.id)).toBe(404)
    const id = v7()
    const grants = [{ ...to(guest, id), target: 'plan', targetId: plan.id }] as const
    const whole = { kind: 'grant.give', grants, note: '' } as const
    await owner.act({ ...whole, role: 'add', until: null })
    expect([await enter(plan.id), (await guest.received())[0]?.isWorkable]).toEqual([404, false])
    await owner.act({ ...whole, role: 'edit', until: null })
    expect([await enter(plan.id), (await guest.received())[0]?.isWorkable]).toEqual([200, true])
    expect((await guest.outline()).plan.id).toBe(plan.id)
    expect((await guest.outline()).people.filter(({ email }) => email !== '')).toEqual([])
    const made = await guest.folder('Made by Gus')
    expect((await owner.outline()).folders.map(folder => folder.id)).toContain(made)
    const [last] = (await owner.get<{ changes: { actor: string }[] }>('/api/changes')).body.changes
    expect(last?.actor).toBe('Gus')
    // The owner's last act is another one than the guest's.
    await owner.folder('Made by the owner')
    expect((await guest.undo()).body.label).toContain('Made by Gus')

    const refused = async (command: ClientCommand) => ((await guest.try(command)).body as Refused).code
    expect(await refused({ ...whole, role: 'edit', until: null })).toBe('right.missing')
    expect(await refused({ kind: 'grant.end', ids: [id] })).toBe('right.missing')
    expect(await refused({ kind: 'plan.rename', name: 'Mine' })).toBe('right.missing')
    expect(await refused({ kind: 'star', folderIds: [], documentIds: [inside], on: true })).toBe('right.personal')
    expect((await guest.send('POST', '/api/trash/purge', { id: v7(), ids: [], all: true })).status).toBe(403)
    await guest.send('PUT', '/api/find/recent', { text: 'salaries', query: { q: 'salaries' } })
    await guest.send('POST', `/api/documents/${outside}/visits`, {})
    expect(JSON.stringify((await owner.get('/api/find/recent')).body)).not.toContain('salaries')
    expect((await owner.get<{ opened: unknown[] }>('/api/documents/lately')).body.opened).toEqual([])

    // A window that shows another plan than the session works in does nothing.
    const stale = await guest.send('GET', '/api/plan', undefined, { 'x-hembix-plan': own })
    expect([stale.status, (stale.body as Refused).code]).toEqual([409, 'plan.other'])
    await owner.act({ kind: 'grant.end', ids: [id] })
    expect((await guest.outline()).plan.id).toBe(own)
    expect((await guest.send('GET', '/api/plan', undefined, { 'x-hembix-plan': plan.id })).status).toBe(409)
  })
})
