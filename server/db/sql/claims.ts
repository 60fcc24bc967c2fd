// Work that waits in a table is claimed plan by plan: the plan behind the one that was served last, so that a plan with
// five thousand documents does not hold up another's one. Each plan is found by one step in the index.

import { rows, execute } from '../client'

/** Plans that have as much work under way as one may, and the plan that was served last. */
export interface Turn {
  readonly busy: readonly string[]
  readonly after: string
}

const bindOf = ({ busy, after }: Turn) => [busy, after]

function planInTurn(table: 'reading' | 'thumbnail' | 'scan_page', waiting: string, allowed = 'true'): string {
  return `RECURSIVE plans AS ((SELECT w.plan_id FROM ${table} w WHERE ${waiting} ORDER BY w.plan_id LIMIT 1)
      UNION ALL SELECT (SELECT w.plan_id FROM ${table} w WHERE ${waiting} AND w.plan_id > plans.plan_id
        ORDER BY w.plan_id LIMIT 1) FROM plans WHERE plans.plan_id IS NOT NULL),
    turn AS MATERIALIZED (SELECT plan_id FROM plans WHERE plan_id IS NOT NULL AND plan_id <> ALL($1::uuid[])
      AND ${allowed} ORDER BY plan_id <= $2::uuid, plan_id LIMIT 1)`
}

export interface ReadingClaim {
  readonly blobId: string
  readonly planId: string
  readonly extension: string
  readonly size: number
}

export async function claimReading(turn: Turn): Promise<ReadingClaim | undefined> {
  const found = await rows<ReadingClaim>(
    null,
    `WITH ${planInTurn('reading', `w.state = 'waiting'`)},
    next AS (SELECT w.blob_id FROM reading w WHERE w.state = 'waiting' AND w.plan_id = (SELECT plan_id FROM turn)
      ORDER BY w.later, w.changed_at LIMIT 1 FOR UPDATE SKIP LOCKED)
    UPDATE reading r SET state = 'reading', changed_at = now() FROM next, blob b WHERE r.blob_id = next.blob_id
      AND b.id = r.blob_id
    RETURNING r.blob_id AS "blobId", r.plan_id AS "planId", r.extension, b.size::float8 AS size`,
    bindOf(turn),
  )
  return found[0]
}

export interface ThumbnailClaim {
  readonly blobId: string
  readonly planId: string
  readonly size: number
  /** Which request this is. */
  readonly requestedAt: string
  readonly extension: string | null
  /** The beginning of its text; empty where nothing was read. */
  readonly text: string
}

export async function claimThumbnail(turn: Turn): Promise<ThumbnailClaim | undefined> {
  const found = await rows<ThumbnailClaim>(
    null,
    `WITH ${planInTurn('thumbnail', `w.state = 'waiting' AND w.taken_at IS NULL`)},
    next AS (SELECT w.blob_id FROM thumbnail w WHERE w.state = 'waiting' AND w.taken_at IS NULL
      AND w.plan_id = (SELECT plan_id FROM turn) ORDER BY w.asked_at LIMIT 1 FOR UPDATE SKIP LOCKED)
    UPDATE thumbnail t SET taken_at = now() FROM next, blob b WHERE t.blob_id = next.blob_id AND b.id = t.blob_id
    RETURNING t.blob_id AS "blobId", t.plan_id AS "planId", b.size::float8 AS size, t.asked_at::text AS "requestedAt",
      (SELECT d.extension FROM document d WHERE d.blob_id = t.blob_id ORDER BY d.id LIMIT 1) AS extension,
      coalesce((SELECT left(p.body, 4000) FROM page_text p WHERE p.blob_id = t.blob_id AND p.body <> '' ORDER BY p.page
        LIMIT 1), '') AS text`,
    bindOf(turn),
  )
  return found[0]
}

export interface ScanClaim {
  readonly blobId: string
  readonly planId: string
  readonly page: number
  readonly extension: string
  readonly size: number
}

/** The next page of a plan that recognises text. */
export async function claimScanPage(turn: Turn): Promise<ScanClaim | undefined> {
  const found = await rows<ScanClaim>(
    null,
    `WITH ${planInTurn('scan_page', 'w.taken_at IS NULL', 'plan_id IN (SELECT id FROM plan WHERE recognising)')},
    next AS (SELECT w.blob_id, w.page FROM scan_page w WHERE w.taken_at IS NULL AND w.plan_id = (SELECT plan_id
      FROM turn) ORDER BY w.added_at, w.page LIMIT 1 FOR UPDATE SKIP LOCKED)
    UPDATE scan_page s SET taken_at = now() FROM next, reading r, blob b WHERE s.blob_id = next.blob_id
      AND s.page = next.page AND r.blob_id = s.blob_id AND b.id = s.blob_id
    RETURNING s.blob_id AS "blobId", s.plan_id AS "planId", s.page, r.extension, b.size::float8 AS size`,
    bindOf(turn),
  )
  return found[0]
}

/** Gives back what was claimed for longer than so many seconds, as by a server that ended; how many. */
export async function releaseClaims(seconds: number): Promise<number> {
  const before = 'now() - make_interval(secs => $1)'
  return (
    (await execute(null, `UPDATE reading SET state = 'waiting' WHERE state = 'reading' AND changed_at <= ${before}`, [
      seconds,
    ])) +
    (await execute(null, `UPDATE thumbnail SET taken_at = NULL WHERE state = 'waiting' AND taken_at <= ${before}`, [
      seconds,
    ])) +
    (await execute(null, `UPDATE scan_page SET taken_at = NULL WHERE taken_at <= ${before}`, [seconds]))
  )
}

/**
 * Notes that bytes are about to be opened for this purpose; how often that was begun without coming to an end, this
 * time included.
 */
export async function noteOpening(blobId: string, purpose: string): Promise<number> {
  const [noted] = await rows<{ tries: number }>(
    null,
    `INSERT INTO opening AS o (blob_id, purpose, tries, begun_at) VALUES ($1, $2, 1, now())
    ON CONFLICT (blob_id, purpose) DO UPDATE SET tries = o.tries + 1, begun_at = now() RETURNING tries`,
    [blobId, purpose],
  )
  return noted?.tries ?? 1
}

/** It came to an end, whatever that was. */
export async function forgetOpening(blobId: string, purpose: string): Promise<void> {
  await execute(null, 'DELETE FROM opening WHERE blob_id = $1 AND purpose = $2', [blobId, purpose])
}

/** How much waits to be opened. */
export async function countWaiting(): Promise<Record<'reading' | 'thumbnail' | 'page', number>> {
  const [counts] = await rows<Record<'reading' | 'thumbnail' | 'page', number>>(
    null,
    `SELECT (SELECT count(*)::int FROM reading WHERE state = 'waiting') AS reading,
    (SELECT count(*)::int FROM thumbnail WHERE state = 'waiting'
      AND taken_at IS NULL) AS thumbnail, (SELECT count(*)::int FROM scan_page WHERE taken_at IS NULL) AS page`,
  )
  return counts ?? { reading: 0, thumbnail: 0, page: 0 }
}
