import { beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { Found, FoundCounts, FoundNames } from '../../contract/find'
import { compile, FILED, matches, typeGroupOf } from '../../core/find/index'
import type { Findable, Rule, TypeGroup } from '../../core/find/index'
import type { DocumentId, FolderId, TagId } from '../../core/ids'
import { foldedText } from '../../core/text/index'
import { seeded } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

const WORDS = ['berth', 'lease', 'Größe', 'shore', 'power', 'été', 'knot', 'tide', 'tides', '2026', 'B7', 'œuvre', 'moor', 'mooring']
const EXTENSIONS = ['txt', 'md', 'xyz', 'csv']
const random = seeded(41)

let client: Client
let planId: string
const folders: FolderId[] = []
const documents = new Map<string, Findable & { id: DocumentId; name: string }>()

const bodies = new Map<string, string>()
const readBodies = new Set<string>()

function below(id: FolderId): FolderId[] {
  const at = folders.indexOf(id)
  return at === 0 ? folders.slice(0, 3) : [id] // the second and third lie in the first
}

const tags = [v7(), v7()] as TagId[]

beforeAll(async () => {
  client = await newClient()
  folders.push(await client.folder('One'))
  folders.push(await client.folder('Two', folders[0]), await client.folder('Three', folders[0]), await client.folder('Four'))
  planId = (await client.outline()).plan.id
  for (let number = 0; number < 60; number++) {
    const name = `${random.some(WORDS, random.int(1, 3)).join(random.pick([' ', '-', '_']))} ${number}`
    const extension = random.pick(EXTENSIONS)
    const body = Array.from({ length: random.int(0, 30) }, () => random.pick(WORDS)).join(random.pick([' ', ', ', '. ']))
    const folderId = random.next() < 0.2 ? null : random.pick(folders)
    const changedAt = `202${random.int(4, 6)}-0${random.int(1, 9)}-1${random.int(0, 9)}T00:00:00.000Z`
    const { id } = await client.upload(`${name}.${extension}`, body, folderId, { changed: changedAt })
    const starred = random.next() < 0.3
    if (starred) await client.act({ kind: 'star', folderIds: [], documentIds: [id], on: true })
    const tagIds = random.next() < 0.4 ? [random.pick(tags)] : []
    if (tagIds.length > 0) await client.act({ kind: 'tag.put', folderIds: [], documentIds: [id], tags: tagIds.map(tagId => ({ id: tagId, name: `tag ${tags.indexOf(tagId)}` })) })
    if (extension !== 'xyz') await client.whenRead(id)
    if (extension !== 'xyz' && body !== '') readBodies.add(body)
    bodies.set(id, body)
    documents.set(id, { id, name, folded: foldedText(name), pages: [], extension, folderIds: folderId === null ? [] : [folderId], changedAt, starred, tagIds, origin: 'upload' })
  }
  // What was read belongs to the bytes: a document of any type that holds the same ones is found by it.
  for (const [id, body] of bodies) {
    const document = documents.get(id)
    if (document && readBodies.has(body)) documents.set(id, { ...document, pages: [foldedText(body)] })
  }
  const { id: trashed } = await client.upload('berth lease in the Trash.txt', 'berth lease shore power')
  await client.whenRead(trashed)
  await client.act({ kind: 'trash', folderIds: [], documentIds: [trashed] })
})

function randomRule(depth: number): Rule {
  const kind = random.int(0, depth > 0 ? 10 : 8)
  const word = () => foldedText(random.pick(WORDS))
  switch (kind) {
    case 0: return { kind: 'word', text: word(), prefix: false }
    case 1: return { kind: 'word', text: word().slice(0, random.int(1, 4)), prefix: true }
    case 2: return { kind: 'phrase', words: [word(), word()] }
    case 3: return { kind: 'type', anyOf: random.some<TypeGroup>(['text', 'table', 'other', 'pdf'], random.int(1, 2)) }
    case 4: return { kind: 'place', folderId: random.next() < 0.2 ? null : random.pick(folders), below: random.next() < 0.5 }
    case 5: return random.next() < 0.5 ? { kind: 'star', on: random.next() < 0.5 } : { kind: 'changed', from: random.next() < 0.5 ? null : '2025-03-15T00:00:00.000Z', before: random.next() < 0.5 ? null : '2026-04-01T00:00:00.000Z' }
    case 6: return { kind: 'tag', tagId: random.pick(tags) }
    case 7: return { kind: 'origin', anyOf: random.some(['upload', 'mail', 'scan'] as const, random.int(1, 2)) }
    case 8: return { kind: 'filed', anyOf: random.some(FILED, random.int(1, 2)) }
    default: return { kind: random.pick(['all', 'any', 'none'] as const), rules: Array.from({ length: random.int(0, 3) }, () => randomRule(depth - 1)) }
  }
}

describe('a rule', () => {
  it('finds the same documents in memory and in SQL', async () => {
    for (let round = 0; round < 250; round++) {
      const rule = randomRule(3)
      const { text, params } = compile(rule, below, 2)
      const found = await rows<{ id: string }>(null, `SELECT s.document_id AS id FROM search_row s JOIN document d ON d.id = s.document_id WHERE s.plan_id = $1 AND ${text}`, [planId, ...params])
      const expected = [...documents.values()].filter(document => matches(rule, document, id => new Set(below(id)))).map(document => document.id)
      expect({ rule, found: found.map(row => row.id).sort() }).toEqual({ rule, found: [...expected].sort() })
    }
  })
})

const find = async (query: string) => (await client.get<Found>(`/api/find?${query}`)).body
const names = async (q: string) => (await client.get<FoundNames>(`/api/find/names?q=${encodeURIComponent(q)}`)).body

describe('the counts to narrow with', () => {
  const counts = async (query: string, by = client) => (await by.get<FoundCounts & Refused>(`/api/find/counts?${query}`)).body

  it('are those of the found documents, and what narrows a group is left out of its own counts', async () => {
    const all = [...documents.values()]
    const texts = all.filter(document => document.extension === 'txt')
    const found = await counts(`q=&types=text&place=${folders[0]}`)
    const here = all.filter(document => document.folderIds.some(id => below(folders[0] ?? id).includes(id)))
    expect(found.types.text).toBe(here.filter(document => typeGroupOf(document.extension) === 'text').length)
    expect(Object.values(found.types).reduce((sum, count) => sum + count, 0)).toBe(here.length)
    expect(found.starred).toBe(here.filter(document => typeGroupOf(document.extension) === 'text' && document.starred).length)
    expect(found.places[folders[0] ?? '']).toBe(found.types.text)
    expect([texts.length > 0, found.more]).toEqual([true, false])
  })

  it('tell the same as the search by each value', async () => {
    const { types, filed, months } = await counts('q=berth')
    for (const [type, count] of Object.entries(types)) expect((await find(`q=berth&types=${type}`)).count).toBe(count)
    for (const [value, count] of Object.entries(filed)) expect((await find(`q=berth&filed=${value}`)).count).toBe(count)
    expect(Object.values(months).reduce((sum, count) => sum + count, 0)).toBe((await find('q=berth')).count)
  })

  it('count nothing of anybody else, and refuse what a search refuses', async () => {
    const stranger = await newClient()
    expect((await counts('q=berth', stranger)).types).toEqual({})
    expect((await counts(`q=berth&place=${folders[0]}`, stranger)).code).toBe('notFound')
    expect((await counts('q=-berth')).code).toBe('query.onlyWithout')
  })
})

describe('the Find page', () => {
  it('puts hits in the name before hits inside, and marks the words around a hit', async () => {
    const folder = await client.folder('Ranking')
    const inside = await client.upload('plain.txt', 'At the end of the quay stands a xylophone beside the crane.', folder)
    const named = await client.upload('Xylophone.txt', 'nothing else', folder)
    await Promise.all([client.whenRead(inside.id), client.whenRead(named.id)])
    const { documents: found, count } = await find('q=xylophone')
    expect([found.map(row => row.id), count]).toEqual([[named.id, inside.id], 2])
    const passage = found[1]?.passage
    const [from = 0, to = 0] = passage?.marks[0] ?? []
    expect(passage?.text.slice(from, to)).toBe('xylophone')
  })

  it('never shows what is in the Trash, nor a document of another account', async () => {
    const stranger = await newClient()
    await stranger.upload('berth lease of a stranger.txt', 'x')
    const found = await find('q=berth&limit=200')
    expect(found.documents.every(row => documents.has(row.id))).toBe(true)
  })

  it('narrows by tags: all of them', async () => {
    const found = await find(`tags=${tags[0]}&limit=200`)
    expect(found.documents.map(row => row.id).sort()).toEqual([...documents.values()].filter(document => document.tagIds.includes(tags[0] as TagId)).map(document => document.id as string).sort())
    expect((await find(`tags=${tags.join(',')}`)).count).toBe(0)
  })

  it('narrows by type, place, time and star together', async () => {
    const found = await find(`types=text&place=${folders[0]}&from=2025-01-01T00:00:00.000Z&starred=true&limit=200`)
    const expected = [...documents.values()].filter(document => ['txt', 'md'].includes(document.extension) && document.folderIds.some(id => below(folders[0] as FolderId).includes(id)) && document.changedAt >= '2025-01-01' && document.starred)
    expect(found.documents.map(row => row.id).sort()).toEqual(expected.map(document => document.id as string).sort())
  })

  it('pages through everything once', async () => {
    const seen: string[] = []
    for (let cursor: string | null = ''; cursor !== null;) {
      const page: Found = await find(`types=text&limit=7${cursor ? `&cursor=${cursor}` : ''}`)
      seen.push(...page.documents.map(row => row.id))
      cursor = page.next
    }
    expect(new Set(seen).size).toBe(seen.length)
    expect(seen.length).toBe((await find('types=text')).count)
  })

  it.each([
    ['x'.repeat(10_000), 'query.long'], ['-berth', 'query.onlyWithout'],
  ])('answers %.12s… with one clear sentence', async (q, code) => {
    expect((await client.get<{ code: string }>(`/api/find?q=${encodeURIComponent(q)}`)).body.code).toBe(code)
  })

  it.each(['\'; DROP TABLE document; --', '"unclosed', '\\', '& | ! <->', '%_%', ':*', '🙂', 'שלום', '()', '*', '   ', 'a\u0000b'])('takes %j as words and answers', async (q) => {
    expect((await client.get<Found>(`/api/find?q=${encodeURIComponent(q)}`)).status).toBe(200)
    expect((await client.get<FoundNames>(`/api/find/names?q=${encodeURIComponent(q)}`)).status).toBe(200)
  })
})

describe('the find field', () => {
  it('finds by the beginning of any word of the name', async () => {
    const folder = await client.folder('Names')
    const { id } = await client.upload('Yearly quokka census.txt', 'x', folder)
    expect((await names('quo')).documents.map(row => row.id)).toEqual([id])
    expect((await names('census quok')).documents.map(row => row.id)).toEqual([id])
  })

  it('forgives typing errors and says what it shows instead', async () => {
    const { id } = await client.upload('Pontoon wiring diagram.txt', 'x')
    const found = await names('pontonn')
    expect([found.documents[0]?.id, found.corrected]).toEqual([id, { typed: 'pontonn', to: 'pontoon' }])
    expect((await names('wirnig diag')).documents[0]?.id).toBe(id)
  })

  it('follows a rename at once', async () => {
    const { id } = await client.upload('zebra.txt', 'x')
    await client.act({ kind: 'document.rename', id, name: `okapi ${v7()}` })
    expect([(await names('zebra')).documents, (await names('okapi')).documents.map(row => row.id)]).toEqual([[], [id]])
  })
})
