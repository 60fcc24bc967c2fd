import { HembixError, fail } from '../../../core/errors'
import type { Command } from '../../../core/plan/index'
import { decide, needsOf } from '../../../core/plan/commands/index'
import { foldersAfter } from '../../../core/plan/index'
import { withTransaction } from '../../db/client'
import type { JobPriority } from '../reading/requestReading'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import { lockPlan } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { LOCALE, newId } from '../actor'
import type { PlanFolders } from '../plan/planFolders'
import { keepFolders } from '../plan/planFolders'
import { loadSlice } from './loadSlice'
import { StaleRowsError, writeChange } from './writeChange'

/**
 * Carries a command out as one Change in one transaction. `changeId` is the client's key: asked
 * again with the same one, nothing changes and the first answer is given. `readings`: when the documents
 * that it brings are read. Throws the refusal.
 */
export async function applyCommand(
  actor: Actor,
  changeId: string,
  command: Command,
  now: Date,
  readings: JobPriority = 'now',
): Promise<JournalEntry> {
  const held: PlanFolders[] = []
  try {
    const entry = await withTransaction(async transaction => {
      const plan = await lockPlan(transaction, actor.planId)
      if (!plan) fail('notFound')
      const earlier = await entryById(transaction, actor.planId, changeId)
      if (earlier) return earlier
      const slice = await loadSlice(transaction, plan, needsOf(command))
      const decision = decide(slice, command, { now: now.toISOString(), newId, locale: LOCALE })
      if (!decision.ok) throw new HembixError(decision.reason)
      const { rows, message, places } = decision
      const revision = await writeChange(transaction, actor, {
        id: changeId,
        kind: command.kind,
        message,
        places,
        rows,
        undoes: null,
        at: now.toISOString(),
        readings,
      })
      held.push({ revision, folders: foldersAfter(slice.folders, rows) })
      return (await entryById(transaction, actor.planId, changeId)) ?? fail('notFound')
    })
    for (const folders of held) keepFolders(actor.planId, folders)
    return entry
  } catch (error) {
    if (error instanceof StaleRowsError) fail(error.idTaken ? 'id.taken' : 'change.collided')
    throw error
  }
}
