// The rows of a plan as commands load them.

import type {
  DocumentRow,
  FolderRow,
  MeaningRow,
  Order,
  PlacementRow,
  PlanRow,
  StarRow,
  TaggingRow,
  TagRow,
  VersionRow,
} from '../../../core/rows/index'
import type { PersonId } from '../../../core/ids'
import type { Transaction } from '../client'
import { rows, execute } from '../client'
import { BY_NAME, findRows } from '../findRows'
import { serials } from '../models/serial'
import { isoText, selectList } from '../tables'

interface Revised {
  readonly revision: number
  readonly ownerId: PersonId
}
export type LockedPlan = PlanRow & Revised

const REVISION = { revision: 'revision::float8', ownerId: 'account_id' }

/** The account's plan, locked until the transaction ends, so that changes of one plan come one after the other. */
export async function lockPlan(transaction: Transaction, planId: string): Promise<LockedPlan | undefined> {
  return (
    await findRows<'plan', Revised>('plan', { where: { id: planId }, also: REVISION, transaction, lock: true })
  )[0]
}

/** By its id. */
export async function planById(id: string): Promise<LockedPlan | undefined> {
  return (await findRows<'plan', Revised>('plan', { where: { id }, also: REVISION }))[0]
}

/** A person's own. */
export async function planOf(accountId: string): Promise<LockedPlan | undefined> {
  return (await findRows<'plan', Revised>('plan', { where: { accountId }, also: REVISION }))[0]
}

/** How a plan numbers and orders its top folders. */
export async function numberingOf(planId: string): Promise<Pick<PlanRow, 'numbering' | 'childOrder'> | undefined> {
  return (await findRows('plan', { where: { id: planId } }))[0]
}

export async function revisionOf(planId: string): Promise<number> {
  const found = await rows<{ revision: number }>(null, 'SELECT revision::float8 AS revision FROM plan WHERE id = $1', [
    planId,
  ])
  return found[0]?.revision ?? 0
}

export function foldersOf(transaction: Transaction | null, planId: string): Promise<FolderRow[]> {
  return findRows('folder', { where: { planId }, transaction })
}

const LIVE = ['trashedAt', 'trashRoot'] as const
const CHANGED_AT = { changedAt: isoText('changed_at') }
interface Changed {
  readonly changedAt: string
}
/** What there is to say of a folder that is not in the Trash, and when anything of it, or right in it, changed last. */
export type OutlineFolder = Omit<FolderRow, (typeof LIVE)[number]> & Changed

/** All of them, or those among `ids` that are there. */
export function outlineFoldersOf(planId: string, ids: readonly string[] | null = null): Promise<OutlineFolder[]> {
  const where = { planId, trashedAt: null, ...(ids === null ? {} : { id: [...ids] }) }
  return findRows<'folder', Changed>('folder', { where, except: LIVE, also: CHANGED_AT })
}

export function meaningsOf(transaction: Transaction | null, planId: string): Promise<MeaningRow[]> {
  return findRows('meaning', { where: { planId }, order: ['orderKey'], transaction })
}

export function starsAmong(
  transaction: Transaction | null,
  planId: string,
  ids: readonly string[],
): Promise<StarRow[]> {
  return rows<StarRow>(
    transaction,
    `SELECT ${selectList('star', 's')} FROM star s WHERE s.plan_id = $1 AND s.id = ANY($2::uuid[])`,
    [planId, ids],
  )
}

export async function starredFolders(planId: string): Promise<string[]> {
  return (await findRows('star', { where: { planId, target: 'folder' } })).map(row => row.id)
}

export const DOCUMENT = selectList('document', 'd')

export function documentsByIds(
  transaction: Transaction | null,
  planId: string,
  ids: readonly string[],
): Promise<DocumentRow[]> {
  return rows<DocumentRow>(
    transaction,
    `SELECT ${DOCUMENT} FROM document d WHERE d.plan_id = $1 AND d.id = ANY($2::uuid[])`,
    [planId, ids],
  )
}

/**
 * Live documents filed in any of the folders. They are looked up by their ids, and the plan is only looked at: right
 * after a large import, before there are statistics, PostgreSQL takes a plan for one document and would go through it
 * for every place.
 */
export function documentsInFolders(
  transaction: Transaction,
  planId: string,
  folderIds: readonly string[],
): Promise<DocumentRow[]> {
  return rows<DocumentRow>(
    transaction,
    `WITH filed AS MATERIALIZED (SELECT DISTINCT p.document_id AS id FROM placement p
      WHERE p.folder_id = ANY($2::uuid[]) AND (p.plan_id = $1) IS TRUE)
    SELECT ${DOCUMENT} FROM filed JOIN document d ON d.id = filed.id WHERE (d.plan_id = $1) IS TRUE
      AND (d.trashed_at IS NULL) IS TRUE`,
    [planId, folderIds],
  )
}

/** Documents with this meaning of their own, those in the Trash included. */
export function documentsByMeaning(
  transaction: Transaction,
  planId: string,
  meaningId: string,
): Promise<DocumentRow[]> {
  return findRows('document', { where: { planId, meaningId }, transaction })
}

export function documentsByTrashRoot(
  transaction: Transaction,
  planId: string,
  roots: readonly string[],
): Promise<DocumentRow[]> {
  return rows<DocumentRow>(
    transaction,
    `SELECT ${DOCUMENT} FROM document d WHERE d.plan_id = $1 AND d.trash_root = ANY($2::uuid[])`,
    [planId, roots],
  )
}

export function placementsOf(
  transaction: Transaction | null,
  planId: string,
  documentIds: readonly string[],
): Promise<PlacementRow[]> {
  return rows<PlacementRow>(
    transaction,
    `SELECT ${selectList('placement', 'p')} FROM placement p
    WHERE p.plan_id = $1 AND p.document_id = ANY($2::uuid[]) ORDER BY p.home DESC, p.id`,
    [planId, documentIds],
  )
}

export interface FolderFacts {
  readonly folderId: string
  readonly documents: number
  readonly size: number
  readonly changedAt: string
}

/** What lies directly in each folder that holds documents: how many, their bytes, the newest change. */
export function folderFacts(planId: string): Promise<FolderFacts[]> {
  return rows<FolderFacts>(
    null,
    `SELECT p.place AS "folderId", count(*)::int AS documents, sum(p.size)::float8 AS size,
      ${isoText('max(p.changed_at)')} AS "changedAt"
    FROM placement p WHERE p.plan_id = $1 AND p.live AND p.place <> p.plan_id GROUP BY p.place`,
    [planId],
  )
}

export async function documentCounts(planId: string): Promise<{ folderId: string | null; count: number }[]> {
  return rows(
    null,
    `SELECT NULLIF(p.place, p.plan_id) AS "folderId", count(*)::int AS count FROM placement p
    WHERE p.plan_id = $1 AND p.live GROUP BY p.place, p.plan_id`,
    [planId],
  )
}

export function tagsOf(transaction: Transaction | null, planId: string): Promise<TagRow[]> {
  return findRows('tag', { where: { planId }, order: BY_NAME, transaction })
}

/** Taggings with any of these tags, or on any of these folders and documents. */
export function taggingsAmong(
  transaction: Transaction,
  planId: string,
  tagIds: readonly string[],
  targetIds: readonly string[],
): Promise<TaggingRow[]> {
  return rows<TaggingRow>(
    transaction,
    `SELECT ${selectList('tagging', 'g')} FROM tagging g WHERE g.plan_id = $1 AND (g.tag_id = ANY($2::uuid[])
      OR g.target_id = ANY($3::uuid[]))`,
    [planId, tagIds, targetIds],
  )
}

/** How many live folders and documents carry each tag. */
export function tagCounts(planId: string): Promise<{ tagId: string; count: number }[]> {
  return rows(
    null,
    `SELECT g.tag_id AS "tagId", count(*)::int AS count FROM tagging g LEFT JOIN document d ON d.id = g.target_id
      AND d.plan_id = g.plan_id LEFT JOIN folder f ON f.id = g.target_id AND f.plan_id = g.plan_id
    WHERE g.plan_id = $1 AND coalesce(d.trashed_at, f.trashed_at) IS NULL GROUP BY g.tag_id`,
    [planId],
  )
}

export function tagsOfFolders(planId: string): Promise<{ folderId: string; tagIds: string[] }[]> {
  return rows(
    null,
    `SELECT g.target_id AS "folderId", array_agg(g.tag_id ORDER BY t.name COLLATE natural_order) AS "tagIds"
      FROM tagging g JOIN tag t ON t.id = g.tag_id AND t.plan_id = g.plan_id
    WHERE g.plan_id = $1 AND g.target = 'folder' GROUP BY g.target_id`,
    [planId],
  )
}

export async function serialsOf(transaction: Transaction, planId: string): Promise<Map<string, number>> {
  const found = await serials().findAll({ where: { planId }, transaction })
  return new Map(found.map(({ prefix, last }) => [prefix, last]))
}

/** Keeps in mind which running numbers were given out; never goes back. */
export async function keepSerials(
  transaction: Transaction,
  planId: string,
  serials: ReadonlyMap<string, number>,
): Promise<void> {
  if (serials.size === 0) return
  await execute(
    transaction,
    `INSERT INTO serial (plan_id, prefix, last) SELECT $1::uuid, s.prefix, s.last
      FROM unnest($2::text[], $3::int[]) AS s(prefix, last)
    ON CONFLICT (plan_id, prefix) DO UPDATE SET last = greatest(serial.last, excluded.last)`,
    [planId, [...serials.keys()], [...serials.values()]],
  )
}

export async function folderById(planId: string, id: string): Promise<FolderRow | undefined> {
  return (await findRows('folder', { where: { planId, id } }))[0]
}

export function versionsAmong(
  transaction: Transaction,
  planId: string,
  documentIds: readonly string[],
): Promise<VersionRow[]> {
  return rows<VersionRow>(
    transaction,
    `SELECT ${selectList('version', 'v')} FROM version v WHERE v.plan_id = $1 AND v.document_id = ANY($2::uuid[])`,
    [planId, documentIds],
  )
}

export function ordersOf(transaction: Transaction | null, planId: string): Promise<Order[]> {
  return findRows('standing_order', { where: { planId }, order: ['orderKey'], transaction })
}
