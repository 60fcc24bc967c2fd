import { fail } from '../../../core/errors'
import type { FolderId } from '../../../core/ids'
import { branchOf, buildTree } from '../../../core/tree/index'
import type { HistoryFilter, JournalEntry } from '../../db/sql/journal'
import { entriesBefore, entriesOf, nextToRedo, nextToUndo } from '../../db/sql/journal'
import { currentFolders, liveFolders } from '../plan/planFolders'
import type { Actor } from '../actor'

const PAGE = 100

export interface HistoryPage {
  readonly changes: readonly JournalEntry[]
  /** Revision before which the next page begins; null at the end. */
  readonly next: number | null
}

export type HistoryRequest = Omit<HistoryFilter, 'places'> & {
  /** With everything below; null: anywhere. */
  readonly folderId: FolderId | null
}

/** Throws notFound for a folder that is gone. */
export async function listHistory(
  actor: Actor,
  before: number | null,
  { folderId, ...request }: HistoryRequest,
): Promise<HistoryPage> {
  const places = folderId === null ? null : await branchIds(actor, folderId)
  const entries = await entriesOf(actor.planId, before, { ...request, places }, PAGE + 1)
  const changes = entries.slice(0, PAGE)
  return { changes, next: entries.length > PAGE ? (changes.at(-1)?.revision ?? null) : null }
}

async function branchIds(actor: Actor, folderId: FolderId): Promise<FolderId[]> {
  const tree = buildTree(await currentFolders(actor.planId).then(liveFolders))
  if (!tree.byId.has(folderId)) fail('notFound')
  return branchOf(tree, folderId).map(folder => folder.id)
}

export interface LastActs {
  /** The newest entry of all, for the bottom line. */
  readonly last: JournalEntry | null
  /** Who carried it out, where that was another person. */
  readonly by: string | null
  readonly undo: JournalEntry | null
  readonly redo: JournalEntry | null
}

export async function readLastActs(actor: Actor): Promise<LastActs> {
  const [[last], undo, redo] = await Promise.all([
    entriesBefore(actor.planId, null, 1),
    nextToUndo(null, actor),
    nextToRedo(null, actor),
  ])
  const by = last && last.actorId !== actor.accountId ? last.actor || 'somebody who is gone' : null
  return { last: last ?? null, by, undo: undo ?? null, redo: redo ?? null }
}
