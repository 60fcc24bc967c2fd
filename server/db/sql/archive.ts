// The documents of folders, each with the folder it lies in, for an archive of them.

import { rows } from '../client'
import { isoText } from '../tables'

export interface FiledDocument {
  readonly id: string
  /** null: chosen by itself, not by a folder. */
  readonly folderId: string | null
  readonly name: string
  readonly extension: string
  readonly changedAt: string
  /** Bytes. */
  readonly size: number
}

const COLUMNS = `d.id, d.name, d.extension, d.size::float8 AS size, ${isoText('d.changed_at')} AS "changedAt"`

/** By folder, and within it by name; one that lies in two of the folders stands in both. */
export function documentsInFolders(planId: string, folderIds: readonly string[]): Promise<FiledDocument[]> {
  return rows<FiledDocument>(
    null,
    `SELECT ${COLUMNS}, p.folder_id AS "folderId" FROM placement p JOIN document d ON d.id = p.document_id
        AND d.plan_id = p.plan_id
      WHERE p.plan_id = $1 AND p.folder_id = ANY($2::uuid[]) AND d.trashed_at IS NULL
      ORDER BY array_position($2::uuid[], p.folder_id), d.name COLLATE natural_order, d.id`,
    [planId, folderIds],
  )
}

/** Those that are not in the Trash, in the order of the ids. */
export function documentsByIds(planId: string, ids: readonly string[]): Promise<FiledDocument[]> {
  return rows<FiledDocument>(
    null,
    `SELECT ${COLUMNS}, NULL::uuid AS "folderId" FROM document d
      WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[]) AND d.trashed_at IS NULL
      ORDER BY array_position($2::uuid[], d.id)`,
    [planId, ids],
  )
}
