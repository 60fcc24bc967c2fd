import { CHANGED_NO_ROW, invert, whyNeverUndone } from '../../../core/change/index'
import { fail } from '../../../core/errors'
import { message } from '../../../core/history/index'
import type { Transaction } from '../../db/client'
import { withTransaction } from '../../db/client'
import type { JournalEntry } from '../../db/sql/journal'
import {
  actsSince,
  entryById,
  laterEntriesOn,
  markUndone,
  nextToRedo,
  nextToUndo,
  rowsOfEntry,
} from '../../db/sql/journal'
import { lockPlan } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { StaleRowsError, writeChange } from './writeChange'

/**
 * Takes a change back: the one named, or the newest act that is not undone. Undoing is a Change
 * itself. Throws undo.nothing, undo.done, undo.blocked (naming what stands against it).
 */
export async function undoChange(
  actor: Actor,
  newChangeId: string,
  changeId: string | null,
  now: Date,
): Promise<JournalEntry> {
  return takeBack(actor, newChangeId, now, async transaction => {
    if (changeId === null) return (await nextToUndo(transaction, actor)) ?? fail('undo.nothing')
    return behindRedo(transaction, actor, (await entryById(transaction, actor.planId, changeId)) ?? fail('notFound'))
  })
}

/** Undoing a "did again" means the act itself, which is in force once more. */
async function behindRedo(transaction: Transaction, actor: Actor, entry: JournalEntry): Promise<JournalEntry> {
  if (entry.kind !== 'redo' || entry.undoes === null) return entry
  const undo = await entryById(transaction, actor.planId, entry.undoes)
  return (undo?.undoes ? await entryById(transaction, actor.planId, undo.undoes) : undefined) ?? entry
}

/** Takes the last undo back, while nothing new was done after it. Throws redo.nothing, undo.blocked. */
export async function redoChange(actor: Actor, newChangeId: string, now: Date): Promise<JournalEntry> {
  return takeBack(
    actor,
    newChangeId,
    now,
    async transaction => (await nextToRedo(transaction, actor)) ?? fail('redo.nothing'),
  )
}

/**
 * Takes back everything that was done from this act on, the newest first, each as an undo of its own, all or
 * nothing. `newChangeId` names the first of them, so that nothing is done twice. Throws undo.done where there
 * is nothing left to take back, undo.never where something was deleted for good since, undo.blocked.
 */
export async function undoSince(
  actor: Actor,
  newChangeId: string,
  changeId: string,
  now: Date,
): Promise<JournalEntry[]> {
  const stuck: JournalEntry[] = []
  try {
    return await withTransaction(async transaction => {
      if (!(await lockPlan(transaction, actor.planId))) fail('notFound')
      const earlier = await entryById(transaction, actor.planId, newChangeId)
      if (earlier) return [earlier]
      const from = (await entryById(transaction, actor.planId, changeId)) ?? fail('notFound')
      const acts = await actsSince(transaction, actor.planId, from.revision)
      const targets = acts.filter(({ kind }) => !CHANGED_NO_ROW.includes(kind))
      const [why] = targets.flatMap(({ kind }) => whyNeverUndone(kind) ?? [])
      if (why) fail(why)
      if (targets.length === 0) fail('undo.done')
      const written: JournalEntry[] = []
      for (const [index, target] of targets.entries()) {
        stuck.push(target)
        const id = index === 0 ? newChangeId : newId()
        await writeInverse(transaction, actor, id, target, now)
        written.push((await entryById(transaction, actor.planId, id)) ?? fail('notFound'))
      }
      return written
    })
  } catch (error) {
    const target = stuck.at(-1)
    if (error instanceof StaleRowsError && target) fail('undo.blocked', await whatStandsAgainst(actor, target))
    throw error
  }
}

async function takeBack(
  actor: Actor,
  newChangeId: string,
  now: Date,
  choose: (transaction: Transaction) => Promise<JournalEntry>,
): Promise<JournalEntry> {
  const chosen: JournalEntry[] = []
  try {
    return await withTransaction(async transaction => {
      const plan = await lockPlan(transaction, actor.planId)
      if (!plan) fail('notFound')
      const earlier = await entryById(transaction, actor.planId, newChangeId)
      if (earlier) return earlier
      const target = await choose(transaction)
      chosen.push(target)
      const why = whyNeverUndone(target.kind)
      if (why) fail(why)
      if (target.undoneBy !== null) fail('undo.done')
      await writeInverse(transaction, actor, newChangeId, target, now)
      return (await entryById(transaction, actor.planId, newChangeId)) ?? fail('notFound')
    })
  } catch (error) {
    const [target] = chosen
    if (error instanceof StaleRowsError && target) fail('undo.blocked', await whatStandsAgainst(actor, target))
    throw error
  }
}

async function writeInverse(
  transaction: Transaction,
  actor: Actor,
  newChangeId: string,
  target: JournalEntry,
  now: Date,
): Promise<void> {
  const isRedo = target.kind === 'undo'
  const original = isRedo && target.undoes !== null ? await entryById(transaction, actor.planId, target.undoes) : null
  const act = original ?? target
  await writeChange(transaction, actor, {
    id: newChangeId,
    kind: isRedo ? 'redo' : 'undo',
    message: message(isRedo ? 'didAgain' : 'undid', { act: act.message ?? act.label }),
    places: target.places.map(id => (id === actor.planId ? null : id)),
    rows: invert(await rowsOfEntry(transaction, actor.planId, target.id)),
    undoes: target.id,
    at: now.toISOString(),
  })
  await markUndone(transaction, actor.planId, target.id, newChangeId)
  if (isRedo && target.undoes !== null) await markUndone(transaction, actor.planId, target.undoes, null)
}

async function whatStandsAgainst(actor: Actor, target: JournalEntry): Promise<{ later: string; changes: string[] }> {
  return withTransaction(async transaction => {
    const ids = (await rowsOfEntry(transaction, actor.planId, target.id)).map(row => row.id)
    const later = (await laterEntriesOn(transaction, actor.planId, target.revision, ids, 4)).filter(
      entry => entry.id !== target.id,
    )
    const labels = later.map(entry => entry.label)
    const text =
      labels.length === 0
        ? 'what it changed looks different by now'
        : labels.slice(0, 3).join('; ') + (labels.length > 3 ? '; and more' : '')
    return { later: text, changes: later.map(entry => entry.id) }
  })
}
