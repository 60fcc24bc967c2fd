// People by their names, and who is in which group.

import type { GroupId, PersonId } from '../../../core/ids'
import type { GroupMemberRow } from '../../../core/rows/index'
import type { Transaction } from '../client'
import { literal, rows } from '../client'
import { findRows } from '../findRows'
import { belonging } from '../associations'
import { groupMembers } from '../models/groupMember'

export interface Person {
  readonly id: PersonId
  /** What they call themselves, or else their address. */
  readonly name: string
  readonly email: string
}

/** The name of a person, from their account. */
export const nameOf = ({ name, email }: { readonly name: string; readonly email: string }): string => name || email

/** The name of a person, from the table under an alias. */
export const personName = (alias: string): string => `coalesce(nullif(${alias}.name, ''), ${alias}.email)`

export function peopleByIds(transaction: Transaction | null, ids: readonly string[]): Promise<Person[]> {
  return rows<Person>(
    transaction,
    `SELECT a.id, ${personName('a')} AS name, a.email FROM account a WHERE a.id = ANY($1::uuid[])`,
    [ids],
  )
}

export async function personByEmail(email: string): Promise<Person | undefined> {
  const found = await rows<Person>(
    null,
    `SELECT a.id, ${personName('a')} AS name, a.email FROM account a WHERE a.email = $1 AND a.locked_at IS NULL`,
    [email],
  )
  return found[0]
}

/** Of all groups of a plan; those whose account is gone are in none. */
export async function membersOf(
  transaction: Transaction | null,
  planId: string,
): Promise<(GroupMemberRow & { readonly name: string; readonly email: string })[]> {
  const found = await groupMembers().findAll({
    where: { planId },
    include: [belonging(groupMembers, 'person', { attributes: ['name', 'email'] })],
    order: [
      [literal(`${personName('person')} COLLATE natural_order`), 'ASC'],
      ['id', 'ASC'],
    ],
    transaction,
  })
  return found.flatMap(({ id, groupId, personId, person }) =>
    person ? [{ id, groupId, personId, name: nameOf(person), email: person.email }] : [],
  )
}

/** The plans of these people, and of whoever is in these groups of a plan: whose windows are told. */
export async function plansOfPeople(
  transaction: Transaction,
  planId: string,
  personIds: readonly PersonId[],
  groupIds: readonly GroupId[],
): Promise<string[]> {
  const found = await rows<{ id: string }>(
    transaction,
    `SELECT p.id FROM plan p WHERE p.account_id = ANY($2::uuid[]) OR p.account_id IN (
      SELECT m.person_id FROM group_member m WHERE m.plan_id = $1 AND m.group_id = ANY($3::uuid[]))`,
    [planId, personIds, groupIds],
  )
  return found.map(({ id }) => id)
}

export const groupsOf = (transaction: Transaction | null, planId: string) =>
  findRows('person_group', { where: { planId }, order: [['createdAt', 'ASC']], transaction })

export const grantsOf = (transaction: Transaction | null, planId: string) =>
  findRows('access_grant', { where: { planId }, order: [['createdAt', 'DESC']], transaction })
