import type { Transaction } from '../client'
import { rows, execute } from '../client'

type ThumbnailState = 'waiting' | 'made' | 'none'
export interface Thumbnail {
  readonly id: string
  readonly state: ThumbnailState
}

/**
 * How far the pictures of these documents are. `wanted` is for how many none was ever asked for: they now wait.
 */
export async function wantThumbnails(
  planId: string,
  documentIds: readonly string[],
): Promise<{ thumbnails: Thumbnail[]; wanted: number }> {
  const [found] = await rows<{ thumbnails: Thumbnail[] | null; wanted: number }>(
    null,
    `WITH d AS MATERIALIZED (
      SELECT id, blob_id FROM document WHERE plan_id = $1 AND id = ANY($2::uuid[]) AND trashed_at IS NULL),
    asked AS (INSERT INTO thumbnail AS t (blob_id, plan_id, state, asked_at)
      SELECT DISTINCT blob_id, $1::uuid, 'waiting', now() FROM d ORDER BY blob_id ON CONFLICT (blob_id) DO NOTHING
        RETURNING t.blob_id)
    SELECT (SELECT json_agg(json_build_object('id', d.id, 'state', coalesce(t.state, 'waiting'))) FROM d LEFT
      JOIN thumbnail t ON t.blob_id = d.blob_id) AS thumbnails,
      (SELECT count(*)::int FROM asked) AS wanted`,
    [planId, documentIds],
  )
  return { thumbnails: found?.thumbnails ?? [], wanted: found?.wanted ?? 0 }
}

/** Keeps a picture, or that there is none; nothing where it was forgotten or asked for anew meanwhile. */
export async function keepThumbnail(blobId: string, askedAt: string, picture: Buffer | null): Promise<void> {
  await execute(
    null,
    'UPDATE thumbnail SET state = $2, picture = $3 WHERE blob_id = $1 AND asked_at = $4::timestamptz',
    [blobId, picture === null ? 'none' : 'made', picture, askedAt],
  )
}

/**
 * Its words are known now: what could not be drawn without them, or is being drawn at this moment, is to be asked for
 * again.
 */
export async function forgetThumbnail(transaction: Transaction, blobId: string): Promise<void> {
  await execute(transaction, `DELETE FROM thumbnail WHERE blob_id = $1 AND state <> 'made'`, [blobId])
}

/** Throws nothing; undefined where there is none. */
export async function pictureOf(planId: string, documentId: string): Promise<Buffer | undefined> {
  const [found] = await rows<{ picture: Buffer }>(
    null,
    `SELECT t.picture FROM document d JOIN thumbnail t ON t.blob_id = d.blob_id AND t.state = 'made'
      WHERE d.plan_id = $1 AND d.id = $2`,
    [planId, documentId],
  )
  return found?.picture
}

/** Its process ended, and it is tried once more. */
export async function thumbnailAgain(blobId: string): Promise<void> {
  await execute(null, `UPDATE thumbnail SET taken_at = NULL WHERE blob_id = $1 AND state = 'waiting'`, [blobId])
}
