import type { DocumentRow } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { rows } from '../client'
import { DOCUMENT } from './planRows'

/** Documents of each folder with the folded name itself, or its stem and a number. */
export function namesakesOf(
  transaction: Transaction | null,
  planId: string,
  wanted: readonly { readonly folderId: string; readonly name: string; readonly stem: string }[],
): Promise<DocumentRow[]> {
  return rows<DocumentRow>(
    transaction,
    // In the order of bytes: behind "9" comes ":".
    `WITH wanted AS (SELECT * FROM unnest($2::uuid[], $3::text[], $4::text[]) AS a(folder_id, name, stem)),
    found AS MATERIALIZED (SELECT DISTINCT n.id FROM wanted a CROSS JOIN LATERAL (
        SELECT id FROM document WHERE plan_id = $1 AND trashed_at IS NULL AND folded = a.name
        UNION ALL SELECT id FROM document WHERE plan_id = $1 AND trashed_at IS NULL
          AND folded ~>=~ (a.stem || ' 0') AND folded ~<~ (a.stem || ' :')) n
      JOIN placement p ON p.document_id = n.id AND p.folder_id = a.folder_id AND p.plan_id = $1)
    SELECT ${DOCUMENT} FROM found JOIN document d ON d.id = found.id AND d.plan_id = $1`,
    [planId, wanted.map(({ folderId }) => folderId), wanted.map(({ name }) => name), wanted.map(({ stem }) => stem)],
  )
}
