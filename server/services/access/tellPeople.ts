// Whoever gets something by a Change, or loses it, is told: their windows look again at what was given to them.

import type { RowChange } from '../../../core/change/index'
import type { GroupId, PersonId } from '../../../core/ids'
import type { GrantRow, GroupMemberRow } from '../../../core/rows/index'
import type { Transaction } from '../../db/client'
import { notify } from '../../db/sql/journal'
import { plansOfPeople } from '../../db/sql/people'

// A notice has to fit into 8,000 bytes.
const TOLD_AT_ONCE = 100

export async function tellPeople(transaction: Transaction, planId: string, rows: readonly RowChange[]): Promise<void> {
  const of = whom(rows)
  if (of.everyone) return notify(transaction, { type: 'received', planIds: null })
  if (of.people.size + of.groups.size === 0) return
  const plans = await plansOfPeople(transaction, planId, [...of.people], [...of.groups])
  for (let from = 0; from < plans.length; from += TOLD_AT_ONCE)
    await notify(transaction, { type: 'received', planIds: plans.slice(from, from + TOLD_AT_ONCE) })
}

function whom(rows: readonly RowChange[]) {
  const [people, groups] = [new Set<PersonId>(), new Set<GroupId>()]
  let everyone = false
  for (const row of rows) {
    // What an update changes is of the same people, who are known by the row's id alone.
    if (row.table === 'group_member' && row.op !== 'update') people.add(factsOf<GroupMemberRow>(row).personId)
    if (row.table !== 'access_grant') continue
    if (row.op === 'update') {
      everyone = true
      continue
    }
    const { who, whoId } = factsOf<GrantRow>(row)
    if (who === 'everyone') everyone = true
    else if (who === 'person') people.add(whoId as PersonId)
    else groups.add(whoId as GroupId)
  }
  return { people, groups, everyone }
}

/** The whole row, before or after, where it is no update. */
const factsOf = <Row>({ before, after }: { readonly before?: unknown; readonly after?: unknown }) =>
  (after ?? before) as Row // one of both is there
