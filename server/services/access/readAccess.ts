// What is given out of a plan, with the groups and people that it is given to, as its owner sees it.

import type { PersonId } from '../../../core/ids'
import type { Person } from '../../db/sql/people'
import { groupsOf, membersOf, peopleByIds } from '../../db/sql/people'
import type { GroupRow } from '../../../core/rows/index'
import type { UsedGrant } from '../../db/sql/received'
import { usedGrantsOf } from '../../db/sql/received'
import type { UsedLink } from '../../db/sql/shareLinks'
import { usedLinksOf } from '../../db/sql/shareLinks'

export interface GivenOut {
  readonly groups: readonly (GroupRow & { readonly memberIds: readonly PersonId[] })[]
  /** Members of groups, and who was given something. */
  readonly people: readonly Person[]
  readonly grants: readonly UsedGrant[]
  /** Without what would open them. */
  readonly links: readonly (Omit<UsedLink, 'secretHash' | 'passphraseHash'> & { readonly hasPassphrase: boolean })[]
}

export async function readAccess(planId: string): Promise<GivenOut> {
  const [groups, members, grants, links] = await Promise.all([
    groupsOf(null, planId),
    membersOf(null, planId),
    usedGrantsOf(planId),
    usedLinksOf(planId),
  ])
  const known = new Map<PersonId, Person>(
    members.map(({ personId: id, name, email }) => [id, { id, name, email }] as const),
  )
  const others = grants.flatMap(({ who, whoId }) =>
    who === 'person' && whoId !== null && !known.has(whoId as PersonId) ? [whoId] : [],
  )
  for (const person of others.length > 0 ? await peopleByIds(null, others) : []) known.set(person.id, person)
  return {
    groups: groups.map(({ id, name, createdAt }) => ({
      id,
      name,
      createdAt,
      memberIds: members.filter(member => member.groupId === id).map(({ personId }) => personId),
    })),
    people: [...known.values()],
    grants,
    links: links.map(({ secretHash: _, passphraseHash, ...link }) => ({
      ...link,
      hasPassphrase: passphraseHash !== null,
    })),
  }
}
