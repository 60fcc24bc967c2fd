import type { DocumentRow } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { rows } from '../client'
import { DOCUMENT } from './planRows'

interface Wanted {
  readonly folderId: string
  readonly name: string
  readonly stem: string
}

// Of more names the folders are read once: looked up one by one without statistics, as right after a large import,
// each name may cost a walk through the plan (five thousand of them took over twelve minutes).
const LOOKED_UP_AT_MOST = 20

/** Documents of each folder with the folded name itself, or its stem and a number; of many, those of the others too. */
export async function namesakesOf(
  transaction: Transaction | null,
  planId: string,
  wanted: readonly Wanted[],
): Promise<DocumentRow[]> {
  if (wanted.length > LOOKED_UP_AT_MOST) return readFolders(transaction, planId, wanted)
  return rows<DocumentRow>(
    transaction,
    // In the order of bytes: behind "9" comes ":". Names first, then where they lie: without statistics the planner
    // took the places first, and looked for the names anew for each (20 names in a folder of thousands: 18 minutes).
    `WITH wanted AS (SELECT * FROM unnest($2::uuid[], $3::text[], $4::text[]) AS a(folder_id, name, stem)),
    named AS MATERIALIZED (SELECT a.folder_id, n.id FROM wanted a CROSS JOIN LATERAL (
        SELECT id FROM document WHERE plan_id = $1 AND trashed_at IS NULL AND folded = a.name
        UNION ALL SELECT id FROM document WHERE plan_id = $1 AND trashed_at IS NULL
          AND folded ~>=~ (a.stem || ' 0') AND folded ~<~ (a.stem || ' :')) n),
    found AS MATERIALIZED (SELECT DISTINCT n.id FROM named n
      JOIN placement p ON p.document_id = n.id AND p.folder_id = n.folder_id AND p.plan_id = $1)
    SELECT ${DOCUMENT} FROM found JOIN document d ON d.id = found.id AND d.plan_id = $1`,
    [planId, wanted.map(({ folderId }) => folderId), wanted.map(({ name }) => name), wanted.map(({ stem }) => stem)],
  )
}

/** Documents of that folded name in a folder in which the document lies itself. */
export function namedBeside(
  transaction: Transaction | null,
  planId: string,
  wanted: readonly { readonly id: string; readonly name: string }[],
): Promise<DocumentRow[]> {
  return rows<DocumentRow>(
    transaction,
    `SELECT DISTINCT ON (d.id) ${DOCUMENT} FROM unnest($2::uuid[], $3::text[]) AS a(id, name)
      JOIN document d ON d.plan_id = $1 AND d.folded = a.name AND d.id <> a.id AND d.trashed_at IS NULL
      JOIN placement q ON q.plan_id = $1 AND q.document_id = d.id
      JOIN placement p ON p.plan_id = $1 AND p.document_id = a.id AND p.folder_id = q.folder_id`,
    [planId, wanted.map(({ id }) => id), wanted.map(({ name }) => name)],
  )
}

async function readFolders(
  transaction: Transaction | null,
  planId: string,
  wanted: readonly Wanted[],
): Promise<DocumentRow[]> {
  const [names, stems] = [new Set(wanted.map(({ name }) => name)), new Set(wanted.map(({ stem }) => stem))]
  const there = await rows<DocumentRow>(
    transaction,
    `SELECT ${DOCUMENT} FROM document d WHERE d.plan_id = $1 AND d.trashed_at IS NULL AND d.id IN
      (SELECT p.document_id FROM placement p WHERE p.plan_id = $1 AND p.folder_id = ANY($2::uuid[]))`,
    [planId, [...new Set(wanted.map(({ folderId }) => folderId))]],
  )
  return there.filter(
    ({ folded }) =>
      names.has(folded) || [...folded.matchAll(/ \d/g)].some(({ index }) => stems.has(folded.slice(0, index))),
  )
}
