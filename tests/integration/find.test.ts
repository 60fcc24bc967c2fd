import { beforeAll, describe, expect, it } from 'vitest'
import { v7 } from 'uuid'
import type { Found, FoundCounts, FoundNames, RelaxedSearch, RuleCounts } from '../../contract/find'
import {
  compile,
  FILED,
  matches,
  READING_KINDS,
  TEXT_OPS,
  TIME_FIELDS,
  TIME_UNITS,
  TYPE_GROUP_NAMES,
  typeGroupOf,
} from '../../core/find/index'
import type { SearchableDocument, Rule, TypeGroup, MatchContext } from '../../core/find/index'
import type { DocumentId, FolderId, MeaningId, TagId } from '../../core/ids'
import { ORIGINS } from '../../core/rows/index'
import { foldedText, LANGUAGES, languageOf } from '../../core/text/index'
import { datesIn } from '../../core/dates/index'
import { seeded } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

const WORDS = [
  'berth',
  'lease',
  'Größe',
  'shore',
  'power',
  'été',
  'knot',
  'tide',
  'tides',
  'leases',
  '2026-03-04',
  '2026',
  'B7',
  'œuvre',
  'moor',
  'mooring',
]
const TEXT_FIELDS = ['name', 'remark', 'sender', 'author', 'number'] as const
const EMPTY_FIELDS = ['remark', 'sender', 'author', 'number', 'tags', 'language', 'opened', 'dated'] as const
const EXTENSIONS = ['txt', 'md', 'xyz', 'csv']
const random = seeded(41)
let meanings: MeaningId[] = []

let client: Client
let planId: string
const folders: FolderId[] = []
const documents = new Map<string, SearchableDocument & { id: DocumentId; name: string }>()

const waiting: string[] = []
const bodies = new Map<string, string>()
const readBodies = new Set<string>()

const dayIn = (text: string) => {
  const [day] = datesIn(text)
  return day ? `${day.date}T00:00:00.000Z` : null
}

/** Stars it, as if that had been done in March; when it was. */
async function starredBefore(id: DocumentId, isWanted: boolean): Promise<string | null> {
  if (!isWanted) return null
  const at = '2026-03-05T00:00:00.000Z'
  await client.act({ kind: 'star', folderIds: [], documentIds: [id], on: true })
  await rows(null, 'UPDATE star SET created_at = $2::timestamptz WHERE id = $1', [id, at])
  return at
}

function below(id: FolderId): FolderId[] {
  const at = folders.indexOf(id)
  return at === 0 ? folders.slice(0, 3) : [id] // the second and third lie in the first
}

const tags = [v7(), v7()] as TagId[]

beforeAll(async () => {
  client = await newClient()
  folders.push(await client.folder('One'))
  folders.push(
    await client.folder('Two', folders[0]),
    await client.folder('Three', folders[0]),
    await client.folder('Four'),
  )
  const outline = await client.outline()
  planId = outline.plan.id
  meanings = outline.meanings.map(meaning => meaning.id)
  const [red] = meanings
  if (folders[0] && red) await client.act({ kind: 'folder.colour', id: folders[0], meaningId: red })
  for (let number = 0; number < 60; number++) {
    const name = `${random.some(WORDS, random.int(1, 3)).join(random.pick([' ', '-', '_']))} ${number}`
    const extension = random.pick(EXTENSIONS)
    const body = Array.from({ length: random.int(0, 30) }, () => random.pick(WORDS)).join(
      random.pick([' ', ', ', '. ']),
    )
    const folderId = random.next() < 0.2 ? null : random.pick(folders)
    const changedAt = `202${random.int(4, 6)}-0${random.int(1, 9)}-1${random.int(0, 9)}T00:00:00.000Z`
    const { id } = await client.upload(`${name}.${extension}`, body, folderId, { changed: changedAt })
    const starredAt = await starredBefore(id, random.next() < 0.3)
    const tagIds = random.next() < 0.4 ? [random.pick(tags)] : []
    if (tagIds.length > 0)
      await client.act({
        kind: 'tag.put',
        folderIds: [],
        documentIds: [id],
        tags: tagIds.map(tagId => ({ id: tagId, name: `tag ${tags.indexOf(tagId)}` })),
      })
    if (extension !== 'xyz') waiting.push(id)
    if (extension !== 'xyz' && body !== '') readBodies.add(body)
    bodies.set(id, body)
    const remark = random.next() < 0.4 ? random.some(WORDS, 2).join(' ') : ''
    if (remark !== '') await client.act({ kind: 'document.remark', id, remark })
    const own = random.next() < 0.3 ? (meanings[0] ?? null) : null
    if (own !== null) await client.act({ kind: 'document.colour', documentIds: [id], meaningId: own })
    const openedAt = random.next() < 0.4 ? '2026-02-03T00:00:00.000Z' : null
    if (openedAt !== null) {
      await client.send('POST', `/api/documents/${id}/visits`)
      await rows(null, 'UPDATE visit SET at = $2::timestamptz WHERE document_id = $1', [id, openedAt])
    }
    const day = datesIn(name)[0]
    documents.set(id, {
      id,
      name,
      folded: foldedText(name),
      remark: foldedText(remark),
      sender: '',
      author: '',
      number: '',
      tagWords: tagIds.map(tagId => `tag ${tags.indexOf(tagId)}`).join(' '),
      pages: [],
      language: null,
      reading: extension === 'xyz' ? 'none' : 'wordless',
      extension,
      size: Buffer.byteLength(body),
      folderIds: folderId === null ? [] : [folderId],
      meaningId: own,
      changedAt,
      addedAt: (await client.document(id)).createdAt,
      openedAt,
      datedAt: day ? `${day.date}T00:00:00.000Z` : null,
      starred: Boolean(starredAt),
      starredAt,
      tagIds,
      origin: 'upload',
      twin: false,
    })
  }
  for (const id of waiting) await client.whenRead(id)
  // What was read belongs to the bytes: a document of any type that holds the same ones is found by it.
  for (const [id, body] of bodies) {
    const document = documents.get(id)
    const twin = [...bodies].some(([other, same]) => other !== id && same === body)
    // A file of no bytes cannot be read, whoever asks for it.
    const request = [...documents.values()].some(one => one.extension !== 'xyz' && bodies.get(one.id) === body)
    if (document)
      documents.set(id, {
        ...document,
        twin,
        reading: request && body === '' ? 'failed' : document.reading,
        ...(readBodies.has(body)
          ? {
              pages: [foldedText(body)],
              language: languageOf(body),
              reading: 'read',
              datedAt: document.datedAt ?? dayIn(body),
            }
          : {}),
      })
  }
  await giveAuthors()
  const { id: trashed } = await client.upload('berth lease in the Trash.txt', 'berth lease shore power')
  await client.whenRead(trashed)
  await client.act({ kind: 'trash', folderIds: [], documentIds: [trashed] })
})

/** A third of the documents says who wrote it. */
async function giveAuthors(): Promise<void> {
  for (const [index, id] of [...documents.keys()].entries()) {
    const document = documents.get(id)
    if (!document || index % 3 !== 0) continue
    documents.set(id, { ...document, author: 'berth 1' })
    await rows(null, "UPDATE search_row SET author = 'Berth 1', author_folded = 'berth 1' WHERE document_id = $1", [id])
  }
}

const matchContext = (): MatchContext => ({
  below,
  meaningOf: id => (folders.indexOf(id) < 3 ? (meanings[0] ?? null) : null),
  coloured: wanted => folders.filter(id => wanted.includes(folders.indexOf(id) < 3 ? (meanings[0] ?? null) : null)),
  now: '2026-03-10T00:00:00.000Z',
})

function randomRule(depth: number): Rule {
  const kind = random.int(0, depth > 0 ? 24 : 19)
  const word = () => foldedText(random.pick(WORDS)).split(' ')[0] ?? ''
  const side = (time: string) => (random.next() < 0.4 ? null : time)
  switch (kind) {
    case 0:
      return { kind: 'word', text: word(), prefix: false }
    case 1:
      return { kind: 'word', text: word().slice(0, random.int(1, 4)), prefix: true }
    case 2:
      return { kind: 'phrase', words: [word(), word()] }
    case 3:
      return { kind: 'type', anyOf: random.some<TypeGroup>(['text', 'table', 'other', 'pdf'], random.int(1, 2)) }
    case 4:
      return { kind: 'place', folderId: random.next() < 0.2 ? null : random.pick(folders), below: random.next() < 0.5 }
    case 5:
      return { kind: 'star', on: random.next() < 0.5 }
    case 6:
      return { kind: 'tag', anyOf: random.some(tags, random.int(1, 2)) }
    case 7:
      return { kind: 'origin', anyOf: random.some(['upload', 'mail', 'scan'] as const, random.int(1, 2)) }
    case 8:
      return { kind: 'filed', anyOf: random.some(FILED, random.int(1, 2)) }
    case 9:
      return {
        kind: 'time',
        field: random.pick(TIME_FIELDS),
        from: side('2025-03-15T00:00:00.000Z'),
        before: side('2026-04-01T00:00:00.000Z'),
      }
    case 10:
      return {
        kind: 'recent',
        field: random.pick(TIME_FIELDS),
        count: random.int(1, 14),
        unit: random.pick(TIME_UNITS),
      }
    case 11:
      return {
        kind: 'size',
        from: random.next() < 0.4 ? null : random.int(0, 90),
        before: random.next() < 0.4 ? null : random.int(20, 160),
      }
    case 12:
      return {
        kind: 'text',
        field: random.pick(TEXT_FIELDS),
        op: random.pick(TEXT_OPS),
        value: random.pick([word(), `${word()} ${word()}`, '1', word().slice(1, 4)]),
      }
    case 13:
      return { kind: 'meaning', anyOf: random.some([meanings[0] ?? null, meanings[1] ?? null, null], random.int(1, 2)) }
    case 14:
      return { kind: 'language', anyOf: random.some(['en', 'de', 'fr'] as const, random.int(1, 2)) }
    case 15:
      return { kind: 'reading', anyOf: random.some(READING_KINDS, random.int(1, 2)) }
    case 16:
      return { kind: 'empty', field: random.pick(EMPTY_FIELDS) }
    case 17:
      return { kind: 'twin' }
    case 18:
      return { kind: 'inside', words: random.next() < 0.5 ? [word()] : [word(), word()] }
    case 19:
      return { kind: 'format', anyOf: random.some(EXTENSIONS, random.int(1, 2)) }
    default:
      return {
        kind: random.pick(['all', 'any', 'none'] as const),
        rules: Array.from({ length: random.int(0, 3) }, () => randomRule(depth - 1)),
      }
  }
}

describe('a rule', () => {
  it('finds the same documents in memory and in SQL', async () => {
    for (let round = 0; round < 600; round++) {
      const rule = randomRule(3)
      const { text, params } = compile(rule, matchContext(), 2)
      const found = await rows<{ id: string }>(
        null,
        `SELECT s.document_id AS id FROM search_row s JOIN document d ON d.id = s.document_id WHERE s.plan_id = $1
          AND ${text}`,
        [planId, ...params],
      )
      const expected = [...documents.values()]
        .filter(document => matches(rule, document, matchContext()))
        .map(document => document.id)
      expect({ rule: JSON.stringify(rule), found: found.map(row => row.id).sort() }).toEqual({
        rule: JSON.stringify(rule),
        found: [...expected].sort(),
      })
    }
  })
})

/** Every operator of every field, with values that some documents fit and some do not. */
function everyRule(): Rule[] {
  const [from, before] = ['2025-03-15T00:00:00.000Z', '2026-04-01T00:00:00.000Z']
  return [
    ...TEXT_FIELDS.flatMap(field =>
      TEXT_OPS.flatMap((op): Rule[] =>
        ['berth', 'tid', '1', 'berth lease', ''].map(value => ({ kind: 'text', field, op, value })),
      ),
    ),
    ...TIME_FIELDS.flatMap((field): Rule[] => [
      { kind: 'time', field, from, before },
      { kind: 'time', field, from, before: null },
      { kind: 'time', field, from: null, before },
      { kind: 'time', field, from: null, before: null },
    ]),
    ...TIME_FIELDS.flatMap(field => TIME_UNITS.map((unit): Rule => ({ kind: 'recent', field, count: 3, unit }))),
    ...[
      [null, null],
      [40, null],
      [null, 90],
      [40, 90],
    ].map(([least, most]): Rule => ({ kind: 'size', from: least ?? null, before: most ?? null })),
    ...EMPTY_FIELDS.map((field): Rule => ({ kind: 'empty', field })),
    ...READING_KINDS.map((kind): Rule => ({ kind: 'reading', anyOf: [kind] })),
    ...FILED.map((kind): Rule => ({ kind: 'filed', anyOf: [kind] })),
    ...ORIGINS.map((origin): Rule => ({ kind: 'origin', anyOf: [origin] })),
    ...LANGUAGES.map((language): Rule => ({ kind: 'language', anyOf: [language] })),
    ...TYPE_GROUP_NAMES.map((group): Rule => ({ kind: 'type', anyOf: [group] })),
    ...[meanings[0] ?? null, meanings[1] ?? null, null].map((meaning): Rule => ({ kind: 'meaning', anyOf: [meaning] })),
    ...tags.map((tag): Rule => ({ kind: 'tag', anyOf: [tag] })),
    ...folders.flatMap((folderId): Rule[] => [
      { kind: 'place', folderId, below: true },
      { kind: 'place', folderId, below: false },
    ]),
    { kind: 'place', folderId: null, below: false },
    ...EXTENSIONS.map((extension): Rule => ({ kind: 'format', anyOf: [extension] })),
    { kind: 'inside', words: ['berth'] },
    { kind: 'inside', words: ['berth', 'lease'] },
    { kind: 'twin' },
    { kind: 'star', on: true },
    { kind: 'star', on: false },
    ...WORDS.map(foldedText).flatMap((text): Rule[] =>
      text.includes(' ')
        ? [{ kind: 'phrase', words: text.split(' ') }]
        : [
            { kind: 'word', text, prefix: false },
            { kind: 'word', text: text.slice(0, 3), prefix: true },
            { kind: 'phrase', words: [text, 'berth'] },
          ],
    ),
  ]
}

describe('every operator of every field', () => {
  it('finds the same in memory and in SQL, as its opposite does', async () => {
    let told = 0
    const all = everyRule()
    for (const plain of all) {
      for (const rule of [plain, { kind: 'none', rules: [plain] } satisfies Rule]) {
        const { text, params } = compile(rule, matchContext(), 2)
        const found = await rows<{ id: string }>(
          null,
          `SELECT s.document_id AS id FROM search_row s JOIN document d ON d.id = s.document_id WHERE s.plan_id = $1
            AND ${text}`,
          [planId, ...params],
        )
        const expected = [...documents.values()]
          .filter(document => matches(rule, document, matchContext()))
          .map(document => document.id)
        expect({ rule: JSON.stringify(rule), found: found.map(row => row.id).sort() }).toEqual({
          rule: JSON.stringify(rule),
          found: [...expected].sort(),
        })
        if (found.length > 0 && found.length < documents.size) told++
      }
    }
    // Many of them tell some documents from others, or the comparison would say nothing.
    expect(told).toBeGreaterThan(all.length * 0.8)
  })
})

const find = async (query: string) => (await client.get<Found>(`/api/find?${query}`)).body
/** How many are on all pages, which is what the counts say. */
async function countOf(query: string): Promise<number> {
  const { count } = (await client.get<FoundCounts>(`/api/find/counts?${query}`)).body
  let listed = 0
  for (let cursor: string | null = ''; cursor !== null;) {
    const page = await find(`${query}&limit=200${cursor ? `&cursor=${encodeURIComponent(cursor)}` : ''}`)
    if (cursor === '') expect([null, count]).toContain(page.count)
    listed += page.documents.length
    cursor = page.next
  }
  expect(listed).toBe(count)
  return count
}
const names = async (q: string) => (await client.get<FoundNames>(`/api/find/names?q=${encodeURIComponent(q)}`)).body

describe('the counts to narrow with', () => {
  const counts = async (query: string, by = client) =>
    (await by.get<FoundCounts & Refused>(`/api/find/counts?${query}`)).body

  it('are those of the found documents, and what narrows a group is left out of its own counts', async () => {
    const all = [...documents.values()]
    const texts = all.filter(document => document.extension === 'txt')
    const found = await counts(`q=&types=text&places=${folders[0]}`)
    const here = all.filter(document => document.folderIds.some(id => below(folders[0] ?? id).includes(id)))
    expect(found.types.text).toBe(here.filter(document => typeGroupOf(document.extension) === 'text').length)
    expect(Object.values(found.types).reduce((sum, count) => sum + count, 0)).toBe(here.length)
    expect(found.starred.yes ?? 0).toBe(
      here.filter(document => typeGroupOf(document.extension) === 'text' && document.starred).length,
    )
    expect(found.places[folders[0] ?? '']).toBe(found.types.text)
    expect([texts.length > 0, found.about]).toEqual([true, []])
  })

  it('tell the same as the search by each value', async () => {
    const { types, formats, filed, span } = await counts('q=berth')
    for (const [type, count] of Object.entries(types)) expect(await countOf(`q=berth&types=${type}`)).toBe(count)
    for (const [format, count] of Object.entries(formats))
      expect(await countOf(`q=berth&formats=${format}`)).toBe(count)
    for (const [value, count] of Object.entries(filed)) expect(await countOf(`q=berth&filed=${value}`)).toBe(count)
    expect(Object.values(span).reduce((sum, count) => sum + count, 0)).toBe(await countOf('q=berth'))
  })

  it('count nothing of anybody else, and refuse what a search refuses', async () => {
    const stranger = await newClient()
    expect((await counts('q=berth', stranger)).types).toEqual({})
    expect((await counts(`q=berth&places=${folders[0]}`, stranger)).types).toEqual({})
    expect((await counts('q=-berth')).code).toBe('query.onlyWithout')
  })
})

describe('the Find page', () => {
  it('puts hits in the name before hits inside, and marks the words around a hit', async () => {
    const folder = await client.folder('Ranking')
    const inside = await client.upload(
      'plain.txt',
      'At the end of the quay stands a xylophone beside the crane.',
      folder,
    )
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
    expect(found.documents.map(row => row.id).sort()).toEqual(
      [...documents.values()]
        .filter(document => document.tagIds.includes(tags[0] as TagId))
        .map(document => document.id as string)
        .sort(),
    )
    expect((await find(`tags=${tags.join(',')}`)).count).toBe(0)
  })

  it('narrows by type, place, time and star together', async () => {
    const found = await find(`types=text&places=${folders[0]}&from=2025-01-01T00:00:00.000Z&star=yes&limit=200`)
    const expected = [...documents.values()].filter(
      document =>
        ['txt', 'md'].includes(document.extension) &&
        document.folderIds.some(id => below(folders[0] as FolderId).includes(id)) &&
        (document.changedAt ?? '') >= '2025-01-01' &&
        document.starred,
    )
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
    ['x'.repeat(10_000), 'query.long'],
    ['-berth', 'query.onlyWithout'],
  ])('answers %.12s… with one clear sentence', async (q, code) => {
    expect((await client.get<{ code: string }>(`/api/find?q=${encodeURIComponent(q)}`)).body.code).toBe(code)
  })

  it.each([
    "'; DROP TABLE document; --",
    '"unclosed',
    '\\',
    '& | ! <->',
    '%_%',
    ':*',
    '🙂',
    'שלום',
    '()',
    '*',
    '   ',
    'a\u0000b',
  ])('takes %j as words and answers', async q => {
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

  it('answers from the first letter on, also where the newest documents do not have it', async () => {
    const own = await newClient()
    const ids: string[] = []
    for (const name of ['zebra crossing', 'Zinc list', 'the zenith', 'quiet'])
      ids.push((await own.upload(`${name}.txt`, name)).id)
    const found = async (q: string) =>
      new Set((await own.get<FoundNames>(`/api/find/names?q=${q}`)).body.documents.map(row => row.id))
    expect([await found('z'), await found('ZE'), await found('q'), await found('zi')]).toEqual([
      new Set(ids.slice(0, 3)),
      new Set([ids[0], ids[2]]),
      new Set([ids[3]]),
      new Set([ids[1]]),
    ])
    expect((await found('x')).size).toBe(0)
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

describe('a search for words', () => {
  it('finds other forms of a word by the language of the document, and the exact word alone in quotes', async () => {
    const folder = await client.folder('Forms')
    const { id: english } = await client.upload(
      'Notes.txt',
      'The mooring of the quay was inspected, and the buoy is new. It is for you to know that this was done.',
      folder,
    )
    const { id: german } = await client.upload(
      'Brief.txt',
      'Die Verträge sind unterschrieben und liegen bei. Wir haben sie mit der Post gesendet, wie es der Wunsch ' +
        'von Ihnen ist.',
      folder,
    )
    await Promise.all([client.whenRead(english), client.whenRead(german)])
    const here = async (q: string) =>
      (await find(`q=${encodeURIComponent(q)}&places=${folder}&exact=true`)).documents.map(row => row.id)
    expect([await here('buoys'), await here('"buoys"'), await here('"buoy"')]).toEqual([[english], [], [english]])
    expect([await here('Vertrag'), await here('inspects moorings')]).toEqual([[german], [english]])
    const [row] = (await find(`q=vertrag&places=${folder}`)).documents
    expect(row?.passage?.marks.map(([from = 0, to = 0]) => row.passage?.text.slice(from, to))).toEqual(['Verträge'])
    expect(row?.why).toEqual(['text'])
  })

  it('forgives a slip in the contents and says what it shows instead, unless it is to be exact', async () => {
    const { id } = await client.upload('Paper 77.txt', 'A walrus was seen beside the pontoon.')
    await client.whenRead(id)
    const found = await find('q=walrsu')
    expect([found.documents.map(row => row.id), found.corrected]).toEqual([
      [id],
      { typed: 'walrsu', to: 'walrus', q: 'walrus', rule: '' },
    ])
    expect((await find('q=walrsu&exact=true')).documents).toEqual([])
  })

  it('takes a month, a year or a day of the week for a time where no document has the word', async () => {
    const { id } = await client.upload('Crane permit 2019-03-12.txt', 'The crane may be used on the north quay.')
    await client.whenRead(id)
    const found = await find('q=crane march 2019')
    expect(found.documents.map(row => row.id)).toEqual([id])
    expect(found.corrected).toMatchObject({ typed: 'march 2019', to: 'crane of March 2019', q: 'crane' })
    const again = await find(`q=crane&rule=${encodeURIComponent(found.corrected?.rule ?? '')}`)
    expect([again.documents.map(row => row.id), again.corrected]).toEqual([[id], null])
    expect((await find('q=crane march 2019&exact=true')).documents).toEqual([])
    // A document that has the words goes before every time.
    const { id: other } = await client.upload('Crane in March.txt', 'crane, march, 2019')
    await client.whenRead(other)
    expect((await find('q=crane march 2019')).documents.map(row => row.id)).toEqual([other])
  })

  it('finds by remark, sender and tag, and says so', async () => {
    const { id } = await client.upload('Plain 78.txt', 'nothing')
    await client.act({ kind: 'document.remark', id, remark: 'ask the flamingo keeper' })
    await client.act({
      kind: 'tag.put',
      folderIds: [],
      documentIds: [id],
      tags: [{ id: v7() as TagId, name: 'pelican' }],
    })
    expect((await find('q=flamingo')).documents.map(row => [row.id, row.why])).toEqual([[id, ['remark']]])
    const tagged = (await find('q=pelican')).documents
    expect(tagged.map(row => [row.id, row.why])).toEqual([[id, ['tag']]])
    const tag = tagged[0]?.tagIds[0] as TagId
    await client.act({ kind: 'tag.set', id: tag, name: 'heron', meaningId: null, hidden: false })
    expect([(await find('q=pelican&exact=true')).count, (await find('q=heron')).count]).toEqual([0, 1])
    await client.undo()
    expect((await find('q=pelican')).count).toBe(1)
  })
})

describe('the order of what is found', () => {
  it('is by name as people count, turned, grouped, and paged without gaps', async () => {
    const folder = await client.folder('Orders')
    for (const name of ['note 10.txt', 'Note 9.md', 'note 1.csv']) await client.upload(name, 'same words', folder)
    const order = async (more: string) =>
      (await find(`places=${folder}&${more}`)).documents.map(row => `${row.name}${row.group ? ` (${row.group})` : ''}`)
    expect(await order('sort=name')).toEqual(['note 1', 'Note 9', 'note 10'])
    expect(await order('sort=name&dir=down')).toEqual(['note 10', 'Note 9', 'note 1'])
    expect(await order('group=type&sort=name')).toEqual(['note 1 (table)', 'Note 9 (text)', 'note 10 (text)'])
    const first = await find(`places=${folder}&sort=name&limit=2`)
    expect([
      first.documents.length,
      (await find(`places=${folder}&sort=name&limit=2&cursor=${first.next}`)).documents.map(row => row.name),
    ]).toEqual([2, ['note 10']])
  })

  it('follows the outline where it is by place', async () => {
    const parent = await client.folder('By place')
    const made: FolderId[] = []
    for (const name of ['third', 'first', 'second']) made.push(await client.folder(name, parent))
    for (const [index, id] of made.entries())
      await client.act({ kind: 'folder.number', id, number: [3, 1, 2][index] ?? 0 })
    for (const [index, id] of made.entries()) await client.upload(`slip ${index}.txt`, `slip ${index}`, id)
    for (const more of ['group=place', 'sort=place'])
      expect((await find(`places=${parent}&${more}`)).documents.map(row => row.name)).toEqual([
        'slip 1',
        'slip 2',
        'slip 0',
      ])
  })

  it('puts what lies in the open folder first, all else alike', async () => {
    const [one, two] = [await client.folder('Near one'), await client.folder('Near two')]
    const { id: a } = await client.upload('ostrich list.txt', 'x', one)
    const { id: b } = await client.upload('ostrich list.txt', 'y', two)
    expect([
      (await find(`q=ostrich&near=${one}`)).documents[0]?.id,
      (await find(`q=ostrich&near=${two}`)).documents[0]?.id,
    ]).toEqual([a, b])
  })
})

describe('rules', () => {
  const request = (rule: object) => `rule=${encodeURIComponent(JSON.stringify(rule))}`

  it('find with what else narrows, and a broken one is told in a sentence', async () => {
    const rule: Rule = {
      kind: 'any',
      rules: [
        { kind: 'text', field: 'name', op: 'contains', value: 'knot' },
        { kind: 'tag', anyOf: tags },
      ],
    }
    const expected = [...documents.values()]
      .filter(document => matches(rule, document, matchContext()) && document.extension === 'csv')
      .map(document => document.id as string)
    const found = await find(`${request(rule)}&types=table&limit=200`)
    expect(
      found.documents
        .map(row => row.id)
        .filter(id => documents.has(id))
        .sort(),
    ).toEqual(expected.sort())
    for (const broken of [
      `rule=${encodeURIComponent('{"kind"')}`,
      request({ kind: 'nonsense' }),
      request({ kind: 'text', field: 'name', op: 'is', value: 'x'.repeat(600) }),
    ]) {
      expect((await client.get<Refused>(`/api/find?${broken}`)).body.code).toBe('rule.wrong')
    }
  })

  it('are weighed: each alone, and which one leaves nothing', async () => {
    const folder = await client.folder('Weighing')
    await client.upload('toucan.txt', 'x', folder)
    const rule = {
      kind: 'all',
      rules: [
        { kind: 'text', field: 'name', op: 'contains', value: 'toucan' },
        { kind: 'type', anyOf: ['pdf'] },
      ],
    }
    const { body } = await client.send<RuleCounts>('POST', '/api/find/weigh', { query: { rule: JSON.stringify(rule) } })
    expect([body.whole, body.alone['0'], body.alone['1'], body.without['1'], body.without['0']]).toEqual([
      0, 1, 0, 1, 0,
    ])
  })

  it('that find nothing are asked with one thing less, where that finds something', async () => {
    const folder = await client.folder('Loosening')
    await client.upload('hornbill at dusk.txt', 'hornbill', folder)
    const relaxQuery = async (query: Record<string, string>, typing = false) =>
      (await client.send<{ relaxed: RelaxedSearch[] }>('POST', '/api/find/loosen', { query, typing })).body.relaxed
    expect(await relaxQuery({ q: '"dusk hornbill" -at', types: 'pdf' })).toEqual([])
    expect(await relaxQuery({ q: '"dusk hornbill"' })).toEqual([
      { what: { kind: 'apart', text: 'dusk hornbill' }, query: { q: 'dusk hornbill' }, count: 1 },
    ])
    expect((await relaxQuery({ q: 'hornbill zyzzyva' })).map(({ what, query, count }) => [what, query, count])).toEqual(
      [[{ kind: 'word', text: 'zyzzyva' }, { q: 'hornbill' }, 1]],
    )
    expect((await relaxQuery({ q: 'hornbill -dusk', sort: 'name' })).map(({ what, query }) => [what, query])).toEqual([
      [
        { kind: 'leftOut', text: 'dusk' },
        { q: 'hornbill', sort: 'name' },
      ],
    ])
    expect(
      (await relaxQuery({ q: 'hornbill', types: 'pdf', places: folder })).map(({ what, count }) => [what, count]),
    ).toEqual([[{ kind: 'group', group: 'types' }, 1]])
    // The beginning that is being typed counts as one here as well.
    expect([
      await relaxQuery({ q: 'zyzzyva hornb' }),
      (await relaxQuery({ q: 'zyzzyva hornb' }, true)).map(({ count }) => count),
    ]).toEqual([[], [1]])
    expect((await client.send('POST', '/api/find/loosen', { query: { q: 'x'.repeat(501) } })).body).toMatchObject({
      code: 'query.long',
    })
  })

  it('give the ids of all that is found', async () => {
    const { ids } = (await client.get<{ ids: string[] }>('/api/find/ids?types=table')).body
    expect(ids.length).toBe((await find('types=table')).count)
  })
})
