// Areas: where things are put for others, from wherever they lie.

import { v7 } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import type { DocumentListPage } from '../../contract/document'
import type { Shared, SharedList } from '../../contract/shared'
import type { DocumentId, FolderId, GrantId } from '../../core/ids'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'
import { Person } from '../support/people'

let owner: Client
let area: FolderId
const [adder, reader, stranger] = [new Person('Ada'), new Person('Rea'), new Person('Sid')]
const key = new Map<Person, string>()

const give = (person: Person, role: 'read' | 'add', targetId: string, target: 'folder' | 'document' = 'folder') => {
  const id = v7() as GrantId
  key.set(person, id)
  const grants = [{ id, target, targetId, who: 'person', whoId: person.id } as const]
  return owner.try({ kind: 'grant.give', grants, role })
}
const put = (person: Person, folder: FolderId, ids: readonly string[], change = v7()) =>
  person.send<Refused>('POST', `/api/shared/${key.get(person) ?? v7()}/copies`, {
    ...{ change, folder, documents: ids.map(id => ({ id, copyId: v7() })) },
  })

beforeAll(async () => {
  owner = await newClient()
  for (const person of [adder, reader, stranger]) await person.open(owner)
  const office = await owner.folder('Office')
  area = await owner.folder('Handouts', office)
  await owner.act({ kind: 'folder.area', id: area, on: true })
  await owner.act({ kind: 'folder.describe', id: area, purpose: 'What the class takes home' })
  await give(adder, 'add', area)
  await give(reader, 'read', area)
})

describe('an area', () => {
  it('is told to those whom it was given to, with what belongs there', async () => {
    const [one] = await adder.received()
    expect(one?.areas).toEqual([{ folderId: area, name: '1.1 Handouts', purpose: 'What the class takes home' }])
  })

  it('takes copies of what one has oneself, in one act that can be undone', async () => {
    const [first, second] = [await adder.upload('Knots.txt', 'bowline'), await adder.upload('Splices.txt', 'eye')]
    const change = v7()
    const { status } = await put(adder, area, [first.id, second.id], change)
    expect(status).toBe(200)
    expect((await put(adder, area, [first.id, second.id], change)).status).toBe(200)
    const { body } = await owner.get<DocumentListPage>(`/api/documents?folder=${area}`)
    expect(body.documents.map(({ name, sender }) => [name, sender])).toEqual([
      ['Knots', 'Ada'],
      ['Splices', 'Ada'],
    ])
    expect((await adder.document(first.id)).folderIds).toEqual([null])
    const undone = await adder.send('POST', `/api/shared/${key.get(adder) ?? ''}/changes/undo`, {
      ...{ id: v7(), changeId: change },
    })
    expect(undone.status).toBe(200)
    expect((await owner.get<DocumentListPage>(`/api/documents?folder=${area}`)).body.documents).toEqual([])
  })

  it('takes nothing from who may only read, nothing of others, and nothing elsewhere', async () => {
    const own = (await reader.upload('Mine.txt', 'mine')).id
    expect((await put(reader, area, [own])).body.code).toBe('right.missing')
    expect((await put(stranger, area, [own])).status).toBe(404)
    expect((await put(adder, area, [own])).status).toBe(404)
    const office = (await owner.outline()).folders.find(({ name }) => name === 'Office')?.id
    expect((await put(adder, office ?? area, [(await adder.upload('a.txt', 'a')).id])).status).toBe(404)
  })
})

describe('the house rule', () => {
  it('lets nothing be given but areas, neither by grant nor by link nor as a copy', async () => {
    await owner.act({ kind: 'plan.areasOnly', on: true })
    const { id } = await owner.upload('Lease.txt', 'lease')
    expect((await give(stranger, 'read', id, 'document')).body).toMatchObject({ code: 'give.areasOnly' })
    const copies = { change: v7(), to: [{ who: 'person', whoId: reader.id }] }
    expect((await owner.send<Refused>('POST', `/api/documents/${id}/copies`, copies)).body.code).toBe('give.areasOnly')
    expect((await give(reader, 'read', area)).status).toBe(409) // they have it: there is nothing to change
    expect((await reader.received()).length).toBe(1)
    await owner.act({ kind: 'plan.areasOnly', on: false })
    expect((await give(stranger, 'read', id, 'document')).status).toBe(200)
  })
})

describe('documents that are kept first', () => {
  it('stand before the others in every order and on the first page only, for everyone', async () => {
    const ids: DocumentId[] = []
    for (const name of ['a', 'b', 'c', 'd']) ids.push((await owner.upload(`${name}.txt`, name, area)).id)
    await owner.act({ kind: 'document.first', folderId: area, documentIds: [ids[2], ids[3]] as DocumentId[], on: true })
    const list = async (query: string) =>
      (await owner.get<DocumentListPage>(`/api/documents?folder=${area}&${query}`)).body
    const names = ({ documents }: DocumentListPage) => documents.map(({ name }) => name).join('')
    const whole = await list('sort=name')
    expect([names(whole), whole.first]).toEqual(['cdab', 2])
    expect(names(await list('sort=name&descending=true'))).toBe('dcba')
    const page = await list('sort=name&limit=1')
    expect([names(page), page.first]).toEqual(['cda', 2])
    const next = await list(`sort=name&limit=1&cursor=${page.next ?? ''}`)
    expect([names(next), next.first, next.next]).toEqual(['b', 0, null])
    const { body } = await owner.get<{ ids: string[] }>(`/api/documents/ids?folder=${area}&sort=name`)
    expect(body.ids).toEqual([ids[2], ids[3], ids[0], ids[1]])
    // In an order of their own, whatever the order of the others.
    await owner.act({ kind: 'document.arrange', folderId: area, documentIds: [ids[3], ids[2]] as DocumentId[] })
    expect(names(await list('sort=name'))).toBe('dcab')
    expect(names(await list('sort=name&descending=true'))).toBe('dcba')
    await owner.act({ kind: 'document.arrange', folderId: area, documentIds: [ids[2], ids[3]] as DocumentId[] })
    await give(reader, 'read', area)
    const [{ id } = { id: '' }] = await reader.received()
    const shared = await reader.shared<SharedList>(id, `/documents?folder=${area}`)
    expect([shared.body.documents.map(one => one.name).join(''), shared.body.first]).toEqual(['cdab', 2])
    expect((await reader.shared<Shared>(id)).body.name).toContain('Handouts')
    // Some of it goes into a new folder below.
    const documentIds = [ids[0]] as DocumentId[]
    const below = { id: v7() as FolderId, parentId: area, name: 'Below', allowTwin: false }
    const { label } = await owner.act({ kind: 'document.gather', ...below, documentIds })
    expect(label).toMatch(/^Put “a” into the new folder .*Below$/)
    expect(names(await list('sort=name'))).toBe('cdb')
    // Taken elsewhere it is one among others.
    const elsewhere = await owner.folder('Elsewhere')
    const moved = { folderIds: [], documentIds: [ids[3] as DocumentId], fromFolderId: area, toFolderId: elsewhere }
    await owner.act({ kind: 'move', ...moved, allowTwin: false })
    expect((await owner.get<DocumentListPage>(`/api/documents?folder=${elsewhere}`)).body.first).toBe(0)
  })
})
