// What a person may do with a thing, and why. Everyone who asks for a right, screens and routes, asks here.

import type { GroupId, PersonId } from '../ids'
import type { GrantRow, Role } from '../rows/index'
import { ROLES } from '../rows/index'
import type { Tree, TreeFolder } from '../tree/index'
import type { GivenThing, Reach } from './reach'
import { reaching } from './reach'
import { higherRole } from './roles'

export type Grant = Pick<GrantRow, 'id' | 'target' | 'targetId' | 'who' | 'whoId' | 'role' | 'until'>

/** What rights are computed from: the folders, what was given, who is in which group, and when. */
export interface Access<G extends Grant = Grant, F extends TreeFolder = TreeFolder> {
  readonly tree: Tree<F>
  readonly grants: readonly G[]
  readonly groups: ReadonlyMap<GroupId, { readonly memberIds: readonly PersonId[] }>
  /** ISO 8601. */
  readonly now: string
}

/** Whether a grant is for this person: their own, everyone's, or one of a group that they are in. */
export function isFor(
  { who, whoId }: Pick<Grant, 'who' | 'whoId'>,
  personId: PersonId,
  groups: Access['groups'],
): boolean {
  if (who === 'everyone') return true
  if (who === 'person') return whoId === personId
  return groups.get(whoId as GroupId)?.memberIds.includes(personId) ?? false
}

export interface Explained<G extends Grant> {
  /** null: none. */
  readonly role: Role | null
  /** Each grant that gives it something, what gives most first. */
  readonly reasons: readonly Reach<G>[]
}

/** A person's role on a thing with all reasons. The owner is not asked about here: they keep everything. */
export function explain<G extends Grant, F extends TreeFolder>(
  personId: PersonId,
  thing: GivenThing,
  { tree, grants, groups, now }: Access<G, F>,
): Explained<G> {
  const theirs = grants.filter(grant => isFor(grant, personId, groups))
  const reasons = reaching(thing, tree, theirs, now)
  const role = reasons.reduce<Role | null>((most, { given }) => higherRole(most, given.role), null)
  const rank = ({ given }: Reach<G>) => -ROLES.indexOf(given.role)
  return { role, reasons: [...reasons].sort((a, b) => rank(a) - rank(b)) }
}

/** What people may do, opened out: groups by their members. `everyone`: whoever has an account. */
export interface Audience {
  readonly people: ReadonlyMap<PersonId, Role>
  readonly everyone: Role | null
}

export function audienceOf<G extends Grant>(reasons: readonly Reach<G>[], groups: Access['groups']): Audience {
  const people = new Map<PersonId, Role>()
  let everyone: Role | null = null
  for (const { given } of reasons) {
    if (given.who === 'everyone') everyone = higherRole(everyone, given.role)
    const ids =
      given.who === 'person'
        ? [given.whoId as PersonId]
        : given.who === 'group'
          ? (groups.get(given.whoId as GroupId)?.memberIds ?? [])
          : []
    for (const id of ids) people.set(id, higherRole(people.get(id) ?? null, given.role) ?? given.role)
  }
  return { people, everyone }
}
