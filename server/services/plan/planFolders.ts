// The folders of plans in memory, as they are at a revision: one snapshot for commands, search and filing. Every write
// of folders goes on by one revision, so that the plan's own row says whether a snapshot still holds.

import { LRUCache } from 'lru-cache'
import type { NumberedTree } from '../../../core/numbering/index'
import { numberTree } from '../../../core/numbering/index'
import type { FolderRow, PlanRow } from '../../../core/rows/index'
import { LOCALE } from '../actor'
import { foldersOf, revisionOf } from '../../db/sql/planRows'

export interface PlanFolders {
  readonly revision: number
  /** Those in the Trash as well. */
  readonly folders: ReadonlyMap<string, FolderRow>
}

const known = new LRUCache<string, PlanFolders>({ max: 20 })

/** The snapshot of this very revision; null where there is none. */
export function foldersAt(planId: string, revision: number): ReadonlyMap<string, FolderRow> | null {
  const held = known.get(planId)
  return held?.revision === revision ? held.folders : null
}

/** To be called when the transaction that wrote, or read, them is committed. An older one takes the place of none. */
export function keepFolders(planId: string, held: PlanFolders): void {
  if ((known.get(planId)?.revision ?? -1) <= held.revision) known.set(planId, held)
}

/**
 * The folders as they are now. What is written while they are read may be in them under the revision of before; whoever
 * asks next finds another revision and reads again.
 */
export async function currentFolders(planId: string): Promise<PlanFolders> {
  const revision = await revisionOf(planId)
  const held = known.get(planId)
  if (held?.revision === revision) return held
  const read = { revision, folders: new Map((await foldersOf(null, planId)).map(folder => [folder.id, folder])) }
  keepFolders(planId, read)
  return read
}

// Codes and places are asked for again and again: the same folders under the same numbering are numbered once.
const numbered = new WeakMap<
  PlanFolders['folders'],
  { readonly plan: string; readonly tree: NumberedTree<FolderRow> }
>()

/** The live folders with their codes. */
export function numberedFolders(
  plan: PlanFolders,
  { numbering, childOrder }: Pick<PlanRow, 'numbering' | 'childOrder'>,
): NumberedTree<FolderRow> {
  const key = JSON.stringify([numbering, childOrder])
  const held = numbered.get(plan.folders)
  if (held?.plan === key) return held.tree
  const tree = numberTree({ numbering, childOrder }, liveFolders(plan), LOCALE)
  numbered.set(plan.folders, { plan: key, tree })
  return tree
}

export function liveFolders({ folders }: PlanFolders): FolderRow[] {
  return [...folders.values()].filter(folder => folder.trashedAt === null)
}
