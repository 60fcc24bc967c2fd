import { newId } from '../actor'
import { overdueRoots } from '../../db/sql/purge'
import { purge } from './purge'

/** Deletes for good what lies in the Trash of any plan longer than the plan keeps it; how many things. */
export async function sweepTrash(now: Date): Promise<number> {
  let count = 0
  for (const { planId, accountId, ids } of await overdueRoots(now)) {
    await purge({ planId, accountId }, newId(), ids, now)
    count += ids.length
  }
  return count
}
