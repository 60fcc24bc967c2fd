import { READABLE } from '../../../core/formats/index'
import type { Language, PageText, PartKind, PartName, ReadFacts, TickCount } from '../../../core/text/index'
import type { Transaction } from '../client'
import { rows, execute } from '../client'

/** locked: its bytes are sealed, and nobody opens them. */
type ReadingState = 'waiting' | 'reading' | 'read' | 'failed' | 'locked'

export interface Reading {
  readonly state: ReadingState
  readonly reason: string | null
  readonly pages: number
  /** True where pages are real ones, as in a PDF; otherwise they are parts of a text. */
  readonly paged: boolean
  readonly title: string
  readonly author: string
  /** null: not known. */
  readonly language: Language | null
  /** How many parts of each kind it has. */
  readonly parts: readonly { readonly kind: PartKind; readonly count: number }[]
}

/**
 * Asks for bytes to be read again that were read or could not be, recognised pages as well; true when they now wait.
 */
export async function wantAgain(planId: string, blobId: string, extension: string): Promise<boolean> {
  return (
    (await execute(
      null,
      `WITH forgotten AS (DELETE FROM page_words WHERE blob_id = $1), opened AS (DELETE FROM opening
        WHERE blob_id = $1), drawn AS (DELETE FROM thumbnail WHERE blob_id = $1 AND state <> 'made')
    INSERT INTO reading (blob_id, plan_id, state, extension, changed_at) VALUES ($1, $3, 'waiting', $2, now())
    ON CONFLICT (blob_id) DO UPDATE SET state = 'waiting', reason = NULL, extension = excluded.extension, later = false,
      changed_at = now() WHERE reading.state IN ('failed', 'read')`,
      [blobId, extension, planId],
    )) > 0
  )
}

// In one order, and nothing is tried that is there: who holds a plan must not wait for a reader, which waits for the
// plan.
const WANT = `INSERT INTO reading AS r (blob_id, plan_id, state, extension, later, changed_at)
  SELECT DISTINCT ON (d.blob_id) d.blob_id, d.plan_id, 'waiting', d.extension, $2, now() FROM document d
    WHERE d.extension = ANY($1::text[])
    AND NOT EXISTS (SELECT FROM reading o WHERE o.blob_id = d.blob_id AND (o.state <> 'failed'
      OR o.extension = d.extension))`
// Bytes that could not be read under one extension are tried under another.
const WANTED = `ORDER BY d.blob_id ON CONFLICT (blob_id) DO UPDATE
  SET state = 'waiting', reason = NULL, extension = excluded.extension, later = excluded.later, changed_at = now()
  WHERE r.state = 'failed' AND r.extension <> excluded.extension RETURNING r.blob_id AS "blobId"`

/**
 * Asks for the contents of these documents to be read that never were; how many now wait. `later`: behind what somebody
 * waits for.
 */
export async function wantReadings(
  transaction: Transaction,
  planId: string,
  documentIds: readonly string[],
  later: boolean,
): Promise<number> {
  return (
    await rows(transaction, `${WANT} AND d.plan_id = $4 AND d.id = ANY($3::uuid[]) ${WANTED}`, [
      READABLE,
      later,
      documentIds,
      planId,
    ])
  ).length
}

/** The same for all documents, and for what became readable since they came. */
export function wantMissing(): Promise<number> {
  return execute(null, `${WANT} ${WANTED}`, [READABLE, true])
}

/**
 * Contents of these documents whose words are still to come, as an act sees it before it takes over those that are
 * there.
 */
export async function unsettledReadings(
  transaction: Transaction,
  planId: string,
  documentIds: readonly string[],
): Promise<string[]> {
  const found = await rows<{ blobId: string }>(
    transaction,
    `SELECT DISTINCT r.blob_id AS "blobId" FROM document d JOIN reading r ON r.blob_id = d.blob_id
    WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[]) AND (r.state IN ('waiting', 'reading') OR EXISTS (SELECT
      FROM scan_page q WHERE q.blob_id = r.blob_id))`,
    [planId, documentIds],
  )
  return found.map(row => row.blobId)
}

/** Which of these a reader has begun with; it says so before it keeps their words. */
export async function begunReadings(blobIds: readonly string[]): Promise<string[]> {
  return (
    await rows<{ blobId: string }>(
      null,
      `SELECT blob_id AS "blobId" FROM reading WHERE blob_id = ANY($1::uuid[]) AND state IN ('reading', 'read')`,
      [blobIds],
    )
  ).map(row => row.blobId)
}

/**
 * Holds what is known of the words of these bytes until the transaction ends; false when they are gone, or were locked
 * meanwhile. Whoever writes them, or deletes them for good, does this before it holds a plan.
 */
export async function holdReading(transaction: Transaction, blobId: string): Promise<boolean> {
  return (
    (await rows(transaction, `SELECT 1 FROM reading WHERE blob_id = $1 AND state <> 'locked' FOR UPDATE`, [blobId]))
      .length > 0
  )
}

/** Waits for a reader that is about to keep the words of these bytes; true when they are read. */
export async function awaitReading(transaction: Transaction, blobId: string): Promise<boolean> {
  return (
    (
      await rows<{ state: ReadingState }>(transaction, 'SELECT state FROM reading WHERE blob_id = $1 FOR UPDATE', [
        blobId,
      ])
    )[0]?.state === 'read'
  )
}

export async function readingOf(blobId: string): Promise<Reading | undefined> {
  const found = await rows<Reading>(
    null,
    `SELECT state, reason, pages, paged, title, author, language, (SELECT
      coalesce(json_agg(json_build_object('kind', kind,
      'count', count)), '[]') FROM (SELECT kind, count(*)::int FROM page_text WHERE blob_id = $1 GROUP BY
        kind) p) AS parts
    FROM reading WHERE blob_id = $1`,
    [blobId],
  )
  return found[0]
}

/** What one statement writes of pages: the text of a book would be too long for one. */
const PAGES_AT_ONCE = 200

export async function writePages(
  transaction: Transaction,
  blobId: string,
  {
    pages,
    paged,
    ticks,
  }: { readonly pages: readonly (PageText & PartName)[]; readonly paged: boolean; readonly ticks: TickCount },
): Promise<void> {
  await execute(transaction, 'DELETE FROM page_text WHERE blob_id = $1', [blobId])
  for (let from = 0; from < pages.length; from += PAGES_AT_ONCE) {
    await execute(
      transaction,
      `INSERT INTO page_text (blob_id, page, kind, name, body, folded)
        SELECT $1::uuid, x.page, x.kind, x.name, x.body, ' ' || x.folded || ' '
      FROM jsonb_to_recordset($2::jsonb) AS x(page int, kind text, name text, body text, folded text)`,
      [blobId, JSON.stringify(pages.slice(from, from + PAGES_AT_ONCE))],
    )
  }
  await execute(
    transaction,
    `UPDATE reading SET state = 'read', reason = NULL, pages = $2, paged = $3, ticks = $4, ticks_done = $5,
      changed_at = now() WHERE blob_id = $1`,
    [blobId, pages.length, paged, ticks.all, ticks.done],
  )
}

/**
 * What the text of a document says of it, and the words by which it is found; a title or author that is known stays
 * where none is given.
 */
export async function writeFacts(
  transaction: Transaction,
  blobId: string,
  { language, title, author, heads, datedAt }: ReadFacts,
  lexemes: readonly string[],
  { reader, located }: { readonly reader: number; readonly located: boolean },
): Promise<void> {
  await execute(
    transaction,
    `UPDATE reading SET language = $2, title = coalesce(nullif($3, ''), title), author = coalesce(nullif($4, ''),
      author), heads = $5, dated_at = $6::timestamptz,
    words = array_to_tsvector($7::text[]), reader = $8, located = $9, changed_at = now() WHERE blob_id = $1`,
    [blobId, language, title, author, heads, datedAt, lexemes, reader, located],
  )
}

export async function bodiesOf(transaction: Transaction, blobId: string): Promise<string[]> {
  return (
    await rows<{ body: string }>(transaction, 'SELECT body FROM page_text WHERE blob_id = $1 ORDER BY page', [blobId])
  ).map(row => row.body)
}

/** Asks for bytes that an older reader read to be read again, behind what already waits; how many. */
export function wantNewer(reader: number, limit: number): Promise<number> {
  return execute(
    null,
    `UPDATE reading SET state = 'waiting', reader = $1, later = true, changed_at = now()
    WHERE blob_id IN (SELECT r.blob_id FROM reading r WHERE r.reader < $1 AND r.state IN ('read', 'failed') LIMIT $2)`,
    [reader, limit],
  )
}

/** Its process ended, and it is tried once more. */
export async function waitAgain(blobId: string): Promise<void> {
  await execute(null, `UPDATE reading SET state = 'waiting' WHERE blob_id = $1 AND state = 'reading'`, [blobId])
}

export async function failReading(blobId: string, reason: string): Promise<void> {
  await execute(
    null,
    `UPDATE reading SET state = 'failed', reason = $2, changed_at = now() WHERE blob_id = $1 AND state <> 'locked'`,
    [blobId, reason],
  )
}

/** Tells the windows of every plan with a live document of these bytes, in one statement for all of them. */
export async function notifyHolders(blobId: string, type: 'reading' | 'thumbnail'): Promise<void> {
  await execute(
    null,
    `SELECT pg_notify('hembix', json_build_object('type', $2::text, 'planId', plan_id, 'documentId', id)::text)
      FROM document WHERE blob_id = $1 AND trashed_at IS NULL`,
    [blobId, type],
  )
}

export type NamedPage = PartName & { readonly page: number; readonly body: string }

export function pagesOf(blobId: string, from: number, limit: number): Promise<NamedPage[]> {
  return rows(
    null,
    'SELECT page, kind, name, body FROM page_text WHERE blob_id = $1 AND page >= $2 ORDER BY page LIMIT $3',
    [blobId, from, limit],
  )
}

/** Pages that hold any of the patterns (LIKE, on folded text). */
export function pagesLike(blobId: string, patterns: readonly string[], limit: number): Promise<NamedPage[]> {
  return rows(
    null,
    'SELECT page, kind, name, body FROM page_text WHERE blob_id = $1 AND folded LIKE ANY($2::text[]) ORDER BY ' +
      'page LIMIT $3',
    [blobId, patterns, limit],
  )
}

/** The names of all parts of a document, in their order. */
export function partNamesOf(blobId: string, limit: number): Promise<(PartName & { readonly page: number })[]> {
  return rows(null, 'SELECT page, kind, name FROM page_text WHERE blob_id = $1 ORDER BY page LIMIT $2', [blobId, limit])
}
