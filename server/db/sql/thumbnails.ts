import type { Transaction } from '../client'
import { rows, touched } from '../client'

export type ThumbnailState = 'waiting' | 'made' | 'none'
export interface Thumbnail { readonly id: string; readonly state: ThumbnailState }

// A job that was lost with its server is asked for again after this.
const LOST = `interval '2 minutes'`

/**
 * How far the pictures of these documents are. `wanted` are the contents for which none was ever asked for, or whose job
 * was lost: they are noted as asked for by this statement, so nobody asks twice.
 */
export async function wantThumbnails(planId: string, documentIds: readonly string[]): Promise<{ thumbnails: Thumbnail[]; wanted: string[] }> {
  const [found] = await rows<{ thumbnails: Thumbnail[] | null; wanted: string[] | null }>(null, `WITH d AS MATERIALIZED (
      SELECT id, blob_id FROM document WHERE plan_id = $1 AND id = ANY($2::uuid[]) AND trashed_at IS NULL),
    asked AS (INSERT INTO thumbnail AS t (blob_id, state, asked_at) SELECT DISTINCT blob_id, 'waiting', now() FROM d ORDER BY blob_id
      ON CONFLICT (blob_id) DO UPDATE SET asked_at = now() WHERE t.state = 'waiting' AND t.asked_at < now() - ${LOST} RETURNING t.blob_id)
    SELECT (SELECT json_agg(json_build_object('id', d.id, 'state', coalesce(t.state, 'waiting'))) FROM d LEFT JOIN thumbnail t ON t.blob_id = d.blob_id) AS thumbnails,
      (SELECT array_agg(blob_id) FROM asked) AS wanted`, [planId, documentIds])
  return { thumbnails: found?.thumbnails ?? [], wanted: found?.wanted ?? [] }
}

export interface Sitter { readonly extension: string; readonly size: number; readonly state: ThumbnailState; /** Which asking this is. */ readonly askedAt: string; /** The beginning of its text; empty where nothing was read. */ readonly text: string }

/** What a picture is made of. */
export async function sitterOf(blobId: string): Promise<Sitter | undefined> {
  const found = await rows<Sitter>(null, `SELECT (SELECT d.extension FROM document d WHERE d.blob_id = b.id ORDER BY d.id LIMIT 1) AS extension, b.size::float8 AS size, t.state, t.asked_at::text AS "askedAt",
      coalesce((SELECT left(p.body, 4000) FROM page_text p WHERE p.blob_id = b.id AND p.body <> '' ORDER BY p.page LIMIT 1), '') AS text
    FROM thumbnail t JOIN blob b ON b.id = t.blob_id WHERE t.blob_id = $1`, [blobId])
  return found[0]
}

/** Keeps a picture, or that there is none; nothing where it was forgotten or asked for anew meanwhile. */
export async function keepThumbnail(blobId: string, askedAt: string, picture: Buffer | null): Promise<void> {
  await touched(null, 'UPDATE thumbnail SET state = $2, picture = $3 WHERE blob_id = $1 AND asked_at = $4::timestamptz', [blobId, picture === null ? 'none' : 'made', picture, askedAt])
}

/** Its words are known now: what could not be drawn without them, or is being drawn at this moment, is to be asked for again. */
export async function forgetThumbnail(transaction: Transaction, blobId: string): Promise<void> {
  await touched(transaction, `DELETE FROM thumbnail WHERE blob_id = $1 AND state <> 'made'`, [blobId])
}

/** Throws nothing; undefined where there is none. */
export async function pictureOf(planId: string, documentId: string): Promise<Buffer | undefined> {
  const [found] = await rows<{ picture: Buffer }>(null, `SELECT t.picture FROM document d JOIN thumbnail t ON t.blob_id = d.blob_id AND t.state = 'made' WHERE d.plan_id = $1 AND d.id = $2`, [planId, documentId])
  return found?.picture
}
