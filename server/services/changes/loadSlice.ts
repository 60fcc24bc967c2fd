import type { FolderId } from '../../../core/ids'
import type { Needs, Slice } from '../../../core/plan/index'
import { branchOf, buildTree } from '../../../core/tree/index'
import type { FolderRow } from '../../../core/rows/index'
import type { Transaction } from '../../db/client'
import type { LockedPlan } from '../../db/sql/planRows'
import { linksAmong, linksOf } from '../../db/sql/shareLinks'
import { grantsOf, groupsOf, membersOf, peopleByIds } from '../../db/sql/people'
import { bundleItemsOf, bundlesOf, keptSearchesOf } from '../../db/sql/keeping'
import { namedBeside, namesakesOf } from '../../db/sql/namesakes'
import { foldersAt } from '../plan/planFolders'
import {
  documentsByIds,
  documentsByMeaning,
  documentsByTrashRoot,
  documentsInFolders,
  foldersOf,
  meaningsOf,
  ordersOf,
  placementsOf,
  serialsOf,
  starsAmong,
  taggingsAmong,
  tagsOf,
  versionsAmong,
} from '../../db/sql/planRows'

/** The part of the plan that a command needs, under the plan's lock. */
export async function loadSlice(transaction: Transaction, plan: LockedPlan, needs: Needs): Promise<Slice> {
  const folders = foldersAt(plan.id, plan.revision) ?? byId(await foldersOf(transaction, plan.id))
  const meanings = await meaningsOf(transaction, plan.id)
  const links = await linksFor(transaction, plan.id, needs)
  const given = links
    .filter(({ id }) => needs.linkIds.includes(id))
    .flatMap(({ target, targetId }) => (target === 'document' ? [targetId] : []))
  const documentIds = [...needs.documentIds, ...given]
  const documents = [
    ...(documentIds.length > 0 ? await documentsByIds(transaction, plan.id, documentIds) : []),
    ...(needs.inFolder !== null ? await documentsInFolders(transaction, plan.id, [needs.inFolder]) : []),
    ...(needs.namesakes.length > 0 ? await namesakesOf(transaction, plan.id, needs.namesakes) : []),
    ...(needs.besides.length > 0 ? await namedBeside(transaction, plan.id, needs.besides) : []),
    ...(needs.inFolders.length > 0 ? await documentsInFolders(transaction, plan.id, needs.inFolders) : []),
    ...(needs.meaningId !== null ? await documentsByMeaning(transaction, plan.id, needs.meaningId) : []),
    ...(needs.inBranches.length > 0
      ? await documentsInFolders(transaction, plan.id, branches(folders, needs.inBranches))
      : []),
    ...(needs.trashRoots.length > 0 ? await documentsByTrashRoot(transaction, plan.id, needs.trashRoots) : []),
  ]
  const placements =
    documents.length > 0
      ? await placementsOf(
          transaction,
          plan.id,
          documents.map(document => document.id),
        )
      : []
  const stars = needs.starIds.length > 0 ? await starsAmong(transaction, plan.id, needs.starIds) : []
  const tags = needs.tags ? await tagsOf(transaction, plan.id) : []
  const taggings =
    needs.tagIds.length + needs.taggedIds.length > 0
      ? await taggingsAmong(transaction, plan.id, needs.tagIds, needs.taggedIds)
      : []
  const serials = await serialsOf(transaction, plan.id)
  const versions = needs.versionsOf.length > 0 ? await versionsAmong(transaction, plan.id, needs.versionsOf) : []
  const orders = needs.orders ? await ordersOf(transaction, plan.id) : []
  const searches = needs.searches ? await keptSearchesOf(transaction, plan.id) : []
  const bundles = needs.bundleId === null ? [] : await bundlesOf(transaction, plan.id)
  const bundleItems = needs.bundleId === null ? [] : await bundleItemsOf(transaction, plan.id, needs.bundleId)
  const groups = needs.access ? await groupsOf(transaction, plan.id) : []
  const members = needs.access ? await membersOf(transaction, plan.id) : []
  const grants = needs.access ? await grantsOf(transaction, plan.id) : []
  const inGroup = members.filter(({ groupId }) => groupId === needs.membersOf).map(({ personId }) => personId)
  const named = [
    ...needs.personIds,
    ...inGroup,
    ...grants.flatMap(({ who, whoId }) => (who === 'person' && whoId ? [whoId] : [])),
  ]
  const people = named.length > 0 ? await peopleByIds(transaction, named) : []
  const { id, name, numbering, childOrder, trashDays, areasOnly, revision } = plan
  return {
    revision,
    plan: { id, name, numbering, childOrder, trashDays, areasOnly },
    folders,
    documents: byId(documents),
    placements,
    stars: byId(stars),
    meanings: byId(meanings),
    tags: byId(tags),
    taggings,
    serials,
    versions,
    orders: byId(orders),
    searches: byId(searches),
    bundles: byId(bundles),
    links: byId(links),
    bundleItems,
    groups: byId(groups),
    members: members.map(({ id: memberId, groupId, personId }) => ({ id: memberId, groupId, personId })),
    grants: byId(grants),
    people: byId(people),
    ownerId: plan.ownerId,
  }
}

/** Those named, or all of them. */
async function linksFor(transaction: Transaction, planId: string, { linkIds, access }: Needs) {
  if (access) return linksOf(transaction, planId)
  return linkIds.length > 0 ? linksAmong(transaction, planId, linkIds) : []
}

function branches(folders: ReadonlyMap<string, FolderRow>, tops: readonly FolderId[]): string[] {
  const tree = buildTree(folders.values())
  return tops.flatMap(top => branchOf(tree, top).map(folder => folder.id))
}

function byId<Row extends { readonly id: string }>(rows: readonly Row[]): Map<string, Row> {
  return new Map(rows.map(row => [row.id, row]))
}
