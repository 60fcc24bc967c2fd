import type { Transaction } from '../client'
import { rows, execute } from '../client'

export interface Broken {
  readonly kind: 'cycle' | 'parentInTrash' | 'nowhere' | 'twoPlaces' | 'idTaken'
  readonly id: string
}

/** $1 the plan, $2 and $3 the folders and documents that were touched. */
export const BROKEN = `
WITH RECURSIVE up (start, id, depth) AS (
  SELECT f.id, f.parent_id, 1 FROM folder f WHERE f.plan_id = $1 AND f.id = ANY($2::uuid[])
  UNION ALL
  SELECT up.start, f.parent_id, up.depth + 1 FROM up JOIN folder f ON f.id = up.id AND f.plan_id = $1
    WHERE up.id <> up.start AND up.depth < 1000
),
-- Beside each other and not with OR, which would look at every document of the plan.
touched AS (SELECT unnest($3::uuid[]) AS id UNION SELECT p.document_id FROM placement p WHERE p.plan_id = $1
  AND p.folder_id = ANY($2::uuid[]))
SELECT 'cycle' AS kind, start AS id FROM up WHERE id = start
UNION ALL
SELECT 'parentInTrash', f.id FROM folder f JOIN folder p ON p.id = f.parent_id AND p.plan_id = f.plan_id
  WHERE f.plan_id = $1 AND (f.id = ANY($2::uuid[]) OR p.id = ANY($2::uuid[])) AND f.trashed_at IS NULL
    AND p.trashed_at IS NOT NULL
UNION ALL
SELECT 'nowhere', d.id FROM touched t JOIN document d ON d.id = t.id AND d.plan_id = $1 WHERE d.trashed_at IS NULL
  AND NOT EXISTS (SELECT FROM placement p LEFT JOIN folder f ON f.id = p.folder_id AND f.plan_id = p.plan_id
    WHERE p.document_id = d.id AND p.plan_id = $1 AND (p.folder_id IS NULL OR f.trashed_at IS NULL))
UNION ALL
SELECT 'twoPlaces', d.id FROM document d WHERE d.plan_id = $1 AND d.id = ANY($3::uuid[])
  AND EXISTS (SELECT FROM placement p WHERE p.document_id = d.id AND p.plan_id = $1 AND p.folder_id IS NULL)
  AND EXISTS (SELECT FROM placement p WHERE p.document_id = d.id AND p.plan_id = $1 AND p.folder_id IS NOT NULL)
UNION ALL
SELECT 'idTaken', f.id FROM folder f LEFT JOIN document d ON d.id = f.id AND d.plan_id = f.plan_id
  WHERE f.plan_id = $1 AND f.id = ANY($2::uuid[] || $3::uuid[]) AND (d.id IS NOT NULL OR f.id = f.plan_id)`

/**
 * What of the touched folders and documents breaks the plan's rules; an undo in the middle can ask for such a thing. A
 * folder has no id in common with a document (stars and tags name both by id) or with the plan (which stands for the
 * In-tray).
 */
export async function brokenAmong(
  transaction: Transaction,
  planId: string,
  folderIds: readonly string[],
  documentIds: readonly string[],
): Promise<Broken[]> {
  return rows<Broken>(transaction, BROKEN, [planId, folderIds, documentIds])
}

/** Checks the deferred keys now; throws SQLSTATE 23503 or 23505 where one is broken. */
export async function checkKeys(transaction: Transaction): Promise<void> {
  await execute(transaction, 'SET CONSTRAINTS ALL IMMEDIATE')
}
