import type { JournalEntry } from '../../db/sql/journal'
import { entriesBefore, nextToRedo, nextToUndo } from '../../db/sql/journal'
import type { Actor } from '../actor'

const PAGE = 100

export interface HistoryPage {
  readonly changes: readonly JournalEntry[]
  /** Revision before which the next page begins; null at the end. */
  readonly next: number | null
}

export async function listHistory(actor: Actor, before: number | null): Promise<HistoryPage> {
  const entries = await entriesBefore(actor.planId, before, PAGE + 1)
  const changes = entries.slice(0, PAGE)
  return { changes, next: entries.length > PAGE ? (changes.at(-1)?.revision ?? null) : null }
}

export interface LastActs {
  /** The newest entry of all, for the bottom line. */
  readonly last: JournalEntry | null
  readonly undo: JournalEntry | null
  readonly redo: JournalEntry | null
}

export async function readLastActs(actor: Actor): Promise<LastActs> {
  const [[last], undo, redo] = await Promise.all([entriesBefore(actor.planId, null, 1), nextToUndo(null, actor.planId), nextToRedo(null, actor.planId)])
  return { last: last ?? null, undo: undo ?? null, redo: redo ?? null }
}

