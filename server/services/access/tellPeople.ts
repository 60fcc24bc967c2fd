// Whoever gets something by a Change, or loses it, is told: their windows look again at what was given to them.

import type { RowChange } from '../../../core/change/index'
import type { GroupId, PersonId } from '../../../core/ids'
import type { GrantRow, GroupMemberRow } from '../../../core/rows/index'
import type { Transaction } from '../../db/client'
import { findRows } from '../../db/findRows'
import { notify } from '../../db/sql/notify'
import { plansOfPeople } from '../../db/sql/people'

// A notice has to fit into 8,000 bytes.
const TOLD_AT_ONCE = 100

export async function tellPeople(transaction: Transaction, planId: string, rows: readonly RowChange[]): Promise<void> {
  const of = whom(rows, await changedGrants(transaction, planId, rows))
  if (of.everyone) return notify(transaction, { type: 'received', planIds: null })
  if (of.people.size + of.groups.size === 0) return
  const plans = await plansOfPeople(transaction, planId, [...of.people], [...of.groups])
  for (let from = 0; from < plans.length; from += TOLD_AT_ONCE)
    await notify(transaction, { type: 'received', planIds: plans.slice(from, from + TOLD_AT_ONCE) })
}

/** Grants of which a Change wrote only what became other: for whom they are says the row. */
async function changedGrants(transaction: Transaction, planId: string, rows: readonly RowChange[]) {
  const id = rows.flatMap(row => (row.table === 'access_grant' && row.op === 'update' ? [row.id] : []))
  return id.length === 0 ? [] : findRows('access_grant', { where: { planId, id }, transaction })
}

function whom(rows: readonly RowChange[], changed: readonly GrantRow[]) {
  const [people, groups] = [new Set<PersonId>(), new Set<GroupId>()]
  const whole = rows.filter(row => row.op !== 'update')
  for (const row of whole) if (row.table === 'group_member') people.add(factsOf<GroupMemberRow>(row).personId)
  const grants = whole.flatMap(row => (row.table === 'access_grant' ? [factsOf<GrantRow>(row)] : []))
  let everyone = false
  for (const { who, whoId } of [...grants, ...changed]) {
    if (who === 'everyone') everyone = true
    else if (who === 'person') people.add(whoId as PersonId)
    else groups.add(whoId as GroupId)
  }
  return { people, groups, everyone }
}

/** The whole row, before or after, where it is no update. */
const factsOf = <Row>({ before, after }: { readonly before?: unknown; readonly after?: unknown }) =>
  (after ?? before) as Row // one of both is there
