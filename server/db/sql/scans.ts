// Pages whose text is recognised in the background.

import type { Transaction } from '../client'
import { rows, execute } from '../client'

/** The words of pages that were recognised. */
export function recognisedPages(blobId: string): Promise<{ page: number; body: string }[]> {
  return rows(
    null,
    'SELECT t.page, t.body FROM page_words w JOIN page_text t ON t.blob_id = w.blob_id AND t.page = w.page WHERE ' +
      'w.blob_id = $1',
    [blobId],
  )
}

/**
 * Puts pages on the list to be recognised; what was recognised before is forgotten but for the pages that are `kept`.
 */
export async function addScanPages(
  transaction: Transaction,
  blobId: string,
  pages: readonly number[],
  kept: readonly number[],
): Promise<void> {
  await execute(transaction, 'DELETE FROM scan_page WHERE blob_id = $1', [blobId])
  await execute(transaction, 'DELETE FROM page_words WHERE blob_id = $1 AND page <> ALL($2::int[])', [blobId, kept])
  await execute(
    transaction,
    'INSERT INTO scan_page (blob_id, plan_id, page) SELECT b.id, b.plan_id, p.page FROM blob b, ' +
      'unnest($2::int[]) AS p(page) WHERE b.id = $1',
    [blobId, pages],
  )
}

export interface RecognisedPage {
  readonly page: number
  readonly body: string
  readonly folded: string
  readonly words: readonly object[]
  readonly confidence: number
}

/** Keeps what was recognised and takes the page off the list. */
export async function writeScanPage(
  transaction: Transaction,
  blobId: string,
  { page, body, folded, words, confidence }: RecognisedPage,
): Promise<void> {
  await execute(transaction, 'DELETE FROM scan_page WHERE blob_id = $1 AND page = $2', [blobId, page])
  await execute(
    transaction,
    `UPDATE page_text SET body = $3, folded = ' ' || $4 || ' ' WHERE blob_id = $1 AND page = $2`,
    [blobId, page, body, folded],
  )
  await execute(
    transaction,
    `INSERT INTO page_words (blob_id, page, words, confidence) VALUES ($1, $2, $3::jsonb, $4)
      ON CONFLICT (blob_id, page) DO UPDATE SET words = excluded.words, confidence = excluded.confidence`,
    [blobId, page, JSON.stringify(words), confidence],
  )
}

/** Its process ended, and it is tried once more. */
export async function scanPageAgain(blobId: string, page: number): Promise<void> {
  await execute(null, 'UPDATE scan_page SET taken_at = NULL WHERE blob_id = $1 AND page = $2', [blobId, page])
}

/** Gives a page up; its document says so. */
export async function dropScanPage(blobId: string, page: number): Promise<void> {
  await execute(null, 'DELETE FROM scan_page WHERE blob_id = $1 AND page = $2', [blobId, page])
}

export interface ScanQueue {
  readonly pages: number
  readonly documents: number
  readonly recognising: boolean
  readonly languages: readonly string[] | null
}

/** What is left to be recognised for one plan, and its settings. */
export async function scanQueue(planId: string): Promise<ScanQueue> {
  const [found] = await rows<ScanQueue>(
    null,
    `SELECT l.recognising, l.recognise_languages AS languages, coalesce(q.pages, 0)::int AS pages, coalesce(q.documents,
      0)::int AS documents FROM plan l
    LEFT JOIN LATERAL (SELECT count(*) AS pages, count(DISTINCT s.blob_id) AS documents FROM scan_page s
      WHERE s.plan_id = l.id) q ON true WHERE l.id = $1`,
    [planId],
  )
  if (!found) throw new Error('The plan is gone.')
  return found
}

/** As the person chose; null: as the plan mostly holds. */
export async function chosenLanguages(planId: string): Promise<string[] | null> {
  return (
    (
      await rows<{ languages: string[] | null }>(
        null,
        'SELECT recognise_languages AS languages FROM plan WHERE id = $1',
        [planId],
      )
    )[0]?.languages ?? null
  )
}

export async function setRecognising(
  planId: string,
  recognising: boolean,
  languages: readonly string[] | null,
): Promise<void> {
  await execute(null, 'UPDATE plan SET recognising = $2, recognise_languages = $3::text[] WHERE id = $1', [
    planId,
    recognising,
    languages,
  ])
}

/** Some newest pages of a plan, to tell in which languages it is written. */
export async function somePages(planId: string): Promise<string[]> {
  return (
    await rows<{ body: string }>(
      null,
      `SELECT left(p.body, 1500) AS body FROM (SELECT blob_id FROM document WHERE plan_id = $1 AND trashed_at IS NULL
        ORDER BY changed_at DESC LIMIT 300) d JOIN page_text p ON p.blob_id = d.blob_id AND p.page = 1
          WHERE p.body <> ''`,
      [planId],
    )
  ).map(row => row.body)
}

export async function scansLeft(blobId: string): Promise<number> {
  return (
    (
      await rows<{ count: number }>(null, 'SELECT count(*)::int AS count FROM scan_page WHERE blob_id = $1', [blobId])
    )[0]?.count ?? 0
  )
}

export interface PageWords {
  readonly page: number
  readonly words: readonly { readonly text: string; readonly box: readonly number[] }[]
}

/** Where the words of the recognised pages stand. */
export function wordsOfPages(blobId: string): Promise<PageWords[]> {
  return rows(null, 'SELECT page, words FROM page_words WHERE blob_id = $1 ORDER BY page LIMIT 500', [blobId])
}
