// The page of each document on which most of the sought words stand.

import type { PartName } from '../../../core/text/index'
import type { Transaction } from '../client'
import { execute, prepared, rows } from '../client'

/** `paged` and `scanned` as of the reading. */
export interface BestPage extends PartName {
  readonly id: string
  readonly page: number
  readonly body: string
  readonly folded: string
  readonly paged: boolean
  readonly scanned: boolean
}

/** An entry of the index by pages: of which word of the query, how much it counts, whether it is only a beginning. */
export interface PageEntry {
  readonly entry: string
  readonly bucket: number
  readonly term: number
  readonly weight: number
  readonly prefix: boolean
}

export interface PageQuery {
  /** LIKE, on folded text; for documents without an index by pages. */
  readonly patterns: readonly string[]
  readonly entries: readonly PageEntry[]
  /** All words next to each other, as LIKE; pages with it come first. */
  readonly phrase: string
}

// Of the pages that hold most of the words, so many are looked at for the whole phrase.
const LOOKED_AT = 6
// A statement of its own for each number of patterns, up to so many.
const FEW_PATTERNS = 24

/** Of equals the first; the only page of a document is its best one, whatever stands on it. */
export async function bestPages(planId: string, documentIds: readonly string[], query: PageQuery): Promise<BestPage[]> {
  const found = await Promise.all([
    pagesOfShort(planId, documentIds, query),
    query.entries.length > 0 ? pagesOfLong(planId, documentIds, query) : [],
  ])
  return found.flat()
}

const SHOWN = `t.page, t.kind, t.name, t.body, t.folded, d.paged,
  EXISTS (SELECT FROM page_words w WHERE w.blob_id = d.blob_id AND w.page = t.page) AS scanned`
const AMONG = `SELECT d.id, d.blob_id, r.paged, r.pages FROM document d JOIN reading r ON r.blob_id = d.blob_id
  WHERE d.plan_id = $2 AND d.id = ANY($1::uuid[])`

function pagesOfShort(planId: string, ids: readonly string[], { patterns, phrase }: PageQuery): Promise<BestPage[]> {
  const most = patterns.map((_, index) => `(p.folded LIKE ($3::text[])[${index + 1}])::int`).join(' + ')
  const sql = `WITH d AS MATERIALIZED (${AMONG} AND NOT r.located)
    SELECT d.id, ${SHOWN} FROM d JOIN page_text t ON t.blob_id = d.blob_id WHERE d.pages = 1
    UNION ALL SELECT d.id, ${SHOWN} FROM d CROSS JOIN LATERAL (SELECT page, kind, name, body, folded FROM page_text p
      WHERE p.blob_id = d.blob_id AND p.folded LIKE ANY($3::text[])
      ORDER BY (p.folded LIKE $4) DESC, ${most} DESC, p.page LIMIT 1) t WHERE d.pages <> 1`
  return rows(null, patterns.length > FEW_PATTERNS ? sql : prepared(`best-pages-${patterns.length}`, sql), [
    ids,
    planId,
    patterns,
    phrase,
  ])
}

function pagesOfLong(planId: string, ids: readonly string[], { entries, phrase }: PageQuery): Promise<BestPage[]> {
  return rows(
    null,
    prepared(
      'best-pages-located',
      `WITH d AS MATERIALIZED (${AMONG} AND r.located),
      e AS MATERIALIZED (SELECT * FROM unnest($3::text[], $4::int[], $5::int[], $6::int[], $7::bool[])
        AS e(entry, bucket, term, weight, prefix)),
      held AS MATERIALIZED (SELECT d.id, e.term, page, max(e.weight) AS weight
        FROM d JOIN page_lexeme l ON l.blob_id = d.blob_id AND l.bucket = ANY(SELECT bucket FROM e)
        CROSS JOIN LATERAL unnest(l.words) w
        JOIN e ON w.lexeme = e.entry OR (e.prefix AND starts_with(w.lexeme, e.entry))
        CROSS JOIN LATERAL unnest(w.positions) AS page GROUP BY 1, 2, 3),
      ranked AS MATERIALIZED (SELECT id, page, sum(weight) AS weight,
        row_number() OVER (PARTITION BY id ORDER BY sum(weight) DESC, page) AS nth FROM held GROUP BY 1, 2)
      SELECT DISTINCT ON (d.id) d.id, ${SHOWN}
      FROM ranked JOIN d ON d.id = ranked.id JOIN page_text t ON t.blob_id = d.blob_id AND t.page = ranked.page
      WHERE nth <= ${LOOKED_AT} ORDER BY d.id, (t.folded LIKE $8) DESC, ranked.weight DESC, t.page`,
    ),
    [
      ids,
      planId,
      entries.map(({ entry }) => entry),
      entries.map(({ bucket }) => bucket),
      entries.map(({ term }) => term),
      entries.map(({ weight }) => weight),
      entries.map(({ prefix }) => prefix),
      phrase,
    ],
  )
}

/** Writes the index by pages anew; a document that is not long has none. */
export async function writeLocated(
  transaction: Transaction,
  blobId: string,
  located: readonly { readonly bucket: number; readonly words: string }[],
): Promise<void> {
  await execute(transaction, 'DELETE FROM page_lexeme WHERE blob_id = $1', [blobId])
  if (located.length > 0)
    await execute(
      transaction,
      `INSERT INTO page_lexeme (blob_id, bucket, words) SELECT $1::uuid, x.bucket, x.words::tsvector
        FROM json_to_recordset($2::json) AS x(bucket smallint, words text)`,
      [blobId, JSON.stringify(located)],
    )
}
