// Statements of the find field and the Find page. Documents with a word in the name or a tag are looked up by
// the lists of those words; hits inside by the index of words. The vector of a body is only ever matched.

import type { Candidate, Compiled, Fact, Orderable, TimeField } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { rows } from '../client'
import { isoText } from '../tables'
import { nameTokensOf } from './derived'

export interface Hit { readonly id: string; readonly changedAt: string }

export interface FindQuery {
  readonly planId: string
  /** Condition on `s` and `d`; its parameters begin at $CONDITION_FROM. */
  readonly condition: Compiled
  /** What is looked for in names and tags: a whole folded word with its forms, or the beginning of one. */
  readonly sought: readonly { readonly text: string; readonly prefix: boolean }[]
  readonly after: Hit | null
  readonly limit: number
}

export const CONDITION_FROM = 6

// Names that hold a word are many when the word is common; the newest of each count as hits in the name.
const NAME_HITS = 300
// Beginnings are looked up in the dictionary of the plan's names.
const NAME_WORDS = 60

/** Documents with any of the words in their name or a tag: $1 plan, $2 words and forms, $3 beginnings. */
const NAMED = `tok AS MATERIALIZED (
    SELECT unnest($2::text[]) AS word
    UNION SELECT w.word FROM unnest($3::text[]) AS b(start) CROSS JOIN LATERAL (
      SELECT word FROM name_word n WHERE n.plan_id = $1 AND n.word >= b.start AND n.word < b.start || U&'\\FFFF' ORDER BY n.newest DESC LIMIT ${NAME_WORDS}) w),
  named AS MATERIALIZED (
    SELECT DISTINCT x.document_id FROM tok CROSS JOIN LATERAL (
      SELECT n.document_id FROM name_token n WHERE n.plan_id = $1 AND n.token = tok.word ORDER BY n.changed_at DESC, n.document_id DESC LIMIT ${NAME_HITS}) x
    UNION SELECT y.target_id FROM tag t CROSS JOIN LATERAL (SELECT g.target_id FROM tagging g WHERE g.tag_id = t.id AND g.target = 'document' LIMIT ${NAME_HITS}) y
      WHERE t.plan_id = $1 AND (string_to_array(t.folded, ' ') && $2::text[] OR EXISTS (SELECT FROM unnest($3::text[]) AS b(start) WHERE ' ' || t.folded LIKE '% ' || b.start || '%')))`

/** Hits with a word in the name or a tag, newest first. */
export function findNamed(query: FindQuery): Promise<Hit[]> {
  return rows<Hit>(null, `WITH ${NAMED}
    SELECT s.document_id AS id, ${isoText('s.changed_at')} AS "changedAt" FROM named JOIN search_row s ON s.document_id = named.document_id JOIN document d ON d.id = s.document_id
    WHERE s.plan_id = $1 AND ($4::timestamptz IS NULL OR $5::uuid IS NOT NULL) AND ${query.condition.text} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(query.limit)}`,
  allParams(query))
}

const NOT_NAMED = 'NOT EXISTS (SELECT FROM named WHERE named.document_id = s.document_id)'
const LATER = '($4::timestamptz IS NULL OR (s.changed_at, s.document_id) < ($4::timestamptz, $5::uuid))'

function matching({ condition }: Pick<FindQuery, 'condition'>): string {
  return `SELECT s.document_id, s.changed_at FROM search_row s ${joinFor(condition)} WHERE s.plan_id = $1 AND ${condition.text}`
}

function joinFor(condition: Compiled): string {
  return condition.text.includes('d.') ? 'JOIN document d ON d.id = s.document_id' : ''
}

/**
 * Hits inside only, newest first, where at most `most` are found at all: the index of words finds every one,
 * and they are counted (those with a word in the name as well) and sorted in the same statement. A count
 * above `most` says that there are more and that the hits are not to be used.
 */
export async function collectInside(query: FindQuery, most: number): Promise<{ count: number; hits: Hit[] }> {
  const found = await rows<{ count: number; hits: Hit[] | null }>(null, `WITH ${NAMED}, m AS MATERIALIZED (${matching(query)} LIMIT ${Math.trunc(most) + 1}),
    page AS (SELECT s.document_id AS id, s.changed_at FROM m s WHERE ${LATER} AND ${NOT_NAMED} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(query.limit)})
    SELECT (SELECT count(*)::int FROM m) AS count, (SELECT json_agg(json_build_object('id', x.id, 'changedAt', ${isoText('x.changed_at')}) ORDER BY x.changed_at DESC, x.id DESC) FROM page x) AS hits`,
  allParams(query))
  return { count: found[0]?.count ?? 0, hits: found[0]?.hits ?? [] }
}

/** Hits inside only, newest first, where many are expected: the newest documents are walked until the page is full. */
export function walkInside(query: FindQuery): Promise<Hit[]> {
  return rows<Hit>(null, `WITH ${NAMED} SELECT x.document_id AS id, ${isoText('x.changed_at')} AS "changedAt" FROM (
      ${matching(query)} AND ${LATER} AND ${NOT_NAMED} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(query.limit)}) x
    ORDER BY x.changed_at DESC, x.document_id DESC`, allParams(query))
}

function allParams({ planId, sought, after, condition }: FindQuery): unknown[] {
  const whole = sought.flatMap(word => (word.prefix ? nameTokensOf(word.text).slice(1) : nameTokensOf(word.text)))
  return [planId, whole, sought.filter(word => word.prefix).map(word => word.text), after?.changedAt ?? null, after?.id ?? null, ...condition.params]
}

export type RankFacts = Omit<Candidate, 'page' | 'near'> & { readonly id: string; readonly folderIds: readonly FolderId[] }

/** What best match looks at, of documents in any order. */
export function rankFacts(planId: string, ids: readonly string[]): Promise<RankFacts[]> {
  return rows<RankFacts>(null, `SELECT d.id, d.folded, d.remark_folded AS remark, d.sender_folded AS sender, coalesce(r.heads, '') AS heads, ${isoText('d.changed_at')} AS "changedAt",
      coalesce((SELECT string_agg(t.folded, ' ') FROM tagging g JOIN tag t ON t.id = g.tag_id WHERE g.target_id = d.id), '') AS "tagWords",
      EXISTS (SELECT FROM star WHERE star.id = d.id) AS starred, coalesce(v.count, 0) AS visits,
      ARRAY(SELECT p.folder_id FROM placement p WHERE p.document_id = d.id AND p.folder_id IS NOT NULL) AS "folderIds"
    FROM document d LEFT JOIN reading r ON r.blob_id = d.blob_id LEFT JOIN visit v ON v.document_id = d.id WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[])`, [planId, ids])
}

/** What other orders than best match look at: at most `limit` hits, the newest. */
export function orderFacts(planId: string, condition: Compiled, limit: number): Promise<Orderable[]> {
  return rows<Orderable>(null, `SELECT d.id, d.name, d.extension, d.size::float8 AS size, ${isoText('d.changed_at')} AS "changedAt", ${isoText('d.created_at')} AS "addedAt",
      ${isoText('v.at')} AS "openedAt", ${isoText('d.dated_at')} AS "datedAt", d.sender, p.folder_id AS "folderId", d.meaning_id AS "meaningId",
      (SELECT t.id FROM tagging g JOIN tag t ON t.id = g.tag_id WHERE g.target_id = d.id ORDER BY t.name COLLATE natural_order LIMIT 1) AS "tagId"
    FROM (SELECT s.document_id, s.changed_at FROM search_row s JOIN document d ON d.id = s.document_id WHERE s.plan_id = $1 AND ${condition.text} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(limit)}) m
    JOIN document d ON d.id = m.document_id LEFT JOIN visit v ON v.document_id = d.id LEFT JOIN placement p ON p.document_id = d.id AND p.home
    ORDER BY m.changed_at DESC, m.document_id DESC`, [planId, ...condition.params])
}

/** How many are found: exact up to `limit`; one more stands for "more than that". */
export async function countFound(planId: string, condition: Compiled, limit: number): Promise<number> {
  const found = await rows<{ count: number }>(null, `SELECT count(*)::int AS count FROM (
    SELECT FROM search_row s ${joinFor(condition)} WHERE s.plan_id = $1 AND ${condition.text} LIMIT ${Math.trunc(limit) + 1}) x`, [planId, ...condition.params])
  return found[0]?.count ?? 0
}

/**
 * How many each of the rules finds, in one statement; exact up to `limit`, one more stands for more. `compiled` gives the
 * condition with its parameters numbered from where it is asked.
 */
export async function countEach(planId: string, compiled: readonly ((firstParam: number) => Compiled)[], limit: number): Promise<number[]> {
  if (compiled.length === 0) return []
  const params: unknown[] = [planId]
  const counts = compiled.map((make) => {
    const condition = make(params.length + 1)
    params.push(...condition.params)
    return `(SELECT count(*)::int FROM (SELECT FROM search_row s ${joinFor(condition)} WHERE s.plan_id = $1 AND ${condition.text} LIMIT ${Math.trunc(limit) + 1}) x)`
  })
  const [found] = await rows<{ counts: number[] }>(null, `SELECT ARRAY[${counts.join(', ')}] AS counts`, params)
  return found?.counts ?? []
}

/** The newest documents that are found, at most `limit`. */
export async function idsFound(planId: string, condition: Compiled, limit: number): Promise<string[]> {
  const found = await rows<{ id: string }>(null, `SELECT s.document_id AS id FROM search_row s ${joinFor(condition)} WHERE s.plan_id = $1 AND ${condition.text} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(limit)}`, [planId, ...condition.params])
  return found.map(row => row.id)
}

const MONTH: Record<TimeField, string> = { changed: 's.changed_at', added: 'd.created_at', opened: '(SELECT v.at FROM visit v WHERE v.document_id = d.id)', dated: 'd.dated_at' }

/** What is counted of found documents; at most `limit` of them, in no order. Months are those of `field`. */
export function factsFound(planId: string, condition: Compiled, field: TimeField, limit: number): Promise<Fact[]> {
  return rows<Fact>(null, `SELECT d.extension, d.origin, d.size::float8 AS size, (SELECT r.language FROM reading r WHERE r.blob_id = d.blob_id) AS language, d.meaning_id AS "meaningId",
      to_char(${MONTH[field]} AT TIME ZONE 'UTC', 'YYYY-MM') AS month, EXISTS (SELECT FROM star WHERE star.id = d.id) AS starred,
      ARRAY(SELECT p.folder_id FROM placement p WHERE p.document_id = d.id AND p.folder_id IS NOT NULL ORDER BY p.home DESC) AS "folderIds", ARRAY(SELECT g.tag_id FROM tagging g WHERE g.target_id = d.id) AS "tagIds"
    FROM search_row s JOIN document d ON d.id = s.document_id WHERE s.plan_id = $1 AND ${condition.text} LIMIT ${Math.trunc(limit)}`, [planId, ...condition.params])
}

/** Documents with a name word that begins so, newest first: the words from the dictionary, then the front of each word's list. */
export async function namesByPrefix(planId: string, prefix: string, limit: number): Promise<string[]> {
  const found = await rows<{ id: string }>(null, `WITH w AS MATERIALIZED (
      SELECT word FROM name_word WHERE plan_id = $1 AND word >= $2 AND word < $2 || U&'\\FFFF' ORDER BY newest DESC LIMIT 40)
    SELECT id FROM (SELECT DISTINCT ON (t.document_id) t.document_id AS id, t.changed_at FROM w CROSS JOIN LATERAL (
      SELECT n.document_id, n.changed_at FROM name_token n WHERE n.plan_id = $1 AND n.token = w.word ORDER BY n.changed_at DESC, n.document_id DESC LIMIT $3) t) x
    ORDER BY changed_at DESC, id DESC LIMIT $3`, [planId, prefix, limit])
  return found.map(row => row.id)
}

/** Documents whose name has all words; the last is a beginning. The rarest whole word drives. */
export async function namesByWords(planId: string, words: readonly string[], last: string, limit: number): Promise<string[]> {
  const patterns = [...words.map(word => `% ${word} %`), `% ${last}%`]
  const found = await rows<{ id: string }>(null, `WITH rare AS MATERIALIZED (
      SELECT w.word FROM unnest($2::text[]) AS w(word) CROSS JOIN LATERAL (
        SELECT count(*) AS n FROM (SELECT FROM name_token t WHERE t.plan_id = $1 AND t.token = w.word LIMIT 2000) c) k ORDER BY k.n LIMIT 1)
    SELECT d.id FROM (SELECT t.document_id, t.changed_at FROM rare, name_token t WHERE t.plan_id = $1 AND t.token = rare.word
        ORDER BY t.changed_at DESC, t.document_id DESC LIMIT 5000) t
      JOIN document d ON d.id = t.document_id WHERE ' ' || d.folded || ' ' LIKE ALL($3::text[])
    ORDER BY t.changed_at DESC, d.id DESC LIMIT $4`, [planId, words, patterns, limit])
  return found.map(row => row.id)
}

/** Documents whose name holds the letters anywhere in a word, newest first; three letters at least, since fewer stand everywhere. */
export async function namesByMiddle(planId: string, letters: string, limit: number): Promise<string[]> {
  const found = await rows<{ id: string }>(null, `WITH w AS MATERIALIZED (SELECT word FROM name_word WHERE plan_id = $1 AND word LIKE '%' || $2 || '%' ORDER BY newest DESC LIMIT 40)
    SELECT id FROM (SELECT DISTINCT ON (t.document_id) t.document_id AS id, t.changed_at FROM w CROSS JOIN LATERAL (
      SELECT n.document_id, n.changed_at FROM name_token n WHERE n.plan_id = $1 AND n.token = w.word ORDER BY n.changed_at DESC, n.document_id DESC LIMIT $3) t) x
    ORDER BY changed_at DESC, id DESC LIMIT $3`, [planId, letters, limit])
  return found.map(row => row.id)
}

/** How often these documents were opened. */
export async function visitsOf(ids: readonly string[]): Promise<ReadonlyMap<string, number>> {
  const found = await rows<{ id: string; count: number }>(null, 'SELECT document_id AS id, count FROM visit WHERE document_id = ANY($1::uuid[])', [ids])
  return new Map(found.map(({ id, count }) => [id, count]))
}

/** Words of the plan's names within `errors` (Levenshtein) of what was typed, nearest first: same first letter, or the first two swapped. */
export async function nearWords(planId: string, typed: string, errors: number): Promise<string[]> {
  const found = await rows<{ word: string }>(null, `SELECT word, least(levenshtein_less_equal(word, $2, $3), levenshtein_less_equal(left(word, length($2)), $2, $3))::int AS distance
    FROM name_word WHERE plan_id = $1 AND (word >= left($2, 1) AND word < left($2, 1) || U&'\\FFFF' OR word >= substr($2, 2, 1) AND word < substr($2, 2, 1) || U&'\\FFFF')
    AND length(word) BETWEEN length($2) - $3 AND length($2) + 12 AND length(word) <= 64
    AND least(levenshtein_less_equal(word, $2, $3), levenshtein_less_equal(left(word, length($2)), $2, $3)) <= $3
    ORDER BY distance, newest DESC LIMIT 60`, [planId, typed, errors])
  return found.map(row => row.word)
}
