// Statements of the find field: documents by words of their names, looked up in the plan's dictionary of words
// (name_word) and in the list of names with each (name_token, newest first), so that work is bounded for every letter
// typed.

import { rows } from '../client'
import { prefixRange } from '../tables'

// So many of the newest documents are looked through for what a letter or two begins.
const NEWEST = 600

/** Of the newest documents those with a name word that begins so, newest first. */
export async function namesAmongNewest(planId: string, prefix: string, limit: number): Promise<string[]> {
  const found = await rows<{ id: string }>(
    null,
    `SELECT d.id FROM (SELECT document_id, changed_at FROM search_row WHERE plan_id = $1
      ORDER BY changed_at DESC, document_id DESC LIMIT ${NEWEST}) s
    JOIN document d ON d.id = s.document_id AND (d.plan_id = $1) IS TRUE WHERE ' ' || d.folded LIKE '% ' || $2 || '%'
      ORDER BY s.changed_at DESC, s.document_id DESC LIMIT $3`,
    [planId, prefix, limit],
  )
  return found.map(row => row.id)
}

// Of so many words the lists are met one by one; of more, what begins so in fewer names than this is read as it stands
// in the list of names.
const [FEW_WORDS, MOST_READ] = [40, 12_000]

/**
 * Documents with a name word that begins so, newest first: the front of each word's list where it is a few words, all
 * names with them sorted where these are not too many, else the lists of the newest words of the dictionary.
 */
export async function namesByPrefix(planId: string, prefix: string, limit: number): Promise<string[]> {
  const begun = (column: string) => `plan_id = $1 AND ${prefixRange(column, '$2')}`
  const found = await rows<{ id: string }>(
    null,
    `WITH first_words AS MATERIALIZED (SELECT word FROM name_word WHERE ${begun('word')} LIMIT ${FEW_WORDS + 1}),
    few_words AS MATERIALIZED (SELECT count(*) <= ${FEW_WORDS} AS so FROM first_words),
    begun AS MATERIALIZED (SELECT document_id, changed_at FROM name_token WHERE NOT (SELECT so FROM few_words)
      AND ${begun('token')} LIMIT ${MOST_READ + 1}),
    few_names AS MATERIALIZED (SELECT NOT (SELECT so FROM few_words) AND count(*) <= ${MOST_READ} AS so FROM begun),
    newest AS MATERIALIZED (SELECT word FROM name_word WHERE NOT (SELECT so FROM few_words) AND NOT (SELECT so
      FROM few_names) AND ${begun('word')} ORDER BY newest DESC LIMIT ${FEW_WORDS}),
    w AS (SELECT word FROM first_words WHERE (SELECT so FROM few_words) UNION ALL SELECT word FROM newest)
    SELECT document_id AS id FROM (
      SELECT b.document_id, b.changed_at FROM begun b WHERE (SELECT so FROM few_names)
      UNION ALL SELECT t.document_id, t.changed_at FROM w CROSS JOIN LATERAL (
        SELECT n.document_id, n.changed_at FROM name_token n WHERE n.plan_id = $1 AND n.token = w.word
          ORDER BY n.changed_at DESC, n.document_id DESC LIMIT $3) t) x
    GROUP BY document_id, changed_at ORDER BY changed_at DESC, document_id DESC LIMIT $3`,
    [planId, prefix, limit],
  )
  return found.map(row => row.id)
}

/** Whether any name has a word that begins so. */
export async function anyNameBegins(planId: string, prefix: string): Promise<boolean> {
  return (
    (
      await rows(null, `SELECT FROM name_word WHERE plan_id = $1 AND ${prefixRange('word', '$2')} LIMIT 1`, [
        planId,
        prefix,
      ])
    ).length > 0
  )
}

// What the last word begins drives a search where it is at most so many words, each in fewer than so many names.
const [FEW_BEGUN, RARE] = [40, 300]
// So many of the names with the rarest word are looked at: few each by its name, many by the lists of the other words,
// which takes a third of the time. Where more than this begins so, the lists would be longer than the names are many.
const LOOK = { few: 400, many: 4000 }
const MOST_BEGUN = 20_000

const FITS_BY_NAME = `EXISTS (SELECT FROM document d WHERE d.id = t.document_id AND (d.plan_id = $1) IS TRUE
  AND ' ' || d.folded || ' ' LIKE ALL($3::text[]))`
const FITS_BY_LISTS = `t.document_id IN (SELECT document_id FROM begun) AND NOT EXISTS (SELECT
  FROM unnest($2::text[]) AS o(word)
  WHERE NOT EXISTS (SELECT FROM name_token n WHERE n.plan_id = $1 AND n.token = o.word AND n.changed_at = t.changed_at
    AND n.document_id = t.document_id))`
const BEGUN = `begun AS MATERIALIZED (SELECT document_id FROM name_token WHERE plan_id = $1
  AND ${prefixRange('token', '$5')} LIMIT ${MOST_BEGUN + 1}),
  are_few AS MATERIALIZED (SELECT count(*) <= ${MOST_BEGUN} AS so FROM begun),`

/**
 * Documents whose name has all words, newest first; the last is a beginning. The rarest drives, a whole word or what is
 * begun; `all`: there are no others.
 */
export async function namesByWords(
  planId: string,
  words: readonly string[],
  last: string,
  look: keyof typeof LOOK,
  limit: number,
): Promise<{ ids: string[]; all: boolean }> {
  const patterns = [...words.map(word => `% ${word} %`), `% ${last}%`]
  const count = (most: number) =>
    `CROSS JOIN LATERAL (SELECT count(*) AS n FROM (SELECT FROM name_token t WHERE t.plan_id = $1 AND t.token = w.word
      LIMIT ${most}) c) k`
  const [begun, fits] =
    look === 'few'
      ? ['', FITS_BY_NAME]
      : [BEGUN, `CASE WHEN (SELECT so FROM are_few) THEN ${FITS_BY_LISTS} ELSE ${FITS_BY_NAME} END`]
  const [found] = await rows<{ ids: string[] | null; looked: number }>(
    null,
    `WITH w AS MATERIALIZED (SELECT word FROM name_word WHERE plan_id = $1 AND ${prefixRange('word', '$5')}
      LIMIT ${FEW_BEGUN + 1}),
      rare AS MATERIALIZED (SELECT tokens FROM (
        SELECT ARRAY[w.word] AS tokens, k.n FROM unnest($2::text[]) AS w(word) ${count(2000)}
        UNION ALL SELECT array_agg(w.word), sum(k.n) FROM w ${count(RARE)} HAVING count(*) <= ${FEW_BEGUN}
          AND max(k.n) < ${RARE}) x ORDER BY n LIMIT 1),
      looked AS MATERIALIZED (SELECT DISTINCT ON (t.changed_at, t.document_id) t.document_id, t.changed_at
        FROM rare, unnest(rare.tokens) AS token(word) CROSS JOIN LATERAL (
        SELECT n.document_id, n.changed_at FROM name_token n WHERE n.plan_id = $1 AND n.token = token.word
          ORDER BY n.changed_at DESC, n.document_id DESC LIMIT $6) t
        ORDER BY t.changed_at DESC, t.document_id DESC LIMIT $6),
      ${begun}
      -- They are looked at in the order in which they were put, and no further than is wanted.
      fitting AS (SELECT t.document_id AS id, t.changed_at FROM looked t WHERE ${fits} LIMIT $4)
    SELECT (SELECT array_agg(id ORDER BY changed_at DESC, id DESC) FROM fitting) AS ids,
      (SELECT count(*)::int FROM looked) AS looked`,
    [planId, words, patterns, limit, last, LOOK[look]],
  )
  return { ids: found?.ids ?? [], all: (found?.looked ?? 0) < LOOK[look] }
}

/**
 * Documents whose name holds the letters anywhere in a word, newest first; three letters at least, since fewer stand
 * everywhere.
 */
export async function namesByMiddle(planId: string, letters: string, limit: number): Promise<string[]> {
  const found = await rows<{ id: string }>(
    null,
    `WITH w AS MATERIALIZED (SELECT word FROM name_word WHERE plan_id = $1 AND word LIKE '%' || $2 || '%'
      ORDER BY newest DESC LIMIT 40)
    SELECT id FROM (SELECT DISTINCT ON (t.document_id) t.document_id AS id, t.changed_at FROM w CROSS JOIN LATERAL (
      SELECT n.document_id, n.changed_at FROM name_token n WHERE n.plan_id = $1 AND n.token = w.word
        ORDER BY n.changed_at DESC, n.document_id DESC LIMIT $3) t) x
    ORDER BY changed_at DESC, id DESC LIMIT $3`,
    [planId, letters, limit],
  )
  return found.map(row => row.id)
}

/** How often these documents were opened. */
export async function visitsOf(planId: string, ids: readonly string[]): Promise<ReadonlyMap<string, number>> {
  const found = await rows<{ id: string; count: number }>(
    null,
    'SELECT document_id AS id, count FROM visit WHERE plan_id = $1 AND document_id = ANY($2::uuid[])',
    [planId, ids],
  )
  return new Map(found.map(({ id, count }) => [id, count]))
}

const TELLING_LETTERS = 5

/**
 * Words of the plan's names within `errors` (Levenshtein) of what was typed, nearest first: same first letter, the
 * first two swapped, or of longer words the first one wrong or missing.
 */
export async function nearWords(planId: string, typed: string, errors: number): Promise<string[]> {
  const found = await rows<{ word: string }>(
    null,
    `SELECT word, least(levenshtein_less_equal(word, $2, $3), levenshtein_less_equal(left(word, length($2)), $2,
      $3))::int AS distance
    FROM name_word WHERE plan_id = $1 AND (${prefixRange('word', 'left($2, 1)')}
      OR ${prefixRange('word', 'substr($2, 2, 1)')}
      OR (length($2) >= ${TELLING_LETTERS} AND word LIKE '%' || substr($2, 2) || '%'))
    AND length(word) BETWEEN length($2) - $3 AND length($2) + 12 AND length(word) <= 64
    AND least(levenshtein_less_equal(word, $2, $3), levenshtein_less_equal(left(word, length($2)), $2, $3)) <= $3
    ORDER BY distance, newest DESC LIMIT 60`,
    [planId, typed, errors],
  )
  return found.map(row => row.word)
}

// So many of the newest names with each word are looked at, for the rarest words of what was typed.
const [NEWEST_WITH_WORD, RAREST] = [400, 3]

/**
 * Documents whose whole name, or as much of its beginning, is within `errors` (Levenshtein) of `typed`, with the day or
 * number that it begins with or without, among those with one of the words; the nearest first, then the newest. None
 * that is not in error at all.
 */
export async function namesWithin(
  planId: string,
  typed: string,
  words: readonly string[],
  errors: number,
  limit: number,
): Promise<string[]> {
  const found = await rows<{ id: string }>(
    null,
    `WITH rarest AS MATERIALIZED (SELECT w.word FROM unnest($3::text[]) AS w(word) CROSS JOIN LATERAL (
        SELECT count(*) AS n FROM (SELECT FROM name_token t WHERE t.plan_id = $1 AND t.token = w.word LIMIT 2000) c) k
        WHERE k.n > 0 ORDER BY k.n LIMIT ${RAREST}),
      candidates AS MATERIALIZED (SELECT DISTINCT t.document_id FROM rarest CROSS JOIN LATERAL (
        SELECT n.document_id FROM name_token n WHERE n.plan_id = $1 AND n.token = rarest.word
          ORDER BY n.changed_at DESC, n.document_id DESC LIMIT ${NEWEST_WITH_WORD}) t),
      near AS (SELECT d.id, d.changed_at, min(least(levenshtein_less_equal(n.name, $2, $4),
          levenshtein_less_equal(left(n.name, length($2)), $2, $4))) AS distance
        FROM candidates c JOIN document d ON d.id = c.document_id AND (d.plan_id = $1) IS TRUE
        CROSS JOIN LATERAL (VALUES (d.folded), (regexp_replace(d.folded, '^[0-9 ]+', ''))) n(name)
        WHERE length(n.name) BETWEEN length($2) - $4 AND 255 GROUP BY d.id, d.changed_at)
    SELECT id FROM near WHERE distance BETWEEN 1 AND $4 ORDER BY distance, changed_at DESC LIMIT $5`,
    [planId, typed, words, errors, limit],
  )
  return found.map(({ id }) => id)
}
