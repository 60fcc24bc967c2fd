// What was given to a person, as a list, and the right that they have on it.

import { explain, includesRole } from '../../../core/access/index'
import type { GivenThing } from '../../../core/access/index'
import type { GroupId, PersonId } from '../../../core/ids'
import { codedName, numberTree } from '../../../core/numbering/index'
import type { Role } from '../../../core/rows/index'
import { buildTree } from '../../../core/tree/index'
import { grantsOf, membersOf } from '../../db/sql/people'
import { numberingOf, placementsOf } from '../../db/sql/planRows'
import type { ReceivedGrant } from '../../db/sql/received'
import { receivedBy } from '../../db/sql/received'
import type { Actor } from '../actor'
import { LOCALE } from '../actor'
import type { PlanFolders } from '../plan/planFolders'
import { currentFolders, liveFolders } from '../plan/planFolders'

/** What is in force, the newest first; what lies in the Trash of its owner is not among it. */
export async function listReceived({ accountId }: Actor, now: Date) {
  const grants = await receivedBy(accountId, now)
  const names = new Map<string, Map<string, string>>()
  for (const planId of new Set(grants.filter(({ target }) => target === 'folder').map(grant => grant.planId)))
    names.set(planId, await folderNames(planId))
  return {
    received: eachOnce(grants).flatMap(grant => {
      const name = nameOf(grant, names)
      if (name === null) return []
      const { id, target, targetId, role, until, note, createdAt, from, ownerId, openedAt } = grant
      const isWorkable = target === 'plan' && includesRole(role, 'edit')
      return [{ id, target, targetId, isWorkable, role, until, note, createdAt, from, ownerId, openedAt, name }]
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

function nameOf(grant: ReceivedGrant, folders: ReadonlyMap<string, ReadonlyMap<string, string>>): string | null {
  if (grant.target === 'plan') return grant.planName
  if (grant.target === 'document') return grant.documentName
  return folders.get(grant.planId)?.get(grant.targetId) ?? null
}

/** "2.2 Handouts" of each live folder. */
async function folderNames(planId: string): Promise<Map<string, string>> {
  const [plan, numbering] = await Promise.all([currentFolders(planId), numberingOf(planId)])
  if (!numbering) return new Map()
  const { tree, codes } = numberTree(numbering, liveFolders(plan), LOCALE)
  return new Map([...tree.byId.values()].map(({ id, name }) => [id, codedName(codes.get(id)?.code ?? '', name)]))
}

/** The most that a person may do with what a grant gives them: other grants may reach it as well. */
export async function roleOn(grant: ReceivedGrant, personId: PersonId, plan: PlanFolders, now: Date): Promise<Role> {
  const { planId, target, targetId } = grant
  const [grants, members] = await Promise.all([grantsOf(null, planId), membersOf(null, planId)])
  const groups = new Map<GroupId, { memberIds: PersonId[] }>()
  for (const { groupId, personId: id } of members) {
    const group = groups.get(groupId) ?? { memberIds: [] }
    group.memberIds.push(id)
    groups.set(groupId, group)
  }
  if (target === 'plan') return grant.role
  const thing: GivenThing =
    target === 'folder'
      ? { kind: 'folder', id: targetId as never }
      : {
          kind: 'document',
          id: targetId,
          folderIds: (await placementsOf(null, planId, [targetId])).map(p => p.folderId),
        }
  const access = { tree: buildTree(liveFolders(plan)), grants, groups, now: now.toISOString() }
  return explain(personId, thing, access).role ?? grant.role
}
