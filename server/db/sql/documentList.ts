// The documents of one place, a page at a time, by a key and not by counting.

import type { Origin } from '../../../core/rows/index'
import type { TickCount } from '../../../core/text/index'
import { prepared, rows } from '../client'
import { isoText } from '../tables'

export type Sort = 'name' | 'changed' | 'size' | 'type' | 'added'

const KEY: Record<Sort, { column: string; cast: string; text: string }> = {
  name: { column: 'p.name COLLATE natural_order', cast: 'text', text: 'p.name' },
  changed: { column: 'p.changed_at', cast: 'timestamptz', text: isoText('p.changed_at') },
  size: { column: 'p.size', cast: 'bigint', text: 'p.size::text' },
  added: { column: 'p.added_at', cast: 'timestamptz', text: isoText('p.added_at') },
  type: { column: 'p.extension', cast: 'text', text: 'p.extension' },
}

export interface ListedDocument {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly size: number
  readonly changedAt: string
  readonly createdAt: string
  readonly version: number
  readonly meaningId: string | null
  readonly runningNumber: string | null
  readonly origin: Origin
  readonly sender: string
  readonly tagIds: readonly string[]
  readonly starred: boolean
  /** none: never read, or not of a type that is read. */
  readonly reading: 'none' | 'waiting' | 'reading' | 'read' | 'failed' | 'locked'
  /** Of its check lists; null: it has none. */
  readonly ticks: TickCount | null
  /** All its places; null is the In-tray. */
  readonly folderIds: readonly (string | null)[]
}

/** The tags of the document `d`, by name. */
const TAG_IDS = `ARRAY(SELECT t.id FROM tagging g JOIN tag t ON t.id = g.tag_id AND t.plan_id = g.plan_id
  WHERE g.target_id = d.id AND (g.plan_id = d.plan_id) IS TRUE ORDER BY t.name COLLATE natural_order)`

/** Of the document `d`. */
export const DOCUMENT_COLUMNS = `d.id, d.name, d.extension, d.size::float8 AS size,
  ${isoText('d.changed_at')} AS "changedAt", ${isoText('d.created_at')} AS "createdAt", d.version,
    d.meaning_id AS "meaningId", d.running_number AS "runningNumber", d.origin, d.sender, ${TAG_IDS} AS "tagIds",
  EXISTS (SELECT FROM star WHERE star.plan_id = d.plan_id AND star.id = d.id) AS starred,
  coalesce((SELECT r.state FROM reading r WHERE r.blob_id = d.blob_id), 'none') AS reading,
  (SELECT jsonb_build_object('all', r.ticks, 'done', r.ticks_done) FROM reading r
    WHERE r.blob_id = d.blob_id AND r.state = 'read' AND r.ticks > 0 AND d.extension = 'md') AS ticks,
  (SELECT array_agg(q.folder_id ORDER BY q.home DESC, q.id) FROM placement q LEFT JOIN folder qf ON qf.id = q.folder_id
    AND qf.plan_id = q.plan_id WHERE q.document_id = d.id AND (q.plan_id = d.plan_id) IS TRUE
      AND qf.trashed_at IS NULL) AS "folderIds"`

export async function tagsOfDocument(planId: string, id: string): Promise<string[]> {
  const [found] = await rows<{ tagIds: string[] }>(
    null,
    `SELECT ${TAG_IDS} AS "tagIds" FROM document d WHERE d.plan_id = $1 AND d.id = $2`,
    [planId, id],
  )
  return found?.tagIds ?? []
}

export interface DocumentListQuery {
  readonly planId: string
  /** null: the In-tray. */
  readonly folderId: string | null
  readonly sort: Sort
  readonly descending: boolean
  /** The sort key and id after which to go on. */
  readonly after: { readonly key: string; readonly id: string } | null
  readonly limit: number
}

/** A document as it stands in the list: its sort key, and whether it is kept before the others. */
type DocumentListRow = ListedDocument & { readonly key: string; readonly first: boolean }

/** Those that are kept first, as they were laid by hand; then the others of them. */
const BY_HAND = "p.order_key = '', p.order_key"
// All that are kept first stand on the first page, on top of its own.
const FIRST_LIMIT = 1000

/** A page of those that are in order; before the first page stand those that are kept first there. */
export function documentListPage(query: DocumentListQuery): Promise<DocumentListRow[]> {
  const { column, cast, text } = KEY[query.sort]
  const [direction, compare] = query.descending ? ['DESC', '<'] : ['ASC', '>']
  const collation = query.sort === 'name' ? ' COLLATE natural_order' : ''
  const cursor = query.after ? `AND (${column}, p.document_id) ${compare} ($4::${cast}${collation}, $5::uuid)` : ''
  const bind: unknown[] = [query.planId, query.folderId ?? query.planId, query.limit]
  if (query.after) bind.push(query.after.key, query.after.id)
  const order = `${column} ${direction}, p.document_id ${direction}`
  const part = (first: boolean, limit: string) => {
    const own = first ? `${BY_HAND}, ${order}` : order
    return `(SELECT p.document_id, ${text} AS key, p.first, row_number() OVER (ORDER BY ${own}) AS at FROM placement p
    WHERE p.plan_id = $1 AND p.place = $2::uuid AND p.live AND ${first ? 'p.first' : 'NOT p.first'} ${cursor}
    ORDER BY ${own} LIMIT ${limit})`
  }
  const parts = [...(query.after ? [] : [part(true, String(FIRST_LIMIT))]), part(false, '$3')]
  return rows(
    null,
    `SELECT x.key, x.first, ${DOCUMENT_COLUMNS} FROM (${parts.join(' UNION ALL ')}) x
      JOIN document d ON d.id = x.document_id AND (d.plan_id = $1) IS TRUE ORDER BY x.first DESC, x.at`,
    bind,
  )
}

/** The ids of all documents of a place, in the order of the list. */
export async function documentListIds(
  planId: string,
  folderId: string | null,
  sort: Sort,
  descending: boolean,
): Promise<string[]> {
  const { column } = KEY[sort]
  const direction = descending ? 'DESC' : 'ASC'
  const found = await rows<{ id: string }>(
    null,
    `SELECT p.document_id AS id FROM placement p WHERE p.plan_id = $1 AND p.place = $2::uuid AND p.live
    ORDER BY p.first DESC, ${BY_HAND}, ${column} ${direction}, p.document_id ${direction}`,
    [planId, folderId ?? planId],
  )
  return found.map(row => row.id)
}

export function documentsInOrder(planId: string, ids: readonly string[]): Promise<ListedDocument[]> {
  return rows(
    null,
    prepared(
      'documents-in-order',
      `SELECT ${DOCUMENT_COLUMNS} FROM unnest($2::uuid[]) WITH ORDINALITY AS x(id, at) JOIN document d ON d.id = x.id
        AND d.plan_id = $1
    WHERE d.trashed_at IS NULL ORDER BY x.at`,
    ),
    [planId, ids],
  )
}

/** Names of documents in a folder, to see what an upload would meet. */
export function namesIn(planId: string, folderId: string): Promise<{ id: string; name: string; extension: string }[]> {
  return rows(
    null,
    'SELECT p.document_id AS id, p.name, p.extension FROM placement p WHERE p.plan_id = $1 AND p.place = ' +
      '$2::uuid AND p.live',
    [planId, folderId],
  )
}
