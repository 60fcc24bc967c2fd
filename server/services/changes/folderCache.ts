// The folders of plans that were written lately, as they are at a revision. The plan's row, which a
// command locks, says whether they still hold; every write of folders goes on by one revision.

import type { FolderRow } from '../../../core/rows/index'

export interface KnownFolders {
  readonly revision: number
  readonly folders: ReadonlyMap<string, FolderRow>
}

// The longest unused goes first.
const PLANS = 6
const known = new Map<string, KnownFolders>()

export function foldersAt(planId: string, revision: number): ReadonlyMap<string, FolderRow> | null {
  const held = known.get(planId)
  if (held?.revision !== revision) return null
  known.delete(planId)
  known.set(planId, held)
  return held.folders
}

/** To be called when the transaction that wrote, or read, them is committed. */
export function keepFolders(planId: string, held: KnownFolders): void {
  if ((known.get(planId)?.revision ?? -1) > held.revision) return
  known.delete(planId)
  known.set(planId, held)
  const [oldest] = known.keys()
  if (known.size > PLANS && oldest !== undefined) known.delete(oldest)
}
