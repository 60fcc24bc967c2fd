// Statements of the find field and the Find page. Names rank before contents; within a rank the
// newest comes first, so that the vector of a long body is only ever matched, never ranked.

import type { Compiled, Fact } from '../../../core/find/index'
import { rows } from '../client'
import { isoText } from '../tables'

export interface Hit { readonly id: string; readonly rank: number; readonly changedAt: string }

export interface FindQuery {
  readonly planId: string
  /** Condition on `s` and `d`; its parameters begin at $CONDITION_FROM. */
  readonly condition: Compiled
  /** What is looked for in names: a whole folded word, or the beginning of one. */
  readonly sought: readonly { readonly text: string; readonly prefix: boolean }[]
  readonly after: Hit | null
  readonly limit: number
}

export const CONDITION_FROM = 8

// Names that hold a word are many when the word is common; the newest of each count as hits in the name.
const NAME_HITS = 300
// Beginnings are looked up in the dictionary of the plan's names.
const NAME_WORDS = 60

/** Documents with any of the words in their name: $1 plan, $2 whole words, $3 beginnings. */
const NAMED = `tok AS MATERIALIZED (
    SELECT unnest($2::text[]) AS word
    UNION SELECT w.word FROM unnest($3::text[]) AS b(start) CROSS JOIN LATERAL (
      SELECT word FROM name_word n WHERE n.plan_id = $1 AND n.word >= b.start AND n.word < b.start || U&'\\FFFF' ORDER BY n.newest DESC LIMIT ${NAME_WORDS}) w),
  named AS MATERIALIZED (
    SELECT DISTINCT x.document_id FROM tok CROSS JOIN LATERAL (
      SELECT n.document_id FROM name_token n WHERE n.plan_id = $1 AND n.token = tok.word ORDER BY n.changed_at DESC, n.document_id DESC LIMIT ${NAME_HITS}) x)`

/** Hits with a word in the name. rank 0: every sought word is in it; 1: some are. */
export function findNamed(query: FindQuery): Promise<Hit[]> {
  return rows<Hit>(null, `WITH ${NAMED}
    SELECT x.id, x.rank, ${isoText('x.changed_at')} AS "changedAt" FROM (
      SELECT s.document_id AS id, s.changed_at, CASE WHEN (' ' || d.folded || ' ') LIKE ALL($4::text[]) THEN 0 ELSE 1 END AS rank
      FROM named JOIN search_row s ON s.document_id = named.document_id JOIN document d ON d.id = s.document_id
      WHERE s.plan_id = $1 AND ${query.condition.text}) x
    WHERE $5::int IS NULL OR x.rank > $5 OR (x.rank = $5 AND (x.changed_at, x.id) < ($6::timestamptz, $7::uuid))
    ORDER BY x.rank, x.changed_at DESC, x.id DESC LIMIT ${Math.trunc(query.limit)}`,
  allParams(query))
}

const NOT_NAMED = 'NOT EXISTS (SELECT FROM named WHERE named.document_id = s.document_id)'
// All statements share their parameters; PostgreSQL wants to know the type of each, of $4 as well.
const LATER = '$4::text[] IS NOT NULL AND ($5::int IS NULL OR $5::int < 2 OR (s.changed_at, s.document_id) < ($6::timestamptz, $7::uuid))'

function matching({ condition }: FindQuery): string {
  const join = condition.text.includes('d.') ? 'JOIN document d ON d.id = s.document_id' : ''
  return `SELECT s.document_id, s.changed_at FROM search_row s ${join} WHERE s.plan_id = $1 AND ${condition.text}`
}

/**
 * Hits inside only (rank 2), newest first, where at most `most` are found at all: the index of words
 * finds every one, and they are counted (those with a word in the name as well) and sorted in the same
 * statement. A count above `most` says that there are more and that the hits are not to be used.
 */
export async function collectInside(query: FindQuery, most: number): Promise<{ count: number; hits: Hit[] }> {
  const found = await rows<{ count: number; hits: Hit[] | null }>(null, `WITH ${NAMED}, m AS MATERIALIZED (${matching(query)} LIMIT ${Math.trunc(most) + 1}),
    page AS (SELECT s.document_id AS id, s.changed_at FROM m s WHERE ${LATER} AND ${NOT_NAMED} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(query.limit)})
    SELECT (SELECT count(*)::int FROM m) AS count, (SELECT json_agg(json_build_object('id', x.id, 'rank', 2, 'changedAt', ${isoText('x.changed_at')}) ORDER BY x.changed_at DESC, x.id DESC) FROM page x) AS hits`,
  allParams(query))
  return { count: found[0]?.count ?? 0, hits: found[0]?.hits ?? [] }
}

/** Hits inside only (rank 2), newest first, where many are expected: the newest documents are walked until the page is full. */
export function walkInside(query: FindQuery): Promise<Hit[]> {
  return rows<Hit>(null, `WITH ${NAMED} SELECT x.document_id AS id, 2 AS rank, ${isoText('x.changed_at')} AS "changedAt" FROM (
      ${matching(query)} AND ${LATER} AND ${NOT_NAMED} ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(query.limit)}) x
    ORDER BY x.changed_at DESC, x.document_id DESC`, allParams(query))
}

function allParams(query: FindQuery): unknown[] {
  const { after } = query
  return [...nameParams(query), after?.rank ?? null, after?.changedAt ?? null, after?.id ?? null, ...query.condition.params]
}

function nameParams({ planId, sought }: FindQuery): unknown[] {
  const patterns = sought.map(({ text, prefix }) => (prefix ? `% ${text}%` : `% ${text} %`))
  return [planId, sought.filter(word => !word.prefix).map(word => word.text), sought.filter(word => word.prefix).map(word => word.text), patterns]
}

/** How many are found: exact up to `limit`; one more stands for "more than that". */
export async function countFound(planId: string, condition: Compiled, limit: number): Promise<number> {
  const join = condition.text.includes('d.') ? 'JOIN document d ON d.id = s.document_id' : ''
  const found = await rows<{ count: number }>(null, `SELECT count(*)::int AS count FROM (
    SELECT FROM search_row s ${join} WHERE s.plan_id = $1 AND ${condition.text} LIMIT ${Math.trunc(limit) + 1}) x`, [planId, ...condition.params])
  return found[0]?.count ?? 0
}

/** What is counted of found documents; at most `limit` of them, in no order. */
export function factsFound(planId: string, condition: Compiled, limit: number): Promise<Fact[]> {
  return rows<Fact>(null, `SELECT d.extension, d.origin, to_char(s.changed_at AT TIME ZONE 'UTC', 'YYYY-MM') AS month, EXISTS (SELECT FROM star WHERE star.id = d.id) AS starred,
      ARRAY(SELECT p.folder_id FROM placement p WHERE p.document_id = d.id AND p.folder_id IS NOT NULL) AS "folderIds", ARRAY(SELECT g.tag_id FROM tagging g WHERE g.target_id = d.id) AS "tagIds"
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

/** Words of the plan's names within `errors` (Levenshtein) of what was typed, nearest first: same first letter, or the first two swapped. */
export async function nearWords(planId: string, typed: string, errors: number): Promise<string[]> {
  const found = await rows<{ word: string }>(null, `SELECT word, least(levenshtein_less_equal(word, $2, $3), levenshtein_less_equal(left(word, length($2)), $2, $3))::int AS distance
    FROM name_word WHERE plan_id = $1 AND (word >= left($2, 1) AND word < left($2, 1) || U&'\\FFFF' OR word >= substr($2, 2, 1) AND word < substr($2, 2, 1) || U&'\\FFFF')
    AND length(word) BETWEEN length($2) - $3 AND length($2) + 12 AND length(word) <= 64
    AND least(levenshtein_less_equal(word, $2, $3), levenshtein_less_equal(left(word, length($2)), $2, $3)) <= $3
    ORDER BY distance, newest DESC LIMIT 60`, [planId, typed, errors])
  return found.map(row => row.word)
}
