// What was given to a person, as a list, and the right that they have on it.

import { higherRole, includesRole } from '../../../core/access/index'
import type { FolderId, PersonId } from '../../../core/ids'
import { codedName } from '../../../core/numbering/index'
import type { FolderRow, Role } from '../../../core/rows/index'
import { numberingOf, placementsOf } from '../../db/sql/planRows'
import type { ReceivedGrant } from '../../db/sql/received'
import { receivedBy, rolesOn } from '../../db/sql/received'
import type { Actor } from '../actor'
import type { PlanFolders } from '../plan/planFolders'
import { currentFolders, numberedFolders } from '../plan/planFolders'

/** What is in force, the newest first; what lies in the Trash of its owner is not among it. */
export async function listReceived({ accountId }: Actor, now: Date) {
  const grants = await receivedBy(accountId, now)
  const names: Names = new Map()
  for (const planId of new Set(grants.filter(({ target }) => target !== 'document').map(grant => grant.planId)))
    names.set(planId, await foldersByName(planId))
  return {
    received: eachOnce(grants).flatMap(grant => {
      const name = nameOf(grant, names)
      if (name === null) return []
      const { id, target, targetId, role, until, note, createdAt, from, ownerId, openedAt, muted } = grant
      const isWorkable = target === 'plan' && includesRole(role, 'edit')
      const areas = areasIn(grant, names)
      return [
        { id, target, targetId, isWorkable, role, until, note, createdAt, from, ownerId, openedAt, muted, name, areas },
      ]
    }),
  }
}

/** Of several that give the same thing the one that allows the most, opened when any of them was. */
function eachOnce(grants: readonly ReceivedGrant[]): ReceivedGrant[] {
  const byTarget = new Map<string, ReceivedGrant>()
  for (const grant of grants) {
    const other = byTarget.get(grant.targetId)
    const most = other && includesRole(other.role, grant.role) ? other : grant
    byTarget.set(grant.targetId, { ...most, openedAt: other?.openedAt ?? grant.openedAt })
  }
  return [...byTarget.values()]
}

function nameOf(grant: ReceivedGrant, folders: Names): string | null {
  if (grant.target === 'plan') return grant.planName
  if (grant.target === 'document') return grant.documentName
  return folders.get(grant.planId)?.get(grant.targetId)?.name ?? null
}

/** What was given itself, if that is one, and those below it. */
function areasIn({ planId, target, targetId }: ReceivedGrant, folders: Names) {
  const all = folders.get(planId)
  const found: Area[] = []
  for (const folder of target === 'document' ? [] : (all?.values() ?? [])) {
    if (!folder.area) continue
    let at: NamedFolder | undefined = folder
    while (at && target === 'folder' && at.id !== targetId) at = all?.get(at.parentId ?? '')
    if (at) found.push({ folderId: folder.id, name: folder.name, purpose: folder.purpose })
  }
  return found
}

interface Area {
  readonly folderId: FolderId
  readonly name: string
  readonly purpose: string
}
interface NamedFolder {
  readonly id: FolderId
  readonly parentId: FolderId | null
  /** "2.2 Handouts". */
  readonly name: string
  readonly area: boolean
  readonly purpose: string
}
type Names = Map<string, ReadonlyMap<string, NamedFolder>>

/** Each live folder of a plan. */
async function foldersByName(planId: string): Promise<ReadonlyMap<string, NamedFolder>> {
  const [plan, numbering] = await Promise.all([currentFolders(planId), numberingOf(planId)])
  if (!numbering) return new Map()
  const { tree, codes } = numberedFolders(plan, numbering)
  const named = ({ id, parentId, name, area, purpose }: FolderRow): NamedFolder => ({
    ...{ id, parentId, area, purpose },
    name: codedName(codes.get(id)?.code ?? '', name),
  })
  return new Map([...tree.byId.values()].map(folder => [folder.id, named(folder)]))
}

/** The most that a person may do with what a grant gives them: other grants may reach it as well. */
export async function roleOn(grant: ReceivedGrant, personId: PersonId, plan: PlanFolders, now: Date): Promise<Role> {
  const { planId, target, targetId } = grant
  const places =
    target === 'document'
      ? (await placementsOf(null, planId, [targetId])).map(({ folderId }) => folderId)
      : target === 'folder'
        ? [targetId as FolderId]
        : []
  const above = new Set(places.flatMap(id => foldersAbove(plan, id)))
  const isFiled = target === 'plan' || above.size > 0
  const roles = await rolesOn(personId, planId, [targetId, ...above, ...(isFiled ? [planId] : [])], now)
  return roles.reduce<Role>((most, role) => higherRole(most, role) ?? most, grant.role)
}

/** A folder and all above it; none where one of them is in the Trash. */
function foldersAbove({ folders }: PlanFolders, id: FolderId | null): FolderId[] {
  const above: FolderId[] = []
  for (let at = folders.get(id ?? ''); at; at = folders.get(at.parentId ?? '')) {
    if (at.trashedAt !== null) return []
    above.push(at.id)
  }
  return above
}
