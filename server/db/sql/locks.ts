// Locks, and the bytes under them: sealed and opened again in place, so that History still knows them.

import type { Transaction } from '../client'
import { execute, rows } from '../client'

// What was found so often is a word of many, and says nothing of one document (textWords.ts).
const WORD_OF_MANY = 8

// Folders that are locked or lie below one that is, with the lock that is nearest.
const LOCKED_FOLDERS = `RECURSIVE under AS (
    SELECT l.folder_id AS id, l.id AS lock_id, 0 AS depth FROM lock l WHERE l.plan_id = $1 AND l.folder_id IS NOT NULL
    UNION ALL SELECT f.id, u.lock_id, u.depth + 1 FROM folder f JOIN under u ON f.parent_id = u.id
      WHERE f.plan_id = $1),
  locked AS (SELECT DISTINCT ON (id) id, lock_id FROM under ORDER BY id, depth)`

export interface LockSummary {
  readonly id: string
  /** null: documents that were locked by themselves. */
  readonly folderId: string | null
  readonly since: string
  /** Documents that it seals, those in the Trash as well. */
  readonly count: number
}

/** The newest first. */
export function locksOf(planId: string): Promise<LockSummary[]> {
  return rows(
    null,
    `SELECT l.id, l.folder_id AS "folderId", to_char(l.created_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')
      AS since, (SELECT count(*)::int FROM document d JOIN blob b ON b.id = d.blob_id AND b.lock_id = l.id
        WHERE d.plan_id = $1) AS count
    FROM lock l WHERE l.plan_id = $1 ORDER BY l.created_at DESC, l.id`,
    [planId],
  )
}

/** Bytes that are to be sealed, and with which lock. */
export interface ToSeal {
  readonly blobId: string
  readonly lockId: string
}

/** All versions of these documents, and of those in these folders and below, that are not sealed yet. */
export async function openBlobs(
  transaction: Transaction | null,
  planId: string,
  { documentIds, folderId }: { readonly documentIds: readonly string[]; readonly folderId: string | null },
): Promise<{ blobId: string; size: number }[]> {
  return rows(
    transaction,
    `WITH RECURSIVE below AS (SELECT id FROM folder WHERE plan_id = $1 AND id = $3
      UNION SELECT f.id FROM folder f JOIN below ON f.parent_id = below.id WHERE f.plan_id = $1)
    SELECT DISTINCT b.id AS "blobId", b.size::float8 AS size FROM version v JOIN blob b ON b.id = v.blob_id
    WHERE v.plan_id = $1 AND b.lock_id IS NULL AND (v.document_id = ANY($2::uuid[]) OR v.document_id IN (
      SELECT p.document_id FROM placement p WHERE p.plan_id = $1 AND p.folder_id IN (SELECT id FROM below)))
    ORDER BY b.id`,
    [planId, documentIds, folderId],
  )
}

/** Bytes that came into a locked folder, or became a version of a locked document. */
export function coveredBlobs(transaction: Transaction | null, planId: string): Promise<ToSeal[]> {
  return rows(
    transaction,
    `WITH ${LOCKED_FOLDERS},
    covered AS (SELECT v.blob_id, o.lock_id FROM version s JOIN blob o ON o.id = s.blob_id AND o.lock_id IS NOT NULL
        JOIN version v ON v.plan_id = s.plan_id AND v.document_id = s.document_id WHERE s.plan_id = $1
      UNION ALL SELECT v.blob_id, locked.lock_id FROM locked JOIN placement p ON p.plan_id = $1
        AND p.folder_id = locked.id JOIN version v ON v.plan_id = $1 AND v.document_id = p.document_id)
    SELECT DISTINCT ON (c.blob_id) c.blob_id AS "blobId", c.lock_id AS "lockId" FROM covered c
      JOIN blob b ON b.id = c.blob_id AND b.lock_id IS NULL ORDER BY c.blob_id, c.lock_id`,
    [planId],
  )
}

/** Those of the documents whose contents no lock covers. */
export async function documentsToRead(
  transaction: Transaction,
  planId: string,
  documentIds: readonly string[],
): Promise<string[]> {
  const found = await rows<{ id: string }>(
    transaction,
    `WITH ${LOCKED_FOLDERS} SELECT x.id FROM unnest($2::uuid[]) AS x(id)
    WHERE NOT EXISTS (SELECT FROM placement p JOIN locked ON locked.id = p.folder_id WHERE p.document_id = x.id
      AND p.plan_id = $1)
    AND NOT EXISTS (SELECT FROM version v JOIN blob b ON b.id = v.blob_id AND b.lock_id IS NOT NULL
      WHERE v.plan_id = $1 AND v.document_id = x.id)`,
    [planId, documentIds],
  )
  return found.map(({ id }) => id)
}

/** Drops locks under which nothing is any more, after it was deleted for good; how many. */
export function dropEmptyLocks(): Promise<number> {
  return execute(
    null,
    'DELETE FROM lock l WHERE l.folder_id IS NULL AND NOT EXISTS (SELECT FROM blob b WHERE b.lock_id = l.id)',
  )
}

/** Those of the documents whose contents are sealed now. */
export function lockedAmong(planId: string, ids: readonly string[]): Promise<{ id: string; lockId: string }[]> {
  return rows(
    null,
    `SELECT d.id, b.lock_id AS "lockId" FROM document d JOIN blob b ON b.id = d.blob_id AND b.lock_id IS NOT NULL
    WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[])`,
    [planId, ids],
  )
}

/** Contents under a lock of which no words are kept, the newest first, each as a document holds it. */
export function unreadUnder(
  lockId: string,
  limit: number,
): Promise<{ blobId: string; seal: Buffer; size: number; extension: string }[]> {
  return rows(
    null,
    `SELECT b.id AS "blobId", b.seal, b.size::float8 AS size, d.extension FROM blob b JOIN LATERAL (SELECT d.extension
      FROM document d WHERE d.blob_id = b.id AND d.plan_id = b.plan_id ORDER BY d.id LIMIT 1) d ON true
    WHERE b.lock_id = $1 AND NOT EXISTS (SELECT FROM sealed_text t WHERE t.blob_id = b.id)
    ORDER BY b.created_at DESC LIMIT $2`,
    [lockId, limit],
  )
}

/** `hashes`: the first that no other bytes of the plan have is theirs. */
export async function markOpen(transaction: Transaction, blobId: string, hashes: readonly string[]): Promise<void> {
  await execute(
    transaction,
    `UPDATE blob b SET lock_id = NULL, seal = NULL, sha256 = (SELECT decode(h.hash, 'hex')
      FROM unnest($2::text[]) WITH ORDINALITY AS h(hash, at) WHERE NOT EXISTS (SELECT FROM blob o
        WHERE o.plan_id = b.plan_id AND o.id <> b.id AND o.sha256 = decode(h.hash, 'hex')) ORDER BY h.at LIMIT 1)
    WHERE b.id = $1`,
    [blobId, hashes],
  )
}

/**
 * Forgets words of the plan that may stand nowhere but in these bytes. Before the plan is held: a reader that keeps
 * words holds them, in their order, and waits for the plan then.
 */
export async function forgetTextWords(
  transaction: Transaction,
  planId: string,
  blobIds: readonly string[],
): Promise<void> {
  await execute(
    transaction,
    `WITH inside AS (SELECT DISTINCT w.word FROM page_text p, regexp_split_to_table(p.folded, '\\s+') AS w(word)
      WHERE p.blob_id = ANY($2::uuid[])),
    held AS (SELECT t.plan_id, t.word FROM text_word t JOIN inside ON inside.word = t.word WHERE t.plan_id = $1
      AND t.docs < ${WORD_OF_MANY} ORDER BY t.word FOR UPDATE OF t)
    DELETE FROM text_word t USING held WHERE t.plan_id = held.plan_id AND t.word = held.word`,
    [planId, blobIds],
  )
}

/**
 * Forgets what was read from bytes: pages, recognised text, where words stand, small picture. What is left says that
 * they are locked, so that nobody opens them.
 */
export async function forgetText(transaction: Transaction, planId: string, blobId: string): Promise<void> {
  const bind = [planId, blobId]
  for (const table of ['page_text', 'page_words', 'page_lexeme', 'scan_page', 'opening'])
    await execute(transaction, `DELETE FROM ${table} WHERE blob_id = $1`, [blobId])
  await execute(
    transaction,
    `INSERT INTO reading (blob_id, plan_id, state, extension, changed_at) VALUES ($2, $1, 'locked', '', now())
    ON CONFLICT (blob_id) DO UPDATE SET state = 'locked', reason = NULL, pages = 0, paged = false, words = '',
      language = NULL, title = '', author = '', heads = '', dated_at = NULL, located = false, ticks = 0, ticks_done = 0,
      changed_at = now()`,
    bind,
  )
  await execute(
    transaction,
    `INSERT INTO thumbnail (blob_id, plan_id, state, asked_at) VALUES ($2, $1, 'none', now())
    ON CONFLICT (blob_id) DO UPDATE SET state = 'none', picture = NULL, taken_at = NULL, asked_at = now()`,
    bind,
  )
}

/** Documents that hold any of these bytes now, live or in the Trash. */
export async function holdersOf(
  transaction: Transaction | null,
  planId: string,
  blobIds: readonly string[],
): Promise<{ id: string; name: string; extension: string }[]> {
  return rows(
    transaction,
    `SELECT d.id, d.name, d.extension FROM document d WHERE d.plan_id = $1 AND EXISTS (SELECT FROM version v
      WHERE v.plan_id = $1 AND v.document_id = d.id AND v.blob_id = ANY($2::uuid[])) ORDER BY d.id`,
    [planId, blobIds],
  )
}
