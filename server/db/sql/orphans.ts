// Finished bytes that nothing holds: no version, no upload on its way, and no Change that could bring them back.

import { rows } from '../client'

/** Deletes them once they are older than a day; how many, and their bytes. */
export async function dropOrphans(now: Date): Promise<{ count: number; bytes: number }> {
  const [gone] = await rows<{ count: number; bytes: number }>(
    null,
    `WITH loose AS MATERIALIZED (
      SELECT b.id, b.created_at FROM blob b WHERE b.sha256 IS NOT NULL
        AND b.created_at < $1::timestamptz - interval '1 day'
      AND NOT EXISTS (SELECT FROM version v WHERE v.blob_id = b.id) AND NOT EXISTS (SELECT FROM document d
        WHERE d.blob_id = b.id) AND NOT EXISTS (SELECT FROM upload u WHERE u.blob_id = b.id)),
    needed AS MATERIALIZED (
      SELECT DISTINCT (side.row->>'blobId')::uuid AS id FROM change c, json_array_elements(c.rows) r,
        LATERAL (VALUES (r->'before'), (r->'after')) side(row)
      WHERE EXISTS (SELECT FROM loose) AND r->>'table' IN ('document', 'version')
        AND (side.row->>'blobId')::uuid IN (SELECT id FROM loose)),
    gone AS (DELETE FROM blob b WHERE b.id IN (SELECT id FROM loose EXCEPT SELECT id FROM needed) RETURNING b.size)
    SELECT count(*)::int AS count, coalesce(sum(size), 0)::float8 AS bytes FROM gone`,
    [now],
  )
  return gone ?? { count: 0, bytes: 0 }
}
