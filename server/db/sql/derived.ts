// What follows from documents: copies on their places, the row that full text searches, the words of
// names. Called with every Change, and when a document has been read.

import { datesIn } from '../../../core/dates/index'
import type { Language } from '../../../core/text/index'
import { foldedText, lexemesOf, pairsOf } from '../../../core/text/index'
import type { Transaction } from '../client'
import { rows, execute } from '../client'

/** Raised when what is derived changes; plans of an older version are brought up to date in the background. */
const DERIVED_VERSION = 4

/** Brings everything derived from these documents up to date; ids that are gone are cleared away. */
export async function refreshDerived(
  transaction: Transaction,
  planId: string,
  documentIds: readonly string[],
): Promise<void> {
  if (documentIds.length === 0) return
  await refreshPlacements(transaction, planId, documentIds)
  await execute(
    transaction,
    `DELETE FROM search_row s WHERE s.plan_id = $1 AND s.document_id = ANY($2::uuid[])
    AND NOT EXISTS (SELECT FROM document d WHERE d.id = s.document_id AND d.plan_id = $1 AND d.trashed_at IS NULL)`,
    [planId, documentIds],
  )
  await execute(transaction, 'DELETE FROM name_token t WHERE t.plan_id = $1 AND t.document_id = ANY($2::uuid[])', [
    planId,
    documentIds,
  ])
  await refreshWords(transaction, planId, documentIds)
}

/** The copies of documents on their places: sort keys, and whether they are live. */
async function refreshPlacements(
  transaction: Transaction,
  planId: string,
  documentIds: readonly string[],
): Promise<void> {
  if (documentIds.length === 0) return
  await execute(
    transaction,
    `UPDATE placement p SET name = d.name, extension = d.extension, changed_at = d.changed_at, size = d.size,
      added_at = d.created_at, live = d.trashed_at IS NULL
    FROM document d WHERE d.id = p.document_id AND p.plan_id = $1 AND d.plan_id = $1 AND d.id = ANY($2::uuid[])
    AND (p.name, p.extension, p.changed_at, p.size, p.added_at, p.live) IS DISTINCT
      FROM (d.name, d.extension, d.changed_at, d.size, d.created_at, d.trashed_at IS NULL)`,
    [planId, documentIds],
  )
}

/** When something of these folders, or right in them, changed last. */
export async function touchFolders(
  transaction: Transaction,
  planId: string,
  folderIds: readonly string[],
  at: string,
): Promise<void> {
  if (folderIds.length === 0) return
  await execute(
    transaction,
    'UPDATE folder SET changed_at = $3::timestamptz WHERE plan_id = $1 AND id = ANY($2::uuid[])',
    [planId, folderIds, at],
  )
}

interface Said {
  readonly id: string
  readonly name: string
  readonly folded: string
  readonly remark: string
  readonly sender: string
  readonly number: string | null
  readonly language: Language | null
  readonly author: string | null
  readonly tags: string
  readonly changedAt: string
}

/** What follows from what is said of a document. */
function derivedOf(document: Said) {
  const [remark, sender] = [foldedText(document.remark), foldedText(document.sender)]
  const names = document.folded.split(' ')
  return {
    id: document.id,
    remark,
    sender,
    number: foldedText(document.number ?? ''),
    dated: dateOf(document.name),
    words: [
      ...lexemesOf(
        [...names, ...remark.split(' '), ...sender.split(' '), ...document.tags.split(' ')],
        document.language,
      ),
      ...pairsOf(names),
    ],
    author: document.author ?? '',
    authorFolded: foldedText(document.author ?? ''),
    tokens: [...lexemesOf(names, document.language)],
  }
}

/** The words of live documents: of the name, remark, sender and tags with their forms, and those that were read. */
async function refreshWords(transaction: Transaction, planId: string, documentIds: readonly string[]): Promise<void> {
  const said = await rows<Said>(
    transaction,
    `SELECT d.id, d.name, d.folded, d.remark, d.sender, d.running_number AS number, r.language, r.author,
      d.changed_at AS "changedAt",
      coalesce((SELECT string_agg(t.folded, ' ') FROM tagging g JOIN tag t ON t.id = g.tag_id AND t.plan_id = g.plan_id
        WHERE g.target_id = d.id AND g.plan_id = d.plan_id), '') AS tags
    FROM document d LEFT JOIN reading r ON r.blob_id = d.blob_id WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[])
      AND d.trashed_at IS NULL`,
    [planId, documentIds],
  )
  if (said.length === 0) return
  const derived = said.map(derivedOf)
  const json = JSON.stringify(
    derived.map(({ id, remark, sender, number, dated }) => ({ id, remark, sender, number, dated })),
  )
  await execute(
    transaction,
    `UPDATE document d SET remark_folded = x.remark, sender_folded = x.sender, number_folded = x.number,
      dated_at = coalesce(x.dated, (SELECT r.dated_at FROM reading r WHERE r.blob_id = d.blob_id))
    FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, remark text, sender text, number text, dated timestamptz)
    WHERE d.id = x.id AND d.plan_id = $1 AND (d.remark_folded, d.sender_folded, d.number_folded, d.dated_at) IS DISTINCT
      FROM
      (x.remark, x.sender, x.number, coalesce(x.dated, (SELECT r.dated_at FROM reading r
        WHERE r.blob_id = d.blob_id)))`,
    [planId, json],
  )
  await execute(
    transaction,
    `INSERT INTO search_row (document_id, plan_id, changed_at, words, ${FACETS})
    SELECT d.id, d.plan_id, d.changed_at,
      array_to_tsvector(ARRAY(SELECT jsonb_array_elements_text(x.words))) || coalesce(r.words, ''), d.extension,
        d.origin, d.size, r.language, d.meaning_id, d.created_at, d.dated_at, x.author, x."authorFolded"
    FROM jsonb_to_recordset($2::jsonb) AS x(id uuid, words jsonb, author text, "authorFolded" text)
      JOIN document d ON d.id = x.id LEFT JOIN reading r
      ON r.blob_id = d.blob_id WHERE d.plan_id = $1
    ON CONFLICT (document_id, plan_id) DO UPDATE SET (changed_at, words, ${FACETS}) = (${EXCLUDED})
    WHERE (search_row.changed_at, search_row.words, ${of('search_row')}) IS DISTINCT FROM (${EXCLUDED})`,
    [
      planId,
      JSON.stringify(derived.map(({ id, words, author, authorFolded }) => ({ id, words, author, authorFolded }))),
    ],
  )
  const [ids, tokens] = [
    derived.flatMap(({ id, tokens: own }) => own.map(() => id)),
    derived.flatMap(({ tokens: own }) => own),
  ]
  await execute(
    transaction,
    `INSERT INTO name_token (plan_id, token, changed_at, document_id)
    SELECT d.plan_id, w.token, d.changed_at, d.id FROM unnest($2::uuid[], $3::text[]) AS w(id, token) JOIN document d
      ON d.id = w.id WHERE d.plan_id = $1
    ON CONFLICT DO NOTHING`,
    [planId, ids, tokens],
  )
  await execute(
    transaction,
    `INSERT INTO name_word (plan_id, word, newest)
    SELECT $1::uuid, t.token, max(t.changed_at) FROM name_token t WHERE t.plan_id = $1
      AND t.document_id = ANY($2::uuid[]) AND t.token NOT LIKE '.%' GROUP BY t.token ORDER BY t.token
    ON CONFLICT (plan_id, word) DO UPDATE SET newest = excluded.newest WHERE name_word.newest < excluded.newest`,
    [planId, documentIds],
  )
}

const FACETS = 'extension, origin, size, language, meaning_id, added_at, dated_at, author, author_folded'
const of = (table: string): string => FACETS.replace(/\w+/g, column => `${table}.${column}`)
const EXCLUDED = `excluded.changed_at, excluded.words, ${of('excluded')}`

function dateOf(text: string): string | null {
  const [first] = datesIn(text)
  return first ? `${first.date}T00:00:00.000Z` : null
}

/**
 * After bytes were read: the words of all live documents that hold them, in every plan. The plans are locked as for a
 * command, or one that runs at this moment would write the words as they were before. The key of a plan stays free: two
 * readings have both referred to it by then (text_word), and each would wait for the other.
 */
export async function refreshWordsOfBlob(transaction: Transaction, blobId: string): Promise<void> {
  await rows(
    transaction,
    'SELECT id FROM plan WHERE id IN (SELECT plan_id FROM document WHERE blob_id = $1) ORDER BY id FOR NO KEY UPDATE',
    [blobId],
  )
  const holders = await rows<{ planId: string; ids: string[] }>(
    transaction,
    'SELECT plan_id AS "planId", array_agg(id) AS ids FROM document WHERE blob_id = $1 AND trashed_at IS NULL ' +
      'GROUP BY plan_id',
    [blobId],
  )
  for (const { planId, ids } of holders) await refreshWords(transaction, planId, ids)
}

/** Documents that carry these tags. */
export async function documentsTagged(
  transaction: Transaction,
  planId: string,
  tagIds: readonly string[],
): Promise<string[]> {
  if (tagIds.length === 0) return []
  const found = await rows<{ id: string }>(
    transaction,
    `SELECT DISTINCT target_id AS id FROM tagging WHERE plan_id = $1 AND tag_id = ANY($2::uuid[])
      AND target = 'document'`,
    [planId, tagIds],
  )
  return found.map(row => row.id)
}

/** The next documents of a plan whose derived rows are of an older version; null when the plan is up to date. */
export async function nextToDerive(
  after: { readonly planId: string; readonly id: string } | null,
  limit: number,
): Promise<{ planId: string; ids: string[] } | null> {
  const [plan] = await rows<{ id: string }>(null, 'SELECT id FROM plan WHERE derived < $1 ORDER BY id LIMIT 1', [
    DERIVED_VERSION,
  ])
  if (!plan) return null
  const from = after?.planId === plan.id ? after.id : '00000000-0000-0000-0000-000000000000'
  const found = await rows<{ id: string }>(
    null,
    'SELECT id FROM document WHERE plan_id = $1 AND id > $2 ORDER BY id LIMIT $3',
    [plan.id, from, limit],
  )
  return { planId: plan.id, ids: found.map(row => row.id) }
}

export async function markDerived(planId: string): Promise<void> {
  await execute(null, 'UPDATE plan SET derived = $2 WHERE id = $1', [planId, DERIVED_VERSION])
}
