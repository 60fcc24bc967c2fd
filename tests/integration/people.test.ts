// What people have of the plan of another, route by route: five people of different roles, and somebody without any.

import { randomUUID } from 'node:crypto'
import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { ClientCommand } from '../../contract/command'
import type { DocumentFacts } from '../../contract/document'
import type { HandIn } from '../../contract/plan'
import type { ReceivedThing, Shared, SharedChange, SharedFound, SharedList } from '../../contract/shared'
import type { DocumentId, FolderId, GrantId, GroupId, PersonId } from '../../core/ids'
import type { Role } from '../../core/rows/index'
import { rows } from '../../server/db/client'
import type { Refused, Reply } from '../support/client'
import { Client, newClient, PASSWORD } from '../support/client'
import { expectExact } from '../support/exactReply'

/** A client with an account of its own, by its name, and the id that others give things to. */
class Person extends Client {
  id = '' as PersonId
  email = ''
  constructor(readonly name: string) {
    super()
  }

  async open(owner: Client): Promise<this> {
    this.email = `${randomUUID()}@test.example`
    const made = await this.send('POST', '/api/accounts', { email: this.email, name: this.name, password: PASSWORD })
    if (made.status !== 200) throw new Error(`No account could be made: ${made.status}`)
    this.id = (await owner.get<{ id: PersonId }>(`/api/people?email=${this.email}`)).body.id
    return this
  }

  async received(): Promise<ReceivedThing[]> {
    return (await this.get<{ received: ReceivedThing[] }>('/api/received')).body.received
  }

  shared<T = Refused>(key: string, path = ''): Promise<Reply<T>> {
    return this.get<T>(`/api/shared/${key}${path}`)
  }

  change(key: string, command: ClientCommand): Promise<Reply<SharedChange & Refused>> {
    return this.send('POST', `/api/shared/${key}/changes`, { id: v7(), command })
  }

  undoIn(key: string, changeId: string): Promise<Reply<SharedChange & Refused>> {
    return this.send('POST', `/api/shared/${key}/changes/undo`, { id: v7(), changeId })
  }

  async add(
    key: string,
    folder: string,
    name: string,
  ): Promise<{ status: number; id: DocumentId; body: SharedChange }> {
    const id = v7() as DocumentId
    const query = new URLSearchParams({ change: v7(), document: id, folder, name, changed: '2026-03-04T05:06:07Z' })
    const reply = await fetch(`${this.base}/api/shared/${key}/documents?${query.toString()}`, {
      method: 'POST',
      headers: { cookie: this.cookie, 'content-type': 'application/octet-stream' },
      body: `what ${this.name} wrote`,
    })
    const body = (await reply.json()) as SharedChange
    if (reply.ok) expectExact('POST', `/api/shared/${key}/documents`, body)
    return { status: reply.status, id, body }
  }
}

let owner: Client
const reader = new Person('Rhea')
const adder = new Person('Ada')
const editor = new Person('Edda')
const member = new Person('Mo')
const stranger = new Person('Sten')
const everyone = [reader, adder, editor, member, stranger]
let office: FolderId
let handouts: FolderId
let week: FolderId
let inside: DocumentId
let below: DocumentId
let outside: DocumentId
const group = v7() as GroupId
const keys = new Map<Person, string>()

const to = (person: Person | null, id = v7()) =>
  ({ id: id as GrantId, who: person ? 'person' : 'everyone', whoId: person?.id ?? null }) as const

async function give(person: Person, role: Role, targetId: string, target: 'folder' | 'document' = 'folder') {
  const id = v7()
  await owner.act({
    kind: 'grant.give',
    target,
    targetId,
    to: [to(person, id)],
    role,
    until: null,
    note: 'For Thursday',
  })
  return id
}

beforeAll(async () => {
  owner = await newClient()
  for (const person of everyone) await person.open(owner)
  office = await owner.folder('Confidential office')
  handouts = await owner.folder('Handouts', office)
  week = await owner.folder('Week one', handouts)
  inside = (await owner.upload('Bowline.txt', 'The rabbit comes out of the hole.', handouts)).id
  below = (await owner.upload('Splices.txt', 'A splice for the class.', week)).id
  outside = (await owner.upload('Salaries.txt', 'The rabbit earns nothing.', office)).id
  for (const id of [inside, below, outside]) await owner.whenRead(id)
  await owner.act({ kind: 'group.set', id: group, name: 'Evening class', add: [member.id], remove: [] })
  const groupGrant = v7()
  const toGroup = { id: groupGrant as GrantId, who: 'group', whoId: group } as const
  await owner.act({
    ...{ kind: 'grant.give', target: 'folder', targetId: handouts, to: [toGroup], role: 'read' },
    ...{ until: null, note: '' },
  })
  keys.set(member, groupGrant)
  keys.set(reader, await give(reader, 'read', handouts))
  keys.set(adder, await give(adder, 'add', handouts))
  keys.set(editor, await give(editor, 'edit', handouts))
  keys.set(stranger, groupGrant)
})
const keyOf = (person: Person): string => keys.get(person) ?? ''

describe('what was given', () => {
  it('stands among what one received, with who, what and the note, and is new until it was opened', async () => {
    const [one, ...others] = await reader.received()
    expect([one?.name, one?.role, one?.note, one?.openedAt, others]).toEqual([
      '1.1 Handouts',
      'read',
      'For Thursday',
      null,
      [],
    ])
    expect((await member.received()).map(({ id }) => id)).toEqual([keyOf(member)])
    expect(await stranger.received()).toEqual([])
    expect((await reader.send('POST', `/api/received/${keyOf(reader)}/seen`)).status).toBe(200)
    expect((await reader.received())[0]?.openedAt).not.toBeNull()
  })

  it('names nothing above or beside it', async () => {
    for (const person of [reader, adder, editor, member]) {
      const { status, body } = await person.shared<Shared>(keyOf(person))
      expect([status, body.name, body.folders.map(({ name }) => name)]).toEqual([
        200,
        'Handouts',
        ['Handouts', 'Week one'],
      ])
      expect(JSON.stringify(body)).not.toMatch(/Confidential|Salaries/)
      const found = await person.shared<SharedFound>(keyOf(person), '/find?q=rabbit')
      expect(found.body.documents.map(({ id }) => id)).toEqual([inside])
    }
  })

  it('is answered to each as their role says', async () => {
    const answers: Record<string, number[]> = {}
    const everywhere = async (name: string, ask: (person: Person) => Promise<{ status: number }>) => {
      answers[name] = []
      for (const person of everyone) answers[name].push((await ask(person)).status)
    }
    const rename = (id: DocumentId) => (person: Person) =>
      person.change(keyOf(person), { kind: 'document.rename', id: id, name: `By ${person.name}`, allowTwin: false })
    const make = (parentId: FolderId | null) => (person: Person) =>
      person.change(keyOf(person), {
        ...{ kind: 'folder.create', id: v7() as FolderId, parentId },
        ...{ name: `Of ${person.name}`, allowTwin: false },
      })
    const get = (path: string) => (person: Person) => person.shared(keyOf(person), path)
    // reader, adder, editor, member of the group, stranger
    await everywhere('the outline', get(''))
    await everywhere('a list', get(`/documents?folder=${week}`))
    await everywhere('a list outside', get(`/documents?folder=${office}`))
    await everywhere('a document', get(`/documents/${below}`))
    await everywhere('its bytes', get(`/documents/${below}/content`))
    await everywhere('a document outside', get(`/documents/${outside}`))
    await everywhere('its bytes outside', get(`/documents/${outside}/content`))
    await everywhere('the ZIP', get('/archive'))
    await everywhere('adding', person => person.add(keyOf(person), week, `${person.name}.txt`))
    await everywhere('adding outside', person => person.add(keyOf(person), office, 'x.txt'))
    await everywhere('renaming what the owner has', rename(inside))
    await everywhere('renaming outside', rename(outside))
    await everywhere('a new folder', make(handouts))
    await everywhere('a new folder outside', make(office))
    await everywhere('a new folder at the top', make(null))
    await everywhere('renaming what was given', person =>
      person.change(keyOf(person), { kind: 'folder.rename', id: handouts, name: 'Mine', allowTwin: false }),
    )
    await everywhere('giving it on', person =>
      person.change(keyOf(person), {
        ...{ kind: 'grant.give', target: 'folder', targetId: handouts, to: [to(stranger)], role: 'keep' },
        ...{ until: null, note: '' },
      }),
    )
    await everywhere('moving it out', person =>
      person.change(keyOf(person), {
        ...{ kind: 'move', folderIds: [], documentIds: [inside], toFolderId: office },
        ...{ fromFolderId: handouts, allowTwin: false },
      }),
    )
    expect(answers).toEqual({
      'the outline': [200, 200, 200, 200, 404],
      'a list': [200, 200, 200, 200, 404],
      'a list outside': [404, 404, 404, 404, 404],
      'a document': [200, 200, 200, 200, 404],
      'its bytes': [200, 200, 200, 200, 404],
      'a document outside': [404, 404, 404, 404, 404],
      'its bytes outside': [404, 404, 404, 404, 404],
      'the ZIP': [200, 200, 200, 200, 404],
      adding: [403, 200, 200, 403, 404],
      'adding outside': [403, 404, 404, 403, 404],
      'renaming what the owner has': [403, 403, 200, 403, 404],
      'renaming outside': [404, 404, 404, 404, 404],
      'a new folder': [403, 403, 200, 403, 404],
      'a new folder outside': [404, 404, 404, 404, 404],
      'a new folder at the top': [404, 404, 404, 404, 404],
      'renaming what was given': [403, 403, 403, 403, 404],
      'giving it on': [403, 403, 403, 403, 404],
      'moving it out': [404, 404, 404, 404, 404],
    })
    expect((await new Client().get(`/api/shared/${keyOf(reader)}`)).status).toBe(401)
  })
})

describe('whoever may add', () => {
  it('changes and deletes what they brought, undoes that, and nothing of others', async () => {
    const { id, body } = await adder.add(keyOf(adder), week, 'Essay.txt')
    const list = await adder.shared<SharedList>(keyOf(adder), `/documents?folder=${week}`)
    const mine = list.body.documents.filter(({ changeable }) => changeable).map(({ name }) => name)
    expect([mine.includes('Essay'), mine.includes('Splices')]).toEqual([true, false])
    const rename = (document: DocumentId) =>
      adder.change(keyOf(adder), { kind: 'document.rename', id: document, name: 'Essay two', allowTwin: false })
    const trash = (ids: DocumentId[]) => adder.change(keyOf(adder), { kind: 'trash', folderIds: [], documentIds: ids })
    expect([(await rename(id)).status, (await rename(below)).status]).toEqual([200, 403])
    expect((await trash([id, below])).status).toBe(403)
    const gone = await trash([id])
    expect([gone.status, gone.body.label]).toEqual([200, expect.stringContaining('Essay two')])
    expect((await editor.undoIn(keyOf(editor), gone.body.id)).status).toBe(404)
    expect((await adder.undoIn(keyOf(adder), gone.body.id)).status).toBe(200)
    expect((await owner.document(id)).name).toBe('Essay two')
    expect(body.label).toContain('Essay')
  })

  it('stands in History by name, and the owner’s Undo takes back what is the owner’s', async () => {
    const own = await owner.folder('Mine alone')
    const { body } = await adder.add(keyOf(adder), handouts, 'Later.txt')
    const { changes } = (await owner.get<{ changes: { id: string; actor: string }[] }>('/api/changes')).body
    expect(changes.find(({ id }) => id === body.id)?.actor).toBe('Ada')
    const theirs = await owner.get<{ changes: { actor: string }[] }>(`/api/changes?who=${adder.id}`)
    expect(new Set(theirs.body.changes.map(({ actor }) => actor))).toEqual(new Set(['Ada']))
    expect((await owner.undo()).body.label).toContain('Mine alone')
    expect((await owner.outline()).folders.map(({ id }) => id)).not.toContain(own)
  })

  it('cannot delete what its owner has filed elsewhere as well', async () => {
    const { id } = await adder.add(keyOf(adder), week, 'Both.txt')
    await owner.act({ kind: 'document.file', documents: [{ id: id, name: null }], folderIds: [office], tags: [] })
    const reply = await adder.change(keyOf(adder), { kind: 'trash', folderIds: [], documentIds: [id] })
    expect([reply.status, reply.body.code]).toEqual([403, 'right.elsewhere'])
  })
})

describe('a copy', () => {
  it('is one’s own, and stays when the original is taken back', async () => {
    const document = v7()
    const key = await give(stranger, 'read', below, 'document')
    const body = { change: v7(), document, folder: null }
    expect((await stranger.send('POST', `/api/shared/${key}/documents/${below}/copy`, body)).status).toBe(200)
    await owner.act({ kind: 'grant.end', ids: [key] })
    expect((await stranger.shared(key)).body).toMatchObject({ code: 'grant.gone' })
    const copy = await stranger.document(document)
    expect([copy.name, copy.folderIds]).toEqual(['Splices', [null]])
    expect((await stranger.content(document)).bytes.toString()).toBe('A splice for the class.')
    expect(
      (await stranger.send('POST', `/api/shared/${key}/documents/${below}/copy`, { ...body, change: v7() })).status,
    ).toBe(404)
  })
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

describe('what one gave', () => {
  it('is seen as those see it, and changed by nobody there', async () => {
    const seen = await owner.get<Shared>(`/api/shared/${keyOf(adder)}`)
    expect([seen.status, seen.body.isOwn, seen.body.role, seen.body.from]).toEqual([200, true, 'add', null])
    expect(JSON.stringify(seen.body)).not.toContain('Confidential')
    const command = { kind: 'document.rename', id: inside, name: 'x', allowTwin: false }
    expect((await owner.send('POST', `/api/shared/${keyOf(adder)}/changes`, { id: v7(), command })).status).toBe(403)
  })
})

describe('a right ends', () => {
  it('when somebody leaves the group, and Undo brings it back', async () => {
    const left = await owner.act({ kind: 'group.set', id: group, name: 'Evening class', add: [], remove: [member.id] })
    expect([(await member.shared(keyOf(member))).status, await member.received()]).toEqual([404, []])
    await owner.undo(left.id)
    expect((await member.shared(keyOf(member))).status).toBe(200)
  })

  it('with its day, with the Trash, and with what gave it', async () => {
    const id = await give(stranger, 'read', week)
    expect((await stranger.shared(id)).status).toBe(200)
    await rows(
      null,
      `UPDATE access_grant SET until = date_trunc('second', now()) - interval '1 second' WHERE id = $1`,
      [id],
    )
    expect([(await stranger.shared(id)).status, await stranger.received()]).toEqual([404, []])
    const other = await give(stranger, 'read', below, 'document')
    const trashed = await owner.act({ kind: 'trash', folderIds: [], documentIds: [below] })
    expect([(await stranger.shared(other)).status, await stranger.received()]).toEqual([404, []])
    await owner.undo(trashed.id)
    expect((await stranger.shared(other)).status).toBe(200)
    await owner.act({ kind: 'grant.end', ids: [other] })
    expect((await stranger.shared(other)).status).toBe(404)
  })

  it('for everyone at once, and the highest of several counts', async () => {
    const id = v7()
    const all = {
      kind: 'grant.give',
      target: 'folder',
      targetId: week,
      to: [to(null, id)],
      until: null,
      note: '',
    } as const
    await owner.act({ ...all, role: 'read' })
    expect((await stranger.received()).map(one => [one.id, one.name, one.role])).toEqual([
      [id, '1.1.1 Week one', 'read'],
    ])
    // By the folder above it the editor has more than everyone.
    expect((await editor.shared<Shared>(id)).body.role).toBe('edit')
    await owner.act({ ...all, role: 'add' })
    expect((await stranger.shared<Shared>(id)).body.role).toBe('add')
    await owner.act({ kind: 'grant.end', ids: [id] })
    expect(await stranger.received()).toEqual([])
  })
})

describe('all of a plan', () => {
  it('is what is filed in it, and nothing of the In-tray', async () => {
    const tray = await owner.upload('Unfiled rabbit.txt', 'in the tray')
    const { plan } = await owner.outline()
    const id = v7()
    const whole = { kind: 'grant.give', target: 'plan', targetId: plan.id, to: [to(stranger, id)], note: '' } as const
    await owner.act({ ...whole, role: 'read', until: null })
    const { body } = await stranger.shared<Shared>(id)
    expect([body.name, body.folders.map(({ name }) => name).includes('Confidential office')]).toEqual(['My plan', true])
    const found = await stranger.shared<SharedFound>(id, '/find?q=rabbit')
    expect(found.body.documents.map(one => one.id).sort()).toEqual([inside, outside].sort())
    expect((await stranger.shared<DocumentFacts>(id, `/documents/${outside}`)).status).toBe(200)
    expect((await stranger.shared(id, `/documents/${tray.id}`)).status).toBe(404)
    await owner.act({ kind: 'grant.end', ids: [id] })
  })
})

describe('whoever may change all of a plan', () => {
  it('works in it as in their own, by their name, but for rights and what is the owner’s', async () => {
    const guest = await new Person('Gus').open(owner)
    const [own, { plan }] = [(await guest.outline()).plan.id, await owner.outline()]
    const enter = async (planId: string | null) => (await guest.send('PUT', '/api/session/plan', { planId })).status
    expect(await enter(plan.id)).toBe(404)
    const id = v7()
    const whole = { kind: 'grant.give', target: 'plan', targetId: plan.id, to: [to(guest, id)], note: '' } as const
    await owner.act({ ...whole, role: 'add', until: null })
    expect([await enter(plan.id), (await guest.received())[0]?.isWorkable]).toEqual([404, false])
    await owner.act({ ...whole, role: 'edit', until: null })
    expect([await enter(plan.id), (await guest.received())[0]?.isWorkable]).toEqual([200, true])
    expect((await guest.outline()).plan.id).toBe(plan.id)
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

describe('people', () => {
  it('are found by their whole address, and by nothing less', async () => {
    const found = await reader.get<{ name: string }>(`/api/people?email=${adder.email.toUpperCase()}`)
    expect([found.status, found.body.name]).toEqual([200, 'Ada'])
    expect((await reader.get('/api/people?email=test.example')).body).toMatchObject({ code: 'give.nobody' })
    expect((await new Client().get(`/api/people?email=${adder.email}`)).status).toBe(401)
  })

  it('are called as they want to be', async () => {
    expect((await stranger.send('PUT', '/api/account/name', { name: '  Sten Roke ' })).body).toEqual({
      name: 'Sten Roke',
    })
    expect((await stranger.send('PUT', '/api/account/name', { name: ' ' })).status).toBe(400)
    expect((await owner.get<{ name: string }>(`/api/people?email=${stranger.email}`)).body.name).toBe('Sten Roke')
  })

  it('who leave take what was given to them along, and History keeps their name out', async () => {
    const leaver = await new Person('Leaver').open(owner)
    const id = await give(leaver, 'add', week)
    await leaver.add(id, week, 'Goodbye.txt')
    const gone = await leaver.send('POST', '/api/account/deletion', { planName: 'My plan', password: PASSWORD })
    expect(gone.status).toBe(200)
    const { changes } = (await owner.get<{ changes: { actor: string; label: string }[] }>('/api/changes')).body
    expect(changes.find(({ label }) => label.includes('Goodbye'))?.actor).toBe('')
    await owner.act({ kind: 'grant.end', ids: [id] })
  })
})

describe('windows', () => {
  async function listen(client: Client, path: string) {
    const stopping = new AbortController()
    const response = await fetch(client.base + path, { headers: { cookie: client.cookie }, signal: stopping.signal })
    const heard: string[] = []
    void (async () => {
      const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader()
      for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) heard.push(part.value)
    })().catch(() => heard.push('closed'))
    const has = (text: string) => expect.poll(() => heard.join(''), { timeout: 10_000 }).toContain(text)
    await has('beat')
    return { heard, has, stop: () => stopping.abort() }
  }

  it('follow what is done in what was given, hear nothing of the rest, and that it is gone', async () => {
    const id = await give(stranger, 'read', week)
    const [own, shared] = [await listen(stranger, '/api/events'), await listen(stranger, `/api/shared/${id}/events`)]
    await owner.folder('Elsewhere', office)
    await owner.folder('Week within', week)
    await shared.has('changed')
    expect(shared.heard.join('').match(/changed/g)).toHaveLength(1)
    await owner.act({ kind: 'grant.end', ids: [id] })
    await shared.has('gone')
    await own.has('received')
    own.stop()
    shared.stop()
  })
})
