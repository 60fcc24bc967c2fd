import type { DocumentRow, VersionRow } from '../../../core/rows/index'
import { rows } from '../client'
import { isoText, selectList } from '../tables'

export async function documentById(planId: string, id: string): Promise<DocumentRow | undefined> {
  const found = await rows<DocumentRow>(
    null,
    `SELECT ${selectList('document', 'd')} FROM document d WHERE d.plan_id = $1 AND d.id = $2`,
    [planId, id],
  )
  return found[0]
}

export function versionsOf(planId: string, documentId: string): Promise<VersionRow[]> {
  return rows<VersionRow>(
    null,
    `SELECT ${selectList('version', 'v')} FROM version v WHERE v.plan_id = $1 AND v.document_id = $2
      ORDER BY v.number DESC`,
    [planId, documentId],
  )
}

/** What went into the Trash with a folder: its folders, then its documents, by name. At most 2,000. */
export function trashInside(
  planId: string,
  rootId: string,
): Promise<
  {
    id: string
    target: 'folder' | 'document'
    name: string
    extension: string
    parentId: string | null
    size: number
  }[]
> {
  return rows(
    null,
    `SELECT * FROM (
      SELECT f.id, 'folder' AS target, f.name, '' AS extension, f.parent_id AS "parentId", 0::float8 AS size
        FROM folder f WHERE f.plan_id = $1 AND f.trash_root = $2 AND f.id <> $2
      UNION ALL SELECT d.id, 'document', d.name, d.extension, p.folder_id, d.size::float8 FROM document d
        JOIN placement p ON p.document_id = d.id AND p.plan_id = d.plan_id AND p.home WHERE d.plan_id = $1
          AND d.trash_root = $2 AND d.id <> $2) x
    ORDER BY x.target DESC, x.name COLLATE natural_order LIMIT 2000`,
    [planId, rootId],
  )
}

export interface TrashItem {
  readonly id: string
  readonly target: 'folder' | 'document'
  readonly name: string
  readonly extension: string
  readonly trashedAt: string
  readonly parentId: string | null
  readonly folders: number
  readonly documents: number
  readonly size: number
}

/** What was put into the Trash, newest first, with how much lies in it. */
export function trashItems(planId: string, limit: number): Promise<TrashItem[]> {
  return rows<TrashItem>(
    null,
    `WITH inside AS (
      SELECT trash_root, count(*) FILTER (WHERE kind = 'f')::int AS folders,
        count(*) FILTER (WHERE kind = 'd')::int AS documents, coalesce(sum(size), 0)::float8 AS size FROM (
        SELECT trash_root, 'f' AS kind, 0 AS size FROM folder WHERE plan_id = $1 AND trash_root IS NOT NULL
          AND trash_root <> id
        UNION ALL SELECT trash_root, 'd', size FROM document WHERE plan_id = $1 AND trash_root IS NOT NULL) x
          GROUP BY trash_root),
    roots AS (
      SELECT f.id, 'folder' AS target, f.name, '' AS extension, f.trashed_at, f.parent_id FROM folder f
        WHERE f.plan_id = $1 AND f.trash_root = f.id
      UNION ALL
      SELECT d.id, 'document', d.name, d.extension, d.trashed_at, (SELECT p.folder_id FROM placement p
        WHERE p.document_id = d.id AND p.plan_id = d.plan_id ORDER BY p.home DESC LIMIT 1)
      FROM document d WHERE d.plan_id = $1 AND d.trash_root = d.id)
    SELECT r.id, r.target, r.name, r.extension, ${isoText('r.trashed_at')} AS "trashedAt", r.parent_id AS "parentId",
      coalesce(i.folders, 0) AS folders, coalesce(i.documents, 0) AS documents, coalesce(i.size, 0) AS size
    FROM roots r LEFT JOIN inside i ON i.trash_root = r.id ORDER BY r.trashed_at DESC, r.id LIMIT $2`,
    [planId, limit],
  )
}

/** Live documents that came with a message, and the message itself, but not `except`. */
export function togetherWith(
  planId: string,
  messageId: string,
  except: string,
): Promise<{ id: string; name: string; extension: string }[]> {
  return rows(
    null,
    `SELECT d.id, d.name, d.extension FROM document d WHERE d.plan_id = $1 AND (d.id = $2 OR d.part_of = $2)
      AND d.id <> $3 AND d.trashed_at IS NULL ORDER BY d.part_of NULLS FIRST, d.name`,
    [planId, messageId, except],
  )
}
