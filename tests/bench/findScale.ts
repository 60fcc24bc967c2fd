// Finding in large plans: words by Zipf's law in five languages, twenty thousand folders. The plan is written with SQL
// in bulk, its indexes made afterwards; queries go through the services, so that server time alone is measured.

import { generateNKeysBetween } from 'fractional-indexing'
import { v7 } from 'uuid'
import type { SearchQuery, Rule } from '../../core/find/index'
import { compile, NO_FACETS, EMPTY_QUERY } from '../../core/find/index'
import type { FolderId } from '../../core/ids'
import { LANGUAGES, lexemesOf, pairsOf } from '../../core/text/index'
import type { Random } from '../../demo/random'
import { seeded } from '../../demo/random'
import { rows, execute, withTransaction } from '../../server/db/client'
import type { Actor } from '../../server/services/actor'
import { countFoundGroups } from '../../server/services/find/countFound'
import { findDocuments } from '../../server/services/find/findDocuments'
import { findNames } from '../../server/services/find/findNames'
import { countHits } from '../../server/services/find/many'
import { NO_FOLDERS, matchContextOf } from '../../server/services/find/matchContext'
import { fetchByIds, zipfWords } from './generate'
import type { Figure } from './measure'
import { timings } from './measure'

const FOLDERS = 20_000
const BATCH = 2000
const INDEXES = [
  'search_row_words',
  'search_row_changed',
  'name_token_document',
  'name_word_middle',
  'placement_name',
  'placement_changed',
  'placement_added',
  'placement_plan',
  'placement_folder',
]

interface Filled {
  readonly folderIds: readonly FolderId[]
  readonly ids: readonly string[]
  readonly word: () => string
  readonly names: readonly string[]
  readonly bodies: readonly string[]
}

export async function fillPlan(planId: string, documents: number, log: (line: string) => void): Promise<Filled> {
  const random = seeded(documents)
  const word = zipfWords(random)
  const folderIds = await folders(planId, random, word)
  const made = await rows<{ name: string; sql: string }>(
    null,
    'SELECT indexname AS name, indexdef AS sql FROM pg_indexes WHERE indexname = ANY($1::text[])',
    [INDEXES],
  )
  for (const { name } of made) await execute(null, `DROP INDEX ${name}`)
  const [ids, names, bodies]: [string[], string[], string[]] = [[], [], []]
  const began = performance.now()
  for (let done = 0; done < documents; done += BATCH) {
    const batch = Array.from({ length: Math.min(BATCH, documents - done) }, (_, index) => {
      const language = random.pick([...LANGUAGES, null])
      const nameWords = Array.from({ length: random.int(2, 5) }, word)
      const name = `${nameWords.join(' ')} ${done + index}`
      const text = Array.from({ length: random.int(30, 120) }, word)
      if (names.length < 4000) {
        names.push(name)
        bodies.push(text.join(' '))
      }
      const own = name.split(' ')
      const changed = new Date(Date.UTC(2016, 0, 1) + random.int(0, 3900 * 86_400) * 1000).toISOString()
      const [id, blob] = [v7(), v7()]
      if (ids.length < 20_000) ids.push(id)
      return {
        id,
        blob,
        placement: v7(),
        name,
        language,
        changed,
        extension: random.pick(['pdf', 'docx', 'txt', 'md', 'eml', 'png', 'xlsx']),
        size: random.int(1000, 9_000_000),
        origin: random.pick(['upload', 'upload', 'upload', 'mail', 'scan']),
        folder: random.next() < 0.02 ? null : random.next() < 0.05 ? folderIds[0] : random.pick(folderIds),
        body: text.join(' '),
        words: [...new Set([...lexemesOf([...own, ...text], language), ...pairsOf(own), ...pairsOf(text)])],
        tokens: [...lexemesOf(own, language)],
      }
    })
    await write(planId, batch)
    if (done % 100_000 < BATCH)
      log(`  ${done.toLocaleString('en-GB')} documents after ${Math.round((performance.now() - began) / 1000)} s`)
  }
  await execute(
    null,
    `INSERT INTO name_word (plan_id, word, newest) SELECT plan_id, token, max(changed_at) FROM name_token
      WHERE plan_id = $1 AND token NOT LIKE '.%' GROUP BY 1, 2 ON CONFLICT DO NOTHING`,
    [planId],
  )
  await execute(
    null,
    `INSERT INTO text_word (plan_id, word, docs) SELECT $1::uuid, w, 8
      FROM (SELECT DISTINCT unnest(string_to_array(folded, ' ')) AS w FROM page_text LIMIT 5000000) x
        WHERE length(w) BETWEEN 4 AND 24 ON CONFLICT DO NOTHING`,
    [planId],
  )
  for (const { sql } of made) await execute(null, sql)
  // As autovacuum would do after so many were brought in.
  await execute(null, 'VACUUM ANALYZE')
  log(`  filled and indexed after ${Math.round((performance.now() - began) / 1000)} s`)
  return { folderIds, ids, word, names, bodies }
}

async function folders(planId: string, random: Random, word: () => string): Promise<FolderId[]> {
  const ids = Array.from({ length: FOLDERS }, () => v7() as FolderId)
  const keys = generateNKeysBetween(null, null, FOLDERS)
  const made = ids.map((id, index) => ({
    id,
    parent_id: index < 40 ? null : ids[random.int(0, Math.min(index - 1, 4000))],
    name: `${word()} ${word()} ${index}`,
    order_key: keys[index],
  }))
  await execute(
    null,
    `INSERT INTO folder (id, plan_id, parent_id, name, folded, order_key, child_order, purpose, created_at)
    SELECT x.id, $1::uuid, x.parent_id, x.name, x.name, x.order_key, 'number', '', now()
      FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, parent_id uuid, name text, order_key text)`,
    [planId, JSON.stringify(made)],
  )
  return ids
}

async function write(planId: string, batch: readonly object[]): Promise<void> {
  const from = `FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, blob uuid, placement uuid, name text, language text,
    changed timestamptz, extension text, size bigint, origin text, folder uuid, body text, words jsonb, tokens jsonb)`
  const json = JSON.stringify(batch)
  const statements = [
    `INSERT INTO blob (id, sha256, size, created_at) SELECT x.blob, sha256(x.blob::text::bytea), x.size, now() ${from}
      WHERE $1::uuid IS NOT NULL`,
    `INSERT INTO reading (blob_id, state, extension, pages, paged, language, reader, changed_at)
      SELECT x.blob, 'read', x.extension, 1, false, x.language, 99, now() ${from} WHERE $1::uuid IS NOT NULL`,
    `INSERT INTO page_text (blob_id, page, body, folded) SELECT x.blob, 1, x.body, ' ' || x.body || ' ' ${from}
      WHERE $1::uuid IS NOT NULL`,
    `INSERT INTO document (id, plan_id, name, folded, extension, media_type, size, blob_id, version, remark, origin,
      created_at, changed_at) SELECT x.id, $1::uuid, x.name, x.name, x.extension, 'text/plain', x.size, x.blob, 1, '',
        x.origin, x.changed, x.changed ${from}`,
    `INSERT INTO placement (id, plan_id, document_id, folder_id, home, name, extension, changed_at, size, added_at)
      SELECT x.placement, $1::uuid, x.id, x.folder, true, x.name, x.extension, x.changed, x.size, x.changed ${from}`,
    `INSERT INTO search_row (document_id, plan_id, changed_at, words, extension, origin, size, language, added_at)
      SELECT x.id, $1::uuid, x.changed, array_to_tsvector(ARRAY(SELECT jsonb_array_elements_text(x.words))),
        x.extension, x.origin, x.size, x.language, x.changed ${from}`,
    `INSERT INTO name_token (plan_id, token, changed_at, document_id)
      SELECT $1::uuid, t.token, x.changed, x.id ${from}, jsonb_array_elements_text(x.tokens) AS t(token)`,
  ]
  await withTransaction(async transaction => {
    for (const sql of statements) await execute(transaction, sql, [planId, json])
  })
}

const many = <T>(make: () => T, count = 220) => Array.from({ length: count }, make)
const typo = (word: string) =>
  word.length < 4 ? word : word.slice(0, 2) + (word[3] ?? '') + (word[2] ?? '') + word.slice(4)
const COMMON = ['the', 'and', 'for', 'with', 'this', 'that', 'berth', 'quay']

/** A word, and one of two ways to be of these days or this kind. */
const nested = (word: string): Rule => ({
  kind: 'all',
  rules: [
    { kind: 'word', text: word, prefix: false },
    {
      kind: 'any',
      rules: [
        { kind: 'type', anyOf: ['pdf', 'mail'] },
        { kind: 'recent', field: 'changed', count: 24, unit: 'month' },
      ],
    },
  ],
})

/** Server time of everything that a person waits for while finding. */
export async function findFigures(actor: Actor, { folderIds, ids, names, bodies }: Filled): Promise<Figure[]> {
  const random = seeded(5)
  const nameWord = () => random.pick(random.pick(names).split(' '))
  const bodyWord = () => random.pick(random.pick(bodies).split(' '))
  const ask = (request: Partial<SearchQuery>, typing = false) =>
    findDocuments(actor, { ...EMPTY_QUERY, ...request, typing, exact: false, near: null, cursor: null, limit: 30 })
  const withCounts = async (request: Partial<SearchQuery>) => {
    await Promise.all([ask(request), countFoundGroups(actor, { ...EMPTY_QUERY, ...request, typing: false })])
  }
  const inFolder = (): SearchQuery['facets'] => ({
    ...NO_FACETS,
    places: { any: [random.pick(folderIds)], without: [] },
  })
  return [
    await timings(
      'floor: 30 rows by id, plain SQL',
      many(() => random.some(ids, 30)),
      some => fetchByIds(actor.planId, some),
    ),
    await timings(
      'find field: a keystroke, 1 to 20 letters',
      many(() => {
        const text = `${nameWord()} ${nameWord()}`
        return text.slice(0, random.int(1, Math.min(20, text.length)))
      }),
      text => findNames(actor, text, 8),
    ),
    await timings(
      'find field: with a typing error',
      many(() => typo(nameWord())),
      text => findNames(actor, text, 8),
    ),
    await timings('full text: a word (rare to common, as they occur)', many(bodyWord), q => ask({ q })),
    await timings(
      'full text: a very common word',
      many(() => random.pick(COMMON)),
      q => ask({ q }),
    ),
    await timings(
      'full text: two words',
      many(() => `${bodyWord()} ${bodyWord()}`),
      q => ask({ q }),
    ),
    await timings(
      'full text: a phrase',
      many(() => {
        const words = random.pick(bodies).split(' ')
        const at = random.int(0, words.length - 3)
        return `"${words.slice(at, at + 2).join(' ')}"`
      }),
      q => ask({ q }),
    ),
    await timings(
      'full text: a word, in a folder and below',
      many(() => [bodyWord(), inFolder()] as const),
      ([q, facets]) => ask({ q, facets }),
    ),
    await timings('first results with the counts of all groups, a word', many(bodyWord), q => withCounts({ q })),
    await timings(
      'the count of a kept search: a word in nested rules',
      many(() => nested(bodyWord())),
      made => countHits(actor.planId, [first => compile(made, matchContextOf(NO_FOLDERS, new Date()), first)], 10_000),
    ),
    await timings('sorted by name, a word', many(bodyWord), q => ask({ q, sort: 'name', descending: false })),
    await timings(
      'grouped by type, two words',
      many(() => `${bodyWord()} ${bodyWord()}`),
      q => ask({ q, group: 'type' }),
    ),
  ]
}

/** Bytes of what searching needs, for each thousand documents. */
export async function indexSize(documents: number): Promise<{ name: string; kb: number }[]> {
  const found = await rows<{ name: string; bytes: number }>(
    null,
    `SELECT relname AS name, pg_total_relation_size(oid)::float8 AS bytes FROM pg_class
      WHERE relname IN ('search_row', 'name_token', 'name_word', 'text_word') ORDER BY 2 DESC`,
  )
  return found.map(({ name, bytes }) => ({ name, kb: bytes / 1024 / (documents / 1000) }))
}
