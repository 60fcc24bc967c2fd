// The documents of folders, each with the folder it lies in, for an archive of them.

import { rows } from '../client'
import { isoText } from '../tables'

export interface FiledDocument {
  readonly id: string
  /** null: it lies in the In-tray, or was chosen by itself. */
  readonly folderId: string | null
  readonly name: string
  readonly extension: string
  readonly changedAt: string
  /** Bytes. */
  readonly size: number
}

const COLUMNS = `d.id, d.name, d.extension, d.size::float8 AS size, ${isoText('d.changed_at')} AS "changedAt"`

/**
 * By place, and within it by name; one that lies in two of the places stands in both. A place is a folder, or the plan
 * itself for the In-tray.
 */
export function documentsInPlaces(planId: string, places: readonly string[]): Promise<FiledDocument[]> {
  return rows<FiledDocument>(
    null,
    `SELECT ${COLUMNS}, p.folder_id AS "folderId" FROM placement p JOIN document d ON d.id = p.document_id
        AND d.plan_id = p.plan_id
      WHERE p.plan_id = $1 AND p.place = ANY($2::uuid[]) AND p.live
      ORDER BY array_position($2::uuid[], p.place), p.name COLLATE natural_order, d.id`,
    [planId, places],
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
