// Statements of the Find page. Documents with a word in the name or a tag are looked up by
// the lists of those words; hits inside by the index of words. The vector of a body is only ever matched.

import type { Candidate, Compiled } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { entriesOf, formsOf } from '../../../core/text/index'
import { prepared, rows } from '../client'
import { prefixRange, isoText } from '../tables'
import { IN_PLAN, LOOKED_AT, planPredicate } from './planPredicate'

export interface Hit {
  readonly id: string
  readonly changedAt: string
}

/** What is looked for in names and tags: a whole folded word with its forms, or the beginning of one. */
export type NamedWords = readonly { readonly text: string; readonly prefix: boolean }[]

// So many of the newest names with each of several words are looked at for those that hold most of them, and so many
// count as hits in the name.
const NAME_HITS = 1000
const NAMED_LIMIT = 200
// Beginnings are looked up in the dictionary of the plan's names.
const [NAME_WORDS, WORD_HITS] = [40, 60]

// How many of the words a document holds, as bits: counting different values would sort all of them. Of more than 64
// words some share a bit.
const WORDS_HELD = `bit_count(bit_or(1::bigint << (at % 64)::int)::bit(64))`

// $2 entries of words ($3: of which word), $4 beginnings ($5: of which word), $6 the words themselves.
const NAMED = prepared(
  'named',
  `WITH tok AS MATERIALIZED (
    SELECT e.word, e.at, CASE WHEN cardinality($6::text[]) = 1 THEN ${NAMED_LIMIT} ELSE ${NAME_HITS} END AS most
      FROM unnest($2::text[], $3::int[]) AS e(word, at)
    UNION ALL SELECT w.word, b.at, ${WORD_HITS} FROM unnest($4::text[], $5::int[]) AS b(start, at) CROSS JOIN LATERAL (
      SELECT word FROM name_word n WHERE n.plan_id = $1 AND ${prefixRange('n.word', 'b.start')} ORDER BY n.newest DESC
        LIMIT ${NAME_WORDS}) w),
  tagged AS MATERIALIZED (
    SELECT t.id, w.at FROM tag t CROSS JOIN unnest($6::text[]) WITH ORDINALITY AS w(word, at) WHERE t.plan_id = $1
      AND ' ' || t.folded || ' ' LIKE '% ' || w.word || ' %'
    UNION ALL SELECT t.id, b.at FROM tag t CROSS JOIN unnest($4::text[], $5::int[]) AS b(start, at) WHERE t.plan_id = $1
      AND ' ' || t.folded LIKE '% ' || b.start || '%'),
  named AS MATERIALIZED (
    SELECT document_id, max(changed_at) AS changed_at FROM (
      SELECT x.document_id, x.changed_at, tok.at FROM tok CROSS JOIN LATERAL (
        SELECT n.document_id, n.changed_at FROM name_token n WHERE n.plan_id = $1 AND n.token = tok.word
          ORDER BY n.changed_at DESC, n.document_id DESC LIMIT tok.most) x
      UNION ALL SELECT y.document_id, y.changed_at, tagged.at FROM tagged CROSS JOIN LATERAL (
        SELECT d.id AS document_id, d.changed_at FROM tagging g JOIN document d ON d.id = g.target_id
          AND (d.plan_id = g.plan_id) IS TRUE WHERE g.plan_id = $1 AND g.tag_id = tagged.id AND g.target = 'document'
            AND d.trashed_at IS NULL LIMIT ${NAME_HITS}) y) z
    GROUP BY document_id ORDER BY ${WORDS_HELD} DESC, max(changed_at) DESC, document_id DESC LIMIT ${NAMED_LIMIT})
  SELECT document_id AS id, ${isoText('changed_at')} AS "changedAt" FROM named
    ORDER BY named.changed_at DESC, document_id DESC`,
)

/**
 * Documents with any of the words in their name or a tag, newest first: of more than two hundred those with most of the
 * words and then the newest. Where nothing but one word is asked, all of them are hits.
 */
export function findNamed(planId: string, terms: NamedWords): Promise<Hit[]> {
  const numbered = terms.map((word, index) => ({ ...word, at: index + 1 }))
  const entries = numbered.flatMap(({ text, prefix, at }) =>
    (prefix ? formsOf(text, null) : entriesOf(text)).map(entry => ({ entry, at })),
  )
  const starts = numbered.filter(word => word.prefix)
  return rows<Hit>(null, NAMED, [
    planId,
    entries.map(({ entry }) => entry),
    entries.map(({ at }) => at),
    starts.map(({ text }) => text),
    starts.map(({ at }) => at),
    terms.map(({ text }) => text),
  ])
}

/** Those of these documents that are found, newest first. Parameters of the condition begin at $2. */
export function hitsAmong(planId: string, condition: Compiled, ids: readonly string[]): Promise<Hit[]> {
  if (ids.length === 0) return Promise.resolve([])
  return rows<Hit>(
    null,
    `SELECT s.document_id AS id, ${isoText('s.changed_at')} AS "changedAt" FROM search_row s JOIN document d
      ON d.id = s.document_id AND (d.plan_id = s.plan_id) IS TRUE
    WHERE ${LOOKED_AT} AND s.document_id = ANY($${condition.params.length + 2}::uuid[]) AND ${condition.text}
      ORDER BY s.changed_at DESC, s.document_id DESC`,
    [planId, ...condition.params, ids],
  )
}

/** The hits of a condition, as a statement. */
export function matching(condition: Pick<Compiled, 'text' | 'reads'>, inPlan: string): string {
  return `SELECT s.document_id, s.changed_at FROM search_row s ${joinFor(condition)} WHERE ${inPlan}
    AND ${condition.text}`
}

export function joinFor(condition: Pick<Compiled, 'reads'>): string {
  return condition.reads.document ? 'JOIN document d ON d.id = s.document_id AND (d.plan_id = s.plan_id) IS TRUE' : ''
}

/**
 * `found`: how many the index gave, one more than were wanted stands for more, and then there are no hits. `count`: how
 * many there are, null where not all were looked at.
 */
export interface Collected {
  readonly found: number
  readonly count: number | null
  /** Those among the named. */
  readonly named: readonly Hit[]
  /** The newest of the others. */
  readonly hits: readonly Hit[]
}

/**
 * The newest hits, where the index of words finds at most `most`: all are found, counted and sorted in one statement,
 * and looked at in their texts, where that is needed, the newest first until `limit` are right. (What is found is a
 * list of its own, read only as far as needed: a limit right on it makes PostgreSQL read the documents one by one.)
 * Parameters of the condition begin at $2.
 */
export async function collectNewest(
  planId: string,
  condition: Compiled,
  most: number,
  limit: number,
  named: readonly string[],
): Promise<Collected> {
  const { found, check, reads } = condition.parts ?? { found: condition.text, check: null, reads: condition.reads }
  const [checked, where] =
    check === null ? ['', 'true'] : ['JOIN document d ON d.id = s.document_id AND (d.plan_id = $1) IS TRUE', check]
  const enough = `(SELECT found FROM number) <= ${Math.trunc(most)}`
  const newest = 'ORDER BY s.changed_at DESC, s.document_id DESC'
  const each = (from: string) =>
    `(SELECT json_agg(json_build_object('id', x.document_id, 'changedAt', ${isoText('x.changed_at')})
      ORDER BY x.changed_at DESC, x.document_id DESC) FROM (${from}) x)`
  const [collected] = await rows<{ found: number; named: Hit[] | null; hits: Hit[] | null }>(
    null,
    `WITH hits AS MATERIALIZED (${matching({ text: found, reads }, await planPredicate(planId, condition))}),
      listed AS MATERIALIZED (SELECT * FROM hits LIMIT ${Math.trunc(most) + 1}),
    number AS MATERIALIZED (SELECT count(*)::int AS found FROM listed),
      named AS MATERIALIZED (SELECT unnest($${condition.params.length + 2}::uuid[]) AS id)
    SELECT (SELECT found FROM number) AS found, ${each(`SELECT s.* FROM (SELECT s.* FROM named JOIN listed s
      ON s.document_id = named.id WHERE ${enough} OFFSET 0) s ${checked} WHERE ${where}`)} AS named,
      ${each(`SELECT s.* FROM (SELECT * FROM listed s WHERE ${enough} AND s.document_id NOT IN (SELECT id
        FROM named) ${newest} OFFSET 0) s ${checked} WHERE ${where} ${newest} LIMIT ${Math.trunc(limit)}`)} AS hits`,
    [planId, ...condition.params, named],
  )
  const {
    found: number,
    named: inNames,
    hits,
  } = { found: collected?.found ?? 0, named: collected?.named ?? [], hits: collected?.hits ?? [] }
  return {
    found: number,
    named: inNames,
    hits,
    count: number > most ? null : check === null ? number : hits.length < limit ? inNames.length + hits.length : null,
  }
}

/**
 * Hits but these, newest first, where many are expected: the newest documents, or those after a hit, are walked until
 * the page is full. Parameters of the condition begin at $2.
 */
export function walkInside(
  planId: string,
  condition: Compiled,
  { after, but, limit }: { readonly after: Hit | null; readonly but: readonly string[]; readonly limit: number },
): Promise<Hit[]> {
  const [at, id, named] = [2, 3, 4].map(index => `$${condition.params.length + index}`)
  return rows<Hit>(
    null,
    `WITH named AS MATERIALIZED (SELECT unnest(${named}::uuid[]) AS id)
      SELECT x.document_id AS id, ${isoText('x.changed_at')} AS "changedAt" FROM (
      ${matching(condition, IN_PLAN)} AND (${at}::timestamptz IS NULL
        OR (s.changed_at, s.document_id) < (${at}::timestamptz, ${id}::uuid)) AND s.document_id NOT IN (SELECT id
          FROM named)
      ORDER BY s.changed_at DESC, s.document_id DESC LIMIT ${Math.trunc(limit)}) x
    ORDER BY x.changed_at DESC, x.document_id DESC`,
    [planId, ...condition.params, after?.changedAt ?? null, after?.id ?? null, but],
  )
}

export type RankFacts = Omit<Candidate, 'page' | 'near'> & {
  readonly id: string
  readonly folderIds: readonly FolderId[]
}

/**
 * What best match looks at, of documents in any order; their folders where these are wanted, which takes as long as all
 * else.
 */
export function rankFacts(planId: string, ids: readonly string[], withFolders: boolean): Promise<RankFacts[]> {
  const places = withFolders
    ? `(SELECT p.document_id AS id, array_agg(p.folder_id) AS folders FROM placement p
      WHERE p.document_id = ANY($2::uuid[]) AND p.plan_id = $1 AND p.folder_id IS NOT NULL GROUP BY 1)`
    : '(SELECT NULL::uuid AS id, NULL::uuid[] AS folders WHERE false)'
  return rows<RankFacts>(
    null,
    prepared(
      `rank-facts${withFolders ? '-folders' : ''}`,
      `WITH tags AS MATERIALIZED (SELECT g.target_id AS id, string_agg(t.folded, ' ') AS words FROM tagging g JOIN tag t
        ON t.id = g.tag_id AND t.plan_id = g.plan_id WHERE g.target_id = ANY($2::uuid[]) AND g.plan_id = $1 GROUP BY 1),
      places AS MATERIALIZED ${places}
    SELECT d.id, d.folded, d.remark_folded AS remark, d.sender_folded AS sender, coalesce(r.heads, '') AS heads,
      ${isoText('d.changed_at')} AS "changedAt",
      coalesce(tags.words, '') AS "tagWords", star.id IS NOT NULL AS starred, coalesce(v.count, 0) AS visits,
        coalesce(places.folders, '{}') AS "folderIds"
    FROM document d LEFT JOIN reading r ON r.blob_id = d.blob_id LEFT JOIN visit v ON v.document_id = d.id
      AND (v.plan_id = d.plan_id) IS TRUE LEFT JOIN star ON star.plan_id = d.plan_id AND star.id = d.id
      LEFT JOIN tags ON tags.id = d.id LEFT JOIN places ON places.id = d.id WHERE d.plan_id = $1
        AND d.id = ANY($2::uuid[])`,
    ),
    [planId, ids],
  )
}
