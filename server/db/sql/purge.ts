// Deleting for good.

import type { PersonId } from '../../../core/ids'
import type { Transaction } from '../client'
import { rows, execute } from '../client'

export interface TrashRoot {
  readonly id: string
  readonly target: 'folder' | 'document'
  readonly name: string
}

/** What was put into the Trash by itself, among these ids; null: all of it. */
export function rootsToPurge(
  transaction: Transaction,
  planId: string,
  ids: readonly string[] | null,
): Promise<TrashRoot[]> {
  return rows(
    transaction,
    `SELECT f.id, 'folder' AS target, f.name FROM folder f WHERE f.plan_id = $1 AND f.trash_root = f.id
      AND ($2::uuid[] IS NULL OR f.id = ANY($2))
    UNION ALL SELECT d.id, 'document', d.name FROM document d WHERE d.plan_id = $1 AND d.trash_root = d.id
      AND ($2::uuid[] IS NULL OR d.id = ANY($2))`,
    [planId, ids],
  )
}

/**
 * Holds what is known of the words of all that would go. Before the plan is locked: a reader that keeps words holds
 * them first and waits for the plan then.
 */
export async function holdReadingsOf(
  transaction: Transaction,
  planId: string,
  ids: readonly string[] | null,
): Promise<void> {
  await rows(
    transaction,
    `SELECT 1 FROM reading r WHERE r.blob_id IN (SELECT v.blob_id FROM document d
      JOIN version v ON v.plan_id = d.plan_id AND v.document_id = d.id
      WHERE d.plan_id = $1 AND d.trash_root IS NOT NULL AND ($2::uuid[] IS NULL OR d.trash_root = ANY($2)))
    ORDER BY r.blob_id FOR UPDATE`,
    [planId, ids],
  )
}

/** The same for a whole plan. */
export async function holdReadingsOfPlan(transaction: Transaction, planId: string): Promise<void> {
  await rows(transaction, 'SELECT 1 FROM reading WHERE plan_id = $1 ORDER BY blob_id FOR UPDATE', [planId])
}

/** Plans with something in the Trash that lies there longer than the plan keeps it. */
export function overdueRoots(now: Date): Promise<{ planId: string; accountId: PersonId; ids: string[] }[]> {
  return rows(
    null,
    `SELECT p.id AS "planId", p.account_id AS "accountId", array_agg(x.id) AS ids FROM plan p JOIN (
      SELECT plan_id, id, trashed_at FROM folder WHERE trash_root = id UNION ALL SELECT plan_id, id, trashed_at
        FROM document WHERE trash_root = id) x ON x.plan_id = p.id
    WHERE p.trash_days IS NOT NULL AND x.trashed_at < $1::timestamptz - make_interval(days => p.trash_days)
      GROUP BY p.id, p.account_id`,
    [now],
  )
}

/** Deletes the rows of these roots with all that went with them, and bytes that nothing holds any more. */
export async function deleteRoots(
  transaction: Transaction,
  planId: string,
  roots: readonly string[],
): Promise<{ documents: number; bytes: number }> {
  const bind = [planId, roots]
  const documents = (
    await rows<{ id: string }>(
      transaction,
      'SELECT id FROM document WHERE plan_id = $1 AND trash_root = ANY($2::uuid[])',
      bind,
    )
  ).map(row => row.id)
  const folders = (
    await rows<{ id: string }>(
      transaction,
      'SELECT id FROM folder WHERE plan_id = $1 AND trash_root = ANY($2::uuid[])',
      bind,
    )
  ).map(row => row.id)
  const blobs = (
    await rows<{ id: string }>(
      transaction,
      'SELECT DISTINCT blob_id AS id FROM version WHERE plan_id = $1 AND document_id = ANY($2::uuid[])',
      [planId, documents],
    )
  ).map(row => row.id)
  const things = [...documents, ...folders]
  await execute(transaction, 'DELETE FROM tagging WHERE plan_id = $1 AND target_id = ANY($2::uuid[])', [planId, things])
  await execute(transaction, 'DELETE FROM star WHERE plan_id = $1 AND id = ANY($2::uuid[])', [planId, things])
  for (const given of ['share_link', 'access_grant'])
    await execute(transaction, `DELETE FROM ${given} WHERE plan_id = $1 AND target_id = ANY($2::uuid[])`, [
      planId,
      things,
    ])
  await execute(transaction, 'DELETE FROM placement WHERE plan_id = $1 AND document_id = ANY($2::uuid[])', [
    planId,
    documents,
  ])
  // A document that is also filed elsewhere loses only the folder that goes.
  await execute(
    transaction,
    `DELETE FROM placement p WHERE p.plan_id = $1 AND p.folder_id = ANY($2::uuid[]) AND EXISTS (SELECT FROM placement q
      WHERE q.document_id = p.document_id AND q.plan_id = p.plan_id AND q.id <> p.id
    AND (q.folder_id IS NULL OR q.folder_id <> ALL($2::uuid[]) OR q.id < p.id))`,
    [planId, folders],
  )
  // One that lies in the Trash by itself and lay nowhere else comes back into the In-tray.
  await execute(
    transaction,
    'UPDATE placement SET folder_id = NULL, home = true WHERE plan_id = $1 AND folder_id = ANY($2::uuid[])',
    [planId, folders],
  )
  await execute(transaction, 'DELETE FROM version WHERE plan_id = $1 AND document_id = ANY($2::uuid[])', [
    planId,
    documents,
  ])
  await execute(transaction, 'DELETE FROM bundle_item WHERE plan_id = $1 AND document_id = ANY($2::uuid[])', [
    planId,
    documents,
  ])
  // A kept search that was shown in a folder that goes is kept without a place.
  await execute(
    transaction,
    'UPDATE kept_search SET folder_id = NULL WHERE plan_id = $1 AND folder_id = ANY($2::uuid[])',
    [planId, folders],
  )
  await execute(transaction, 'DELETE FROM document WHERE plan_id = $1 AND id = ANY($2::uuid[])', [planId, documents])
  await execute(transaction, 'DELETE FROM folder WHERE plan_id = $1 AND id = ANY($2::uuid[])', [planId, folders])
  const freed = await rows<{ size: number }>(
    transaction,
    `DELETE FROM blob b WHERE b.id = ANY($1::uuid[]) AND NOT EXISTS (SELECT FROM version v WHERE v.blob_id = b.id)
    AND NOT EXISTS (SELECT FROM document d WHERE d.blob_id = b.id) RETURNING b.size::float8 AS size`,
    [blobs],
  )
  return { documents: documents.length, bytes: freed.reduce((sum, { size }) => sum + size, 0) }
}
