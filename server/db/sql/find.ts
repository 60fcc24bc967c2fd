// Statements of the find field and the Find page. Names rank before contents; within a rank the
// newest comes first, so that the vector of a long body is only ever matched, never ranked.

import type { Compiled } from '../../../core/find/index'
import { rows } from '../client'
import { isoText } from '../tables'

export interface Hit { readonly id: string; readonly rank: number; readonly changedAt: string }

export interface FindQuery {
  readonly planId: string
  /** Condition on `s` and `d`; its parameters begin at $6. */
  readonly condition: Compiled
  /** Folded words and beginnings that are looked for in names, as LIKE patterns; empty when no words are sought. */
  readonly namePatterns: readonly string[]
  readonly after: Hit | null
  readonly limit: number
}

/** rank 0: every sought word in the name; 1: at least one; 2: only in the text. */
const RANK = `CASE WHEN cardinality($2::text[]) = 0 THEN 2 WHEN (' ' || d.folded || ' ') LIKE ALL($2::text[]) THEN 0 WHEN (' ' || d.folded || ' ') LIKE ANY($2::text[]) THEN 1 ELSE 2 END`

export function findPage(query: FindQuery): Promise<Hit[]> {
  const after = query.after
  return rows<Hit>(null, `SELECT x.id, x.rank, ${isoText('x.changed_at')} AS "changedAt" FROM (
      SELECT s.document_id AS id, s.changed_at, ${RANK} AS rank FROM search_row s JOIN document d ON d.id = s.document_id
      WHERE s.plan_id = $1 AND ${query.condition.text}) x
    WHERE $3::int IS NULL OR x.rank > $3 OR (x.rank = $3 AND (x.changed_at, x.id) < ($4::timestamptz, $5::uuid))
    ORDER BY x.rank, x.changed_at DESC, x.id DESC LIMIT ${Math.trunc(query.limit)}`,
  [query.planId, query.namePatterns, after?.rank ?? null, after?.changedAt ?? null, after?.id ?? null, ...query.condition.params])
}

export const COUNT_LIMIT = 10_000

/** How many are found: exact up to COUNT_LIMIT, which stands for "more than that" when it is reached. */
export async function countFound(planId: string, condition: Compiled): Promise<number> {
  const found = await rows<{ count: number }>(null, `SELECT count(*)::int AS count FROM (
    SELECT FROM search_row s JOIN document d ON d.id = s.document_id WHERE s.plan_id = $1 AND ${condition.text} LIMIT ${COUNT_LIMIT + 1}) x`, [planId, ...condition.params])
  return found[0]?.count ?? 0
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
