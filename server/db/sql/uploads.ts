// Resumable uploads: how far each is, and its bytes while they come in.

import type { Transaction } from '../client'
import { rows, execute } from '../client'
import { isoText } from '../tables'

export interface UploadRow {
  readonly id: string
  readonly blobId: string
  readonly name: string
  readonly size: number
  /** Bytes that are kept; the upload goes on from here. */
  readonly received: number
  readonly metadata: Readonly<Record<string, string | null>>
  readonly createdAt: string
}

const UPLOAD =
  'u.id, u.blob_id AS "blobId", u.name, u.size::float8 AS size, u.received::float8 AS received, ' +
  `u.metadata, ${isoText('u.created_at')} AS "createdAt"`

export async function beginUpload(planId: string, upload: Omit<UploadRow, 'received' | 'createdAt'>): Promise<void> {
  await execute(
    null,
    `WITH b AS (INSERT INTO blob (id, plan_id, created_at) VALUES ($1, $3, now()) RETURNING id)
    INSERT INTO upload (id, plan_id, blob_id, name, size, metadata, created_at)
      SELECT $2, $3, b.id, $4, $5, $6::jsonb, now() FROM b`,
    [upload.blobId, upload.id, planId, upload.name, upload.size, JSON.stringify(upload.metadata)],
  )
}

export function uploadsAmong(
  transaction: Transaction | null,
  planId: string,
  ids: readonly string[],
): Promise<UploadRow[]> {
  return rows(transaction, `SELECT ${UPLOAD} FROM upload u WHERE u.plan_id = $1 AND u.id = ANY($2::uuid[])`, [
    planId,
    ids,
  ])
}

/** The oldest first; a thousand at most. */
export function uploadsOf(planId: string): Promise<UploadRow[]> {
  return rows(null, `SELECT ${UPLOAD} FROM upload u WHERE u.plan_id = $1 ORDER BY u.created_at LIMIT 1000`, [planId])
}

/**
 * Writes one chunk and moves the mark, if the mark is where it is thought to be; else nothing happens and the answer is
 * false.
 */
export async function receiveChunk(
  upload: Pick<UploadRow, 'id' | 'blobId'>,
  seq: number,
  bytes: Buffer,
  from: number,
  to: number,
): Promise<boolean> {
  return (
    (await execute(
      null,
      `WITH mark AS (UPDATE upload SET received = $5, changed_at = now() WHERE id = $1 AND received = $4
        RETURNING blob_id)
    INSERT INTO blob_chunk (blob_id, seq, bytes) SELECT blob_id, $2, $3 FROM mark ON CONFLICT (blob_id, seq) DO UPDATE
      SET bytes = excluded.bytes`,
      [upload.id, seq, bytes, from, to],
    )) === 1
  )
}

/** Forgets uploads; the bytes of those that were not taken in go with them. */
export async function dropUploads(
  transaction: Transaction | null,
  planId: string,
  ids: readonly string[],
): Promise<void> {
  await execute(
    transaction,
    `WITH gone AS (DELETE FROM upload WHERE plan_id = $1 AND id = ANY($2::uuid[]) RETURNING blob_id)
    DELETE FROM blob b USING gone WHERE b.id = gone.blob_id AND b.sha256 IS NULL`,
    [planId, ids],
  )
}

/** Lets an upload stand for bytes that were there already. */
export async function repointUpload(id: string, blobId: string): Promise<void> {
  await execute(null, 'UPDATE upload SET blob_id = $2 WHERE id = $1', [id, blobId])
}

/** Which of these sizes some document of the plan has. */
export async function sizesAmong(planId: string, sizes: readonly number[]): Promise<number[]> {
  const found = await rows<{ size: number }>(
    null,
    'SELECT DISTINCT d.size::float8 AS size FROM document d WHERE d.plan_id = $1 AND d.trashed_at IS NULL AND ' +
      'd.size = ANY($2::bigint[])',
    [planId, sizes],
  )
  return found.map(row => row.size)
}

/** Live documents that hold one of these contents (SHA-256, hex), with their places. */
export function documentsHolding(
  planId: string,
  hashes: readonly string[],
): Promise<{ sha256: string; id: string; name: string; extension: string; folderIds: (string | null)[] }[]> {
  return rows(
    null,
    `SELECT encode(b.sha256, 'hex') AS sha256, d.id, d.name, d.extension, array_agg(p.folder_id
      ORDER BY p.home DESC) AS "folderIds"
    FROM blob b JOIN document d ON d.blob_id = b.id AND d.plan_id = b.plan_id AND d.trashed_at IS NULL JOIN placement p
      ON p.document_id = d.id AND p.plan_id = d.plan_id AND p.live
    WHERE b.plan_id = $1 AND b.sha256 = ANY(SELECT decode(x, 'hex') FROM unnest($2::text[]) x)
      GROUP BY b.sha256, d.id, d.plan_id ORDER BY d.created_at`,
    [planId, hashes],
  )
}

/** Bytes that a plan holds or is about to, and how many uploads are on their way. */
export async function usageOf(planId: string): Promise<{ bytes: number; uploads: number }> {
  const [usage] = await rows<{ bytes: number; uploads: number }>(
    null,
    `SELECT (SELECT coalesce(sum(b.size), 0)::float8 FROM blob b WHERE b.plan_id = $1 AND b.sha256 IS NOT NULL)
      + (SELECT coalesce(sum(u.size), 0)::float8 FROM upload u JOIN blob b ON b.id = u.blob_id WHERE u.plan_id = $1
        AND b.sha256 IS NULL) AS bytes,
    (SELECT count(*)::int FROM upload u WHERE u.plan_id = $1) AS uploads`,
    [planId],
  )
  return usage ?? { bytes: 0, uploads: 0 }
}

/** Forgets uploads to which nothing came for a day, and complete ones that nobody took in for a week; how many. */
export async function dropStaleUploads(now: Date): Promise<number> {
  return execute(
    null,
    `WITH gone AS (DELETE FROM upload WHERE (received < size AND changed_at < $1::timestamptz - interval '1 day')
      OR changed_at < $1::timestamptz - interval '7 days' RETURNING blob_id)
    DELETE FROM blob b USING gone WHERE b.id = gone.blob_id AND b.sha256 IS NULL`,
    [now],
  )
}
