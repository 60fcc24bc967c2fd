// Whether everything that was acknowledged is there, and nothing is there that belongs to nothing.

import { rows } from '../../server/db/client'
import { sha256 } from '../support/client'
import type { Person } from './person'

export async function lostOf(person: Person): Promise<string[]> {
  const lost: string[] = []
  for (const [id, held] of person.documents) {
    const [found] = await rows<{ folder: string | null; trashed: boolean; starred: boolean }>(
      null,
      `SELECT p.folder_id AS folder, d.trashed_at IS NOT NULL AS trashed, EXISTS (SELECT FROM star s
        WHERE s.plan_id = d.plan_id AND s.id = d.id) AS starred
      FROM document d JOIN placement p ON p.document_id = d.id AND p.home WHERE d.id = $1`,
      [id],
    )
    if (!found) lost.push(`document ${id} is gone`)
    else if (found.folder !== held.folderId || found.trashed || found.starred !== held.starred)
      lost.push(`document ${id} lies in ${found.folder} and not in ${held.folderId}, or its star is not as it was set`)
    else if (sha256((await person.client.content(id)).bytes) !== held.hash)
      lost.push(`document ${id} holds other bytes`)
  }
  const known = new Set((await person.client.outline()).folders.map(folder => folder.id))
  return [...lost, ...person.folders.filter(id => !known.has(id)).map(id => `folder ${id} is gone`)]
}

/** Each counts rows that should not be. */
const ORPHANS: Readonly<Record<string, string>> = {
  'documents without a place':
    'SELECT count(*)::int AS count FROM document d WHERE d.trashed_at IS NULL AND NOT EXISTS (SELECT FROM ' +
    'placement p WHERE p.document_id = d.id)',
  'places without a document':
    'SELECT count(*)::int AS count FROM placement p WHERE NOT EXISTS (SELECT FROM document d WHERE d.id = ' +
    'p.document_id AND d.plan_id = p.plan_id)',
  'documents without bytes':
    'SELECT count(*)::int AS count FROM document d WHERE NOT EXISTS (SELECT FROM blob b WHERE b.id = d.blob_id ' +
    'AND b.plan_id = d.plan_id AND b.sha256 IS NOT NULL)',
  'versions without a document':
    'SELECT count(*)::int AS count FROM version v WHERE NOT EXISTS (SELECT FROM document d WHERE d.id = v.document_id)',
  'bytes whose hash is wrong': `SELECT count(*)::int AS count FROM blob b WHERE b.sha256 IS NOT NULL
    AND b.sha256 <> sha256(coalesce((SELECT string_agg(c.bytes, ''::bytea ORDER BY c.seq) FROM blob_chunk c
      WHERE c.blob_id = b.id), ''::bytea))`,
  'live documents that are not searched':
    'SELECT count(*)::int AS count FROM document d WHERE d.trashed_at IS NULL AND NOT EXISTS (SELECT FROM ' +
    'search_row s WHERE s.document_id = d.id)',
  'rows that are searched of no live document':
    'SELECT count(*)::int AS count FROM search_row s WHERE NOT EXISTS (SELECT FROM document d WHERE d.id = ' +
    's.document_id AND d.trashed_at IS NULL)',
  'plans whose History has a gap':
    'SELECT count(*)::int AS count FROM plan p WHERE p.revision <> (SELECT count(*) FROM change c WHERE ' +
    'c.plan_id = p.id)',
  'readable documents that nobody reads': `SELECT count(*)::int AS count FROM document d
    WHERE d.extension IN ('txt', 'pdf', 'docx', 'md') AND NOT EXISTS (SELECT FROM reading r
      WHERE r.blob_id = d.blob_id)`,
}

export async function orphans(): Promise<string[]> {
  const found = await Promise.all(
    Object.entries(ORPHANS).map(async ([what, sql]) => ({
      what,
      count: (await rows<{ count: number }>(null, sql))[0]?.count ?? 0,
    })),
  )
  return found.filter(({ count }) => count > 0).map(({ what, count }) => `${count} ${what}`)
}

export async function countOpenReadings(): Promise<number> {
  return (
    (
      await rows<{ count: number }>(
        null,
        `SELECT count(*)::int AS count FROM reading WHERE state IN ('waiting', 'reading')`,
      )
    )[0]?.count ?? 0
  )
}
