// What the suggestions of places and names look up.

import type { Neighbour } from '../../../core/filing/index'
import type { FolderId } from '../../../core/ids'
import { rows } from '../client'

export interface FilableRow {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly origin: string
  readonly sender: string
  /** The beginning of its first page, folded. */
  readonly text: string
  readonly folded: boolean
  readonly folderIds: readonly FolderId[]
}

const TEXT_LENGTH = 1500

const FILABLE = `SELECT d.id, d.name, d.extension, d.origin, d.sender, coalesce((SELECT left(t.folded, ${TEXT_LENGTH})
  FROM page_text t WHERE t.blob_id = d.blob_id AND t.page = 1), '') AS text, true AS folded,
  CASE WHEN d.trashed_at IS NULL THEN ARRAY(SELECT p.folder_id FROM placement p JOIN folder f ON f.id = p.folder_id
    AND f.plan_id = p.plan_id WHERE p.document_id = d.id AND p.plan_id = d.plan_id AND f.trashed_at IS NULL
      ORDER BY p.home DESC, p.id) ELSE '{}' END AS "folderIds"
  FROM document d`

/** The newest documents that lie in folders. */
export function filedDocuments(planId: string, limit: number): Promise<FilableRow[]> {
  return rows(
    null,
    `${FILABLE} WHERE d.plan_id = $1 AND d.trashed_at IS NULL AND EXISTS (SELECT FROM placement p
      WHERE p.document_id = d.id AND p.plan_id = d.plan_id AND p.folder_id IS NOT NULL)
    ORDER BY d.created_at DESC LIMIT $2`,
    [planId, limit],
  )
}

export function filableByIds(planId: string, ids: readonly string[]): Promise<FilableRow[]> {
  return rows(null, `${FILABLE} WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[])`, [planId, ids])
}

export interface SinceRevision {
  readonly revision: number
  /** Documents whose row or place a Change wrote since, with the time of the last one, in milliseconds. */
  readonly documents: readonly { readonly id: string; readonly at: number }[]
  readonly foldersChanged: boolean
}

/** What Changes wrote after `revision`. */
export async function changedSince(planId: string, revision: number): Promise<SinceRevision> {
  const [found] = await rows<{
    revision: number
    documents: { id: string; at: number }[] | null
    folders: boolean | null
  }>(
    null,
    `WITH r AS (
      SELECT c.revision, extract(epoch FROM c.at) * 1000 AS at, x.row->>'table' AS kind,
        CASE WHEN x.row->>'table' = 'placement' THEN coalesce(x.row->'after'->>'documentId',
          x.row->'before'->>'documentId', (SELECT p.document_id::text FROM placement p
            WHERE p.id = (x.row->>'id')::uuid)) ELSE x.row->>'id' END AS id
      FROM change c CROSS JOIN LATERAL json_array_elements(c.rows) AS x(row) WHERE c.plan_id = $1 AND c.revision > $2
        AND x.row->>'table' IN ('document', 'placement', 'folder'))
    SELECT (SELECT p.revision::float8 FROM plan p WHERE p.id = $1) AS revision,
      (SELECT json_agg(json_build_object('id', d.id, 'at', d.at)) FROM (SELECT id, max(at) AS at FROM r
        WHERE kind <> 'folder' AND id IS NOT NULL GROUP BY id) d) AS documents,
      (SELECT bool_or(kind = 'folder') FROM r) AS folders`,
    [planId, revision],
  )
  return {
    revision: found?.revision ?? revision,
    documents: found?.documents ?? [],
    foldersChanged: found?.folders ?? false,
  }
}

/** Documents whose bytes were read at this time (ISO 8601) or later, and the time of now. */
export async function readSince(planId: string, since: string): Promise<{ ids: string[]; now: string }> {
  const [found] = await rows<{ ids: string[] | null; now: string }>(
    null,
    `SELECT (SELECT array_agg(d.id) FROM reading r JOIN document d ON d.blob_id = r.blob_id WHERE d.plan_id = $1
      AND r.state = 'read' AND r.changed_at >= $2::timestamptz) AS ids,
    to_char(now() AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"') AS now`,
    [planId, since],
  )
  return { ids: found?.ids ?? [], now: found?.now ?? since }
}

/** The beginning of a document's text as it stands. */
export async function beginningOf(planId: string, id: string): Promise<string> {
  const [found] = await rows<{ text: string }>(
    null,
    `SELECT left(t.body, ${TEXT_LENGTH}) AS text FROM document d JOIN page_text t ON t.blob_id = d.blob_id
      AND t.page = 1 WHERE d.plan_id = $1 AND d.id = $2`,
    [planId, id],
  )
  return found?.text ?? ''
}

/** Other live documents with the very same bytes. */
export function sameBytes(
  planId: string,
  id: string,
): Promise<{ id: string; name: string; folderIds: (FolderId | null)[] }[]> {
  return rows(
    null,
    `SELECT o.id, o.name, ARRAY(SELECT p.folder_id FROM placement p LEFT JOIN folder f ON f.id = p.folder_id
      AND f.plan_id = p.plan_id WHERE p.document_id = o.id AND p.plan_id = o.plan_id AND f.trashed_at IS NULL
        ORDER BY p.home DESC, p.id) AS "folderIds"
    FROM document d JOIN document o ON o.blob_id = d.blob_id AND o.id <> d.id AND o.plan_id = d.plan_id
      AND o.trashed_at IS NULL WHERE d.plan_id = $1 AND d.id = $2 ORDER BY o.created_at LIMIT 5`,
    [planId, id],
  )
}

// So many documents with each word are looked at, the newest, and so many of the most alike are kept.
const [WORD_HITS, PLACE_HITS, NEIGHBOURS] = [300, 200, 40]

/**
 * Documents that are like this one: with the same words in the name (in any form; rare ones count more), from the same
 * sender, in the folder where it lies or is to go. The most alike first.
 */
export function neighboursOf(planId: string, documentId: string, folderId: FolderId | null): Promise<Neighbour[]> {
  return rows(
    null,
    `WITH mine AS MATERIALIZED (SELECT token FROM name_token WHERE document_id = $2 AND plan_id = $1
      AND token LIKE '.%'),
      shared AS MATERIALIZED (SELECT mine.token, x.document_id FROM mine CROSS JOIN LATERAL (
        SELECT n.document_id FROM name_token n WHERE n.plan_id = $1 AND n.token = mine.token AND n.document_id <> $2
          ORDER BY n.changed_at DESC, n.document_id DESC LIMIT ${WORD_HITS}) x),
      rarity AS (SELECT token, 1 / ln(2 + count(*)) AS weight FROM shared GROUP BY token),
      near AS (SELECT document_id, sum(weight) AS weight FROM (
          SELECT s.document_id, r.weight FROM shared s JOIN rarity r USING (token)
          UNION ALL (SELECT p.document_id, 0.35 FROM placement p WHERE p.plan_id = $1 AND p.live AND p.document_id <> $2
            AND p.place IN (SELECT q.folder_id FROM placement q WHERE q.plan_id = $1 AND q.document_id = $2 UNION
              SELECT $3::uuid) ORDER BY p.added_at DESC LIMIT ${PLACE_HITS})
          UNION ALL (SELECT d.id, 0.5 FROM document o JOIN document d ON d.plan_id = o.plan_id
            AND d.sender_folded = o.sender_folded AND d.id <> o.id
            WHERE o.plan_id = $1 AND o.id = $2 AND o.sender_folded <> '' ORDER BY d.changed_at DESC
              LIMIT ${PLACE_HITS})) y
        GROUP BY document_id ORDER BY weight DESC, document_id DESC LIMIT ${NEIGHBOURS})
    SELECT d.name, near.weight::float8 AS weight, ARRAY(SELECT g.tag_id FROM tagging g WHERE g.target_id = d.id
      AND g.plan_id = d.plan_id) AS "tagIds"
    FROM near JOIN document d ON d.id = near.document_id AND d.plan_id = $1 AND d.trashed_at IS NULL
      ORDER BY near.weight DESC, d.id DESC`,
    [planId, documentId, folderId],
  )
}
