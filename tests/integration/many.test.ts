// Searches that find more than are counted exactly: what they list is still the newest, and what they count is told
// from a share.
import { beforeAll, expect, it } from 'vitest'
import type { Found, FoundCounts, FoundNames, RuleCounts } from '../../contract/find'
import type { DocumentId, FolderId } from '../../core/ids'
import { lexemesOf, pairsOf } from '../../core/text/index'
import { rows, execute } from '../../server/db/client'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

// Every one has "heron", every ninth "crane", every fifteenth "bittern"; three in four are plain texts. A minute lies
// between them.
const DOCUMENTS = 100_000
let client: Client
let folder: FolderId

beforeAll(async () => {
  client = await newClient()
  folder = await client.folder('Marsh')
  const { id: first } = await client.upload('reed.txt', 'a reed and no bird', folder)
  const { plan } = await client.outline()
  const [blob] = await rows<{ id: string }>(null, 'SELECT blob_id AS id FROM document WHERE id = $1', [first])
  const words = (some: string[]) => [...lexemesOf(some, 'en')]
  await execute(
    null,
    `WITH made AS MATERIALIZED (SELECT gen_random_uuid() AS id, g, now() - g * interval '1 minute' AS at
      FROM generate_series(1, $3::int) g),
    documents AS (INSERT INTO document (id, plan_id, name, folded, extension, media_type, size, blob_id, version,
      remark, origin, created_at, changed_at)
      SELECT id, $1::uuid, 'note ' || g, 'note ' || g, CASE WHEN g % 4 = 0 THEN 'pdf'
        ELSE 'txt' END, 'text/plain', 100, $2::uuid, 1, '', 'upload', at, at FROM made RETURNING id),
    places AS (INSERT INTO placement (id, plan_id, document_id, folder_id, home, name, extension, changed_at, size,
      added_at) SELECT gen_random_uuid(), $1::uuid, id, $4::uuid, true, 'note', 'txt', at, 100, at FROM made
        RETURNING id)
    INSERT INTO search_row (document_id, plan_id, changed_at, words, extension, origin, size, language, added_at)
      SELECT id, $1::uuid, at, array_to_tsvector($5::text[] || CASE WHEN g % 9 = 0 THEN $6::text[] ELSE '{}' END || CASE
        WHEN g % 15 = 0 THEN $7::text[] ELSE '{}' END), CASE WHEN g % 4 = 0 THEN 'pdf'
          ELSE 'txt' END, 'upload', 100, 'en', at FROM made`,
    [plan.id, blob?.id, DOCUMENTS, folder, words(['heron', 'note']), words(['crane']), words(['bittern'])],
  )
  await execute(
    null,
    `INSERT INTO name_token (plan_id, token, changed_at, document_id) SELECT plan_id, token, changed_at, id
      FROM document, unnest(array_remove(string_to_array(folded, ' '), 'note') || $2::text[]) AS token
        WHERE plan_id = $1 AND folded LIKE 'note %'`,
    [plan.id, words(['note'])],
  )
  await execute(
    null,
    `INSERT INTO name_word (plan_id, word, newest) SELECT plan_id, token, max(changed_at) FROM name_token
      WHERE plan_id = $1 AND token NOT LIKE '.%' GROUP BY 1, 2 ON CONFLICT DO NOTHING`,
    [plan.id],
  )
  await execute(null, 'ANALYZE search_row')
})

const find = async (query: string) => (await client.get<Found>(`/api/find?${query}`)).body
const counts = async (query: string) => (await client.get<FoundCounts>(`/api/find/counts?${query}`)).body

it('lists the newest of a great many, page after page, each once, and says that there are more', async () => {
  const first = await find('q=heron&limit=50')
  const { count, countLimit } = await counts('q=heron')
  expect([first.count, count, countLimit]).toEqual([null, 10_001, 10_000])
  const seen = first.documents.map(({ name }) => name)
  let cursor = `&cursor=${encodeURIComponent(first.next ?? '')}`
  for (let page = 1; page < 6; page++) {
    const found = await find(`q=heron&limit=50${cursor}`)
    seen.push(...found.documents.map(({ name }) => name))
    cursor = `&cursor=${encodeURIComponent(found.next ?? '')}`
  }
  expect([...seen].sort()).toEqual(Array.from({ length: 300 }, (_, index) => `note ${index + 1}`).sort())
})

it('lists the newest also where hits are found among the newest documents only', async () => {
  const found = await find('q=crane&limit=50')
  expect([found.count, (await counts('q=crane')).count]).toEqual([null, 10_001])
  expect(found.documents.map(({ name }) => name)).toEqual(
    Array.from({ length: 50 }, (_, index) => `note ${(index + 1) * 9}`),
  )
  // The rest follows by age, each once.
  const seen = new Set(found.documents.map(({ name }) => name))
  for (let { next } = found; seen.size < 300 && next;) {
    const more = await find(`q=crane&limit=50&cursor=${encodeURIComponent(next)}`)
    for (const { name } of more.documents) {
      expect(seen.has(name)).toBe(false)
      seen.add(name)
    }
    next = more.next
  }
  expect([...seen].sort()).toEqual(Array.from({ length: 300 }, (_, index) => `note ${(index + 1) * 9}`).sort())
})

it.each([
  ['note crane', 9],
  ['note bittern', 15],
])(
  'lists those with one word in the name and one inside (%s) before and after those that are collected, each once',
  async (q, every) => {
    const seen: string[] = []
    const numbers: (number | null)[] = []
    let cursor = ''
    while (seen.length < 300) {
      const found = await find(`q=${encodeURIComponent(q)}&limit=50${cursor}`)
      numbers.push(found.count)
      seen.push(...found.documents.map(({ name }) => name))
      cursor = `&cursor=${encodeURIComponent(found.next ?? '')}`
    }
    expect(numbers[0]).toBe(Math.floor(DOCUMENTS / every) > 8000 ? null : Math.floor(DOCUMENTS / every))
    // The newest first, all of them: the words stand in the same places in each.
    expect(seen.slice(0, 300)).toEqual(Array.from({ length: 300 }, (_, index) => `note ${(index + 1) * every}`))
  },
)

it('fills the first page from names alone, and goes on with the others, each once', async () => {
  // Older than the names that are ranked, but starred: it must not push another one from a page that was seen.
  const [old] = await rows<{ id: DocumentId }>(
    null,
    `SELECT id FROM document WHERE plan_id = (SELECT plan_id FROM folder WHERE id = $1) AND name = 'note 230'`,
    [folder],
  )
  if (old) await client.act({ kind: 'star', folderIds: [], documentIds: [old.id], on: true })
  const [seen, pages]: [string[], number[]] = [[], []]
  for (let cursor = ''; seen.length < 250;) {
    const found = await find(`q=note&limit=30${cursor}`)
    seen.push(...found.documents.map(({ name }) => name))
    pages.push(found.documents.length)
    cursor = `&cursor=${encodeURIComponent(found.next ?? '')}`
  }
  expect(pages).toEqual(pages.map(() => 30))
  expect(seen.filter(name => name !== 'note 230')).toEqual(
    Array.from({ length: 270 }, (_, index) => `note ${index + 1}`)
      .filter(name => name !== 'note 230')
      .slice(0, seen.length - 1),
  )
  expect(seen.filter(name => name === 'note 230')).toHaveLength(1)
})

it('answers in the find field with the newest of a great many names', async () => {
  const names = async (q: string) =>
    (await client.get<FoundNames>(`/api/find/names?q=${q}`)).body.documents
      .slice(0, 8)
      .map(({ name }) => name.replace('note ', ''))
  // More than are read as they stand; fewer, all of them older than the newest documents; and behind the first few
  // hundred with the rarer word.
  expect(await names('note')).toEqual(['1', '2', '3', '4', '5', '6', '7', '8'])
  expect(await names('9')).toEqual(['9', '90', '91', '92', '93', '94', '95', '96'])
  expect(await names('note+99')).toEqual(['99', '990', '991', '992', '993', '994', '995', '996'])
  expect(await names('note+4999')).toEqual(['4999', '49990', '49991', '49992', '49993', '49994', '49995', '49996'])
})

it('sorts the newest ten thousand of a great many', async () => {
  const [first, last, grouped] = await Promise.all([
    find('q=heron&sort=name&limit=2'),
    find('q=heron&sort=name&dir=down&limit=2'),
    find('q=heron&group=type&sort=name&limit=2'),
  ])
  expect([first, last, grouped].map(({ count, documents }) => [count, ...documents.map(({ name }) => name)])).toEqual([
    [10_001, 'note 1', 'note 2'],
    [10_001, 'note 10001', 'note 10000'],
    [10_001, 'note 4', 'note 8'],
  ])
})

it('estimates the counts of a great many, and counts few exactly', async () => {
  const many = await counts('q=heron')
  expect(many.about).toContain('types')
  expect(Math.abs((many.types.text ?? 0) - (DOCUMENTS * 3) / 4)).toBeLessThan(DOCUMENTS / 20)
  expect(Math.abs((many.types.pdf ?? 0) - DOCUMENTS / 4)).toBeLessThan(DOCUMENTS / 20)
  expect(many.places[folder]).toBeGreaterThan(DOCUMENTS * 0.9)
  const few = await counts('q=bittern')
  expect(few.about).toEqual([])
  expect([few.types.pdf, few.types.text, few.places[folder], few.filed.one, few.sizes.tiny, few.languages.en]).toEqual([
    1666, 5000, 6666, 6666, 6666, 6666,
  ])
})

it('estimates a group where only what narrows it makes the others few', async () => {
  const found = await counts('q=crane&types=pdf')
  // 2,777 PDFs are counted one and all; the types themselves are counted among all 11,111.
  expect(found.about).toEqual(['types'])
  expect([found.origins.upload, found.places[folder]]).toEqual([2777, 2777])
})

it('weighs rules of which one finds a great many', async () => {
  const rule = {
    kind: 'all',
    rules: [
      { kind: 'word', text: 'heron', prefix: false },
      { kind: 'word', text: 'bittern', prefix: false },
    ],
  }
  const { body } = await client.send<RuleCounts>('POST', '/api/find/weigh', { query: { rule: JSON.stringify(rule) } })
  expect(body).toMatchObject({ whole: 6666, alone: { 0: 10_001, 1: 6666 } })
})

it('looks for a phrase in the texts of the newest that have its marks, until enough are right', async () => {
  const { id: other } = await client.upload('other.txt', 'an egret', folder)
  // Every twentieth has the mark of the two words, and every second of these by chance only.
  await execute(
    null,
    `UPDATE search_row s SET words = words || array_to_tsvector($2::text[]) FROM document d WHERE d.id = s.document_id
      AND d.plan_id = (SELECT plan_id FROM folder WHERE id = $1)
    AND d.name LIKE 'note %0' AND split_part(d.name, ' ', 2)::int % 20 = 0`,
    [folder, pairsOf(['no', 'bird'])],
  )
  await execute(
    null,
    `UPDATE document d SET blob_id = (SELECT blob_id FROM document WHERE id = $2) WHERE plan_id = (SELECT plan_id
      FROM folder WHERE id = $1) AND name LIKE 'note %0' AND split_part(name, ' ', 2)::int % 40 = 0`,
    [folder, other],
  )
  const found = await find('q=%22no+bird%22&limit=50')
  expect(found.documents.map(({ name }) => name)).toEqual(
    Array.from({ length: 50 }, (_, index) => `note ${20 + index * 40}`),
  )
  expect([found.count, (await counts('q=%22no+bird%22')).count]).toEqual([null, DOCUMENTS / 40 + 1])
})

it('is right also where the planner expected few', async () => {
  // Words that stand together more often than they would by chance.
  await execute(
    null,
    `UPDATE search_row SET words = array_to_tsvector($2::text[]) WHERE plan_id = (SELECT plan_id FROM folder
      WHERE id = $1) AND extension = 'txt'`,
    [folder, [...lexemesOf(['heron', 'crake', 'rail', 'snipe'], 'en')]],
  )
  const query = 'q=crake+rail+snipe&types=text'
  expect([(await find(query)).count, (await counts(query)).count]).toEqual([null, 10_001])
  // From a sixty-fourth: within 3 % two times in three.
  expect(Math.abs(((await counts(query)).types.text ?? 0) - (DOCUMENTS * 3) / 4)).toBeLessThan(DOCUMENTS / 8)
})
