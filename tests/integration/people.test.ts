// What people have of the plan of another, route by route: five people of different roles, and somebody without any.

import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { DocumentFacts } from '../../contract/document'
import type { Shared, SharedFound, SharedList } from '../../contract/shared'
import type { DocumentId, FolderId, GrantId, GroupId } from '../../core/ids'
import type { Role } from '../../core/rows/index'
import { rows } from '../../server/db/client'
import { Client, newClient, PASSWORD } from '../support/client'
import { Person, to } from '../support/people'

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

async function give(person: Person, role: Role, targetId: string, target: 'folder' | 'document' = 'folder') {
  const id = v7()
  await owner.act({
    kind: 'grant.give',
    grants: [{ ...to(person, id), target, targetId }],
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
    ...{ kind: 'grant.give', role: 'read' },
    grants: [{ ...toGroup, target: 'folder', targetId: handouts }],
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
        ...{ kind: 'grant.give', role: 'keep' },
        grants: [{ ...to(stranger), target: 'folder', targetId: handouts }],
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
    expect([gone.status, gone.body.kind]).toEqual([200, 'trash'])
    expect(JSON.stringify(gone.body)).not.toMatch(/Confidential|Week one/)
    expect((await editor.undoIn(keyOf(editor), gone.body.id)).status).toBe(404)
    expect((await adder.undoIn(keyOf(adder), gone.body.id)).status).toBe(200)
    expect((await owner.document(id)).name).toBe('Essay two')
    expect(body.kind).toBe('document.add')
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

describe('whoever may change one document', () => {
  it('renames it wherever else it lies, deletes it nowhere, and is told no place of it', async () => {
    const both = await owner.upload('Knots.txt', 'knots', week)
    await owner.act({ kind: 'document.file', documents: [{ id: both.id, name: null }], folderIds: [office], tags: [] })
    const key = await give(stranger, 'edit', both.id, 'document')
    const renamed = await stranger.change(key, {
      kind: 'document.rename',
      id: both.id,
      name: 'Bends',
      allowTwin: false,
    })
    expect([renamed.status, (await owner.document(both.id)).name]).toEqual([200, 'Bends'])
    expect(JSON.stringify(renamed.body)).not.toMatch(/Confidential|Week one/)
    const trashed = await stranger.change(key, { kind: 'trash', folderIds: [], documentIds: [both.id] })
    expect([trashed.status, trashed.body.code]).toEqual([403, 'right.missing'])
    // What one did elsewhere in the plan is not taken back by what one has now.
    const other = await stranger.undoIn(keyOf(adder), renamed.body.id)
    expect(other.status).toBe(404)
    expect((await stranger.undoIn(key, renamed.body.id)).status).toBe(200)
    await owner.act({ kind: 'grant.end', ids: [key] })
  })

  it('does not undo there what they did elsewhere, nor learns what stands against it', async () => {
    const wide = await give(stranger, 'edit', office)
    const made = await stranger.change(wide, {
      ...{ kind: 'folder.create', id: v7() as FolderId, parentId: office, name: 'Made elsewhere', allowTwin: false },
    })
    const named = await stranger.add(wide, week, 'Mine.txt')
    await owner.act({ kind: 'document.rename', id: named.id, name: 'Secret name', allowTwin: false })
    const blocked = await stranger.undoIn(wide, named.body.id)
    expect([blocked.status, blocked.body.code]).toEqual([409, 'change.collided'])
    expect(JSON.stringify(blocked.body)).not.toContain('Secret name')
    await owner.act({ kind: 'grant.end', ids: [wide] })
    const narrow = await give(stranger, 'add', week)
    expect((await stranger.undoIn(narrow, made.body.id)).status).toBe(404)
    await owner.act({ kind: 'grant.end', ids: [narrow] })
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

describe('what one gave', () => {
  it('is seen as those see it, and changed by nobody there', async () => {
    const seen = await owner.get<Shared>(`/api/shared/${keyOf(adder)}`)
    expect([seen.status, seen.body.isOwn, seen.body.role, seen.body.from]).toEqual([200, true, 'add', null])
    expect(JSON.stringify(seen.body)).not.toContain('Confidential')
    const command = { kind: 'document.rename', id: inside, name: 'x', allowTwin: false }
    expect((await owner.send('POST', `/api/shared/${keyOf(adder)}/changes`, { id: v7(), command })).status).toBe(403)
  })
})

describe('a copy that is given', () => {
  it('lies in the In-tray of each person once, from whoever gave it, whoever they are given by', async () => {
    const [one, two] = [await new Person('One').open(owner), await new Person('Two').open(owner)]
    const copies = v7() as GroupId
    await owner.act({ kind: 'group.set', id: copies, name: 'Copies', add: [one.id, two.id], remove: [] })
    await owner.send('PUT', '/api/account/name', { name: 'Ida Fenn' })
    const grantees = [
      { who: 'group', whoId: copies },
      { who: 'person', whoId: one.id },
    ]
    const body = { change: v7(), to: grantees }
    const give = () => owner.send<{ people: number }>('POST', `/api/documents/${inside}/copies`, body)
    expect([(await give()).body, (await give()).body]).toEqual([{ people: 2 }, { people: 2 }])
    for (const person of [one, two]) {
      const { documents } = await person.documentsIn('in-tray')
      expect(documents.map(({ name, origin, sender }) => [name, origin, sender])).toEqual([
        [expect.stringContaining('By Edda'), 'colleague', 'Ida Fenn'],
      ])
      const { changes } = (await person.get<{ changes: { actor: string }[] }>('/api/changes')).body
      expect(changes[0]?.actor).toBe('Ida Fenn')
    }
    const nobody = { change: v7(), to: [{ who: 'person', whoId: v7() }] }
    expect((await owner.send('POST', `/api/documents/${inside}/copies`, nobody)).status).toBe(404)
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
      grants: [{ ...to(null, id), target: 'folder', targetId: week }],
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
    const grants = [{ ...to(stranger, id), target: 'plan', targetId: plan.id }] as const
    const whole = { kind: 'grant.give', grants, note: '' } as const
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
