// What follows from documents: copies on their places, the row that full text searches, the words
// of names. Called with every Change, and when a document has been read.

import type { Transaction } from '../client'
import { touched } from '../client'

/** Brings everything derived from these documents up to date; ids that are gone are cleared away. */
export async function refreshDerived(transaction: Transaction, planId: string, documentIds: readonly string[]): Promise<void> {
  if (documentIds.length === 0) return
  const bind = [planId, documentIds]
  await refreshPlacements(transaction, planId, documentIds)
  await touched(transaction, `DELETE FROM search_row s WHERE s.document_id = ANY($2::uuid[])
    AND NOT EXISTS (SELECT FROM document d WHERE d.id = s.document_id AND d.plan_id = $1 AND d.trashed_at IS NULL)`, bind)
  await refreshWords(transaction, planId, documentIds)
  await touched(transaction, `DELETE FROM name_token t WHERE t.plan_id = $1 AND t.document_id = ANY($2::uuid[])`, bind)
  await touched(transaction, `INSERT INTO name_token (plan_id, token, changed_at, document_id)
    SELECT DISTINCT d.plan_id, w.word, d.changed_at, d.id FROM document d, unnest(string_to_array(d.folded, ' ')) AS w(word)
    WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[]) AND d.trashed_at IS NULL AND w.word <> ''`, bind)
  await touched(transaction, `INSERT INTO name_word (plan_id, word, newest)
    SELECT $1::uuid, t.token, max(t.changed_at) FROM name_token t WHERE t.plan_id = $1 AND t.document_id = ANY($2::uuid[]) GROUP BY t.token ORDER BY t.token
    ON CONFLICT (plan_id, word) DO UPDATE SET newest = excluded.newest WHERE name_word.newest < excluded.newest`, bind)
}

/** The copies of documents on their places: sort keys, and whether they are live. */
export async function refreshPlacements(transaction: Transaction, planId: string, documentIds: readonly string[]): Promise<void> {
  if (documentIds.length === 0) return
  await touched(transaction, `UPDATE placement p SET name = d.name, extension = d.extension, changed_at = d.changed_at, size = d.size, added_at = d.created_at, live = d.trashed_at IS NULL
    FROM document d WHERE d.id = p.document_id AND d.plan_id = $1 AND d.id = ANY($2::uuid[])
    AND (p.name, p.extension, p.changed_at, p.size, p.added_at, p.live) IS DISTINCT FROM (d.name, d.extension, d.changed_at, d.size, d.created_at, d.trashed_at IS NULL)`, [planId, documentIds])
}

/** When something of these folders, or right in them, changed last. */
export async function touchFolders(transaction: Transaction, planId: string, folderIds: readonly string[], at: string): Promise<void> {
  if (folderIds.length === 0) return
  await touched(transaction, 'UPDATE folder SET changed_at = $3::timestamptz WHERE plan_id = $1 AND id = ANY($2::uuid[])', [planId, folderIds, at])
}

/** The search rows of live documents: the words of the name and of what was read. */
async function refreshWords(transaction: Transaction, planId: string, documentIds: readonly string[]): Promise<void> {
  await touched(transaction, `INSERT INTO search_row (document_id, plan_id, changed_at, words)
    SELECT d.id, d.plan_id, d.changed_at, array_to_tsvector(array_remove(string_to_array(d.folded, ' '), '')) || coalesce(r.words, '')
    FROM document d LEFT JOIN reading r ON r.blob_id = d.blob_id
    WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[]) AND d.trashed_at IS NULL
    ON CONFLICT (document_id) DO UPDATE SET changed_at = excluded.changed_at, words = excluded.words
    WHERE (search_row.changed_at, search_row.words) IS DISTINCT FROM (excluded.changed_at, excluded.words)`, [planId, documentIds])
}

/** After bytes were read: the search rows of all live documents that hold them, in every plan. */
export async function refreshWordsOfBlob(transaction: Transaction, blobId: string): Promise<void> {
  await touched(transaction, `UPDATE search_row s SET words = array_to_tsvector(array_remove(string_to_array(d.folded, ' '), '')) || r.words
    FROM document d JOIN reading r ON r.blob_id = d.blob_id WHERE d.blob_id = $1 AND s.document_id = d.id`, [blobId])
}
