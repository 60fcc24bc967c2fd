import type { Transaction } from '../client'
import { rows, touched } from '../client'

export type ReadingState = 'waiting' | 'reading' | 'read' | 'failed'

export interface Reading {
  readonly state: ReadingState
  readonly reason: string | null
  readonly pages: number
  /** True where pages are real ones, as in a PDF; otherwise they are parts of a text. */
  readonly paged: boolean
}

/** Asks for bytes to be read again that were read or could not be; true when they now wait. */
export async function wantAgain(blobId: string, extension: string): Promise<boolean> {
  return await touched(null, `INSERT INTO reading (blob_id, state, extension, changed_at) VALUES ($1, 'waiting', $2, now())
    ON CONFLICT (blob_id) DO UPDATE SET state = 'waiting', reason = NULL, extension = excluded.extension, changed_at = now() WHERE reading.state IN ('failed', 'read')`, [blobId, extension]) > 0
}

/** Asks for many to be read that never were; those that now wait. */
export async function wantReadings(contents: readonly { readonly blobId: string; readonly extension: string }[]): Promise<string[]> {
  const found = await rows<{ blobId: string }>(null, `INSERT INTO reading (blob_id, state, extension, changed_at) SELECT DISTINCT ON (x."blobId") x."blobId", 'waiting', x.extension, now()
    FROM jsonb_to_recordset($1::jsonb) AS x("blobId" uuid, extension text) ON CONFLICT (blob_id) DO NOTHING RETURNING blob_id AS "blobId"`, [JSON.stringify(contents)])
  return found.map(row => row.blobId)
}

export async function readingOf(blobId: string): Promise<Reading | undefined> {
  const found = await rows<Reading>(null, 'SELECT state, reason, pages, paged FROM reading WHERE blob_id = $1', [blobId])
  return found[0]
}

export async function readingToDo(blobId: string): Promise<{ extension: string; size: number } | undefined> {
  const found = await rows<{ extension: string; size: number }>(null, `UPDATE reading r SET state = 'reading', changed_at = now() FROM blob b
    WHERE r.blob_id = $1 AND b.id = r.blob_id RETURNING r.extension, b.size::float8 AS size`, [blobId])
  return found[0]
}

export interface PageText { readonly page: number; readonly body: string; readonly folded: string }

export async function writePages(transaction: Transaction, blobId: string, pages: readonly PageText[], paged: boolean, lexemes: readonly string[]): Promise<void> {
  await touched(transaction, 'DELETE FROM page_text WHERE blob_id = $1', [blobId])
  await touched(transaction, `INSERT INTO page_text (blob_id, page, body, folded) SELECT $1::uuid, x.page, x.body, ' ' || x.folded || ' '
    FROM jsonb_to_recordset($2::jsonb) AS x(page int, body text, folded text)`, [blobId, JSON.stringify(pages)])
  await touched(transaction, `UPDATE reading SET state = 'read', reason = NULL, pages = $2, paged = $3, words = array_to_tsvector($4::text[]), changed_at = now() WHERE blob_id = $1`,
    [blobId, pages.length, paged, lexemes])
}

export async function failReading(blobId: string, reason: string): Promise<void> {
  await touched(null, `UPDATE reading SET state = 'failed', reason = $2, changed_at = now() WHERE blob_id = $1`, [blobId, reason])
}

/** Bytes that wait, or were being read when the server went down. */
export async function openReadings(): Promise<string[]> {
  const found = await rows<{ blobId: string }>(null, `SELECT blob_id AS "blobId" FROM reading WHERE state IN ('waiting', 'reading')`)
  return found.map(row => row.blobId)
}

/** Live documents that hold these bytes, with their plan, to tell their windows. */
export function documentsOfBlob(blobId: string): Promise<{ id: string; planId: string }[]> {
  return rows(null, 'SELECT id, plan_id AS "planId" FROM document WHERE blob_id = $1 AND trashed_at IS NULL', [blobId])
}

export function pagesOf(blobId: string, from: number, limit: number): Promise<{ page: number; body: string }[]> {
  return rows(null, 'SELECT page, body FROM page_text WHERE blob_id = $1 AND page >= $2 ORDER BY page LIMIT $3', [blobId, from, limit])
}

/** For each document, the page that holds most of the patterns (LIKE, on folded text); the first of equals. */
export function bestPages(documentIds: readonly string[], patterns: readonly string[]): Promise<{ id: string; page: number; body: string; paged: boolean }[]> {
  const most = patterns.length > 1 ? `(${patterns.map((_, index) => `(p.folded LIKE ($2::text[])[${index + 1}])::int`).join(' + ')}) DESC, ` : ''
  return rows(null, `SELECT d.id, t.page, t.body, r.paged FROM document d JOIN reading r ON r.blob_id = d.blob_id
    CROSS JOIN LATERAL (SELECT page, body FROM page_text p WHERE p.blob_id = d.blob_id AND p.folded LIKE ANY($2::text[]) ORDER BY ${most}p.page LIMIT 1) t
    WHERE d.id = ANY($1::uuid[])`, [documentIds, patterns])
}
