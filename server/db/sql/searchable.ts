// What rules see of documents, for those that are matched in memory: standing orders.

import type { SearchableDocument } from '../../../core/find/index'
import { rows } from '../client'

/** These documents by their id, with what the columns say (core/find, columnsFor); nothing else is looked up. */
export async function searchableDocuments(
  planId: string,
  ids: readonly string[],
  columns: Readonly<Record<string, string>>,
): Promise<Map<string, SearchableDocument>> {
  const pairs = Object.entries(columns).map(([name, sql]) => `'${name}', ${sql}`)
  const found = await rows<{ id: string; document: SearchableDocument }>(
    null,
    `SELECT d.id, json_build_object(${pairs.join(', ')}) AS document FROM document d
    JOIN search_row s ON s.document_id = d.id AND (s.plan_id = d.plan_id) IS TRUE
    WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[])`,
    [planId, ids],
  )
  return new Map(found.map(({ id, document }) => [id, document]))
}
