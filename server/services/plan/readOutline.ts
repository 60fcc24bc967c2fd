import { fail } from '../../../core/errors'
import type { FolderRow, MeaningRow, PlanRow } from '../../../core/rows/index'
import { documentCounts, liveFoldersOf, meaningsOf, planOf, starredFolders } from '../../db/sql/planRows'
import type { Actor } from '../actor'

export interface Outline {
  readonly plan: PlanRow & { readonly revision: number }
  readonly folders: readonly (FolderRow & { readonly changedAt: string })[]
  readonly meanings: readonly MeaningRow[]
  readonly starred: readonly string[]
  /** Documents that lie directly in each folder; folders without any are left out. */
  readonly counts: Readonly<Record<string, number>>
  readonly inTray: number
}

/** Everything of a plan but its documents: what the outline, codes and colours are computed from. */
export async function readOutline(actor: Actor): Promise<Outline> {
  const plan = (await planOf(actor.accountId)) ?? fail('notFound')
  const [folders, meanings, starred, counted] = await Promise.all([
    liveFoldersOf(actor.planId), meaningsOf(null, actor.planId), starredFolders(actor.planId), documentCounts(actor.planId),
  ])
  const counts: Record<string, number> = {}
  let inTray = 0
  for (const { folderId, count } of counted) {
    if (folderId === null) inTray = count
    else counts[folderId] = count
  }
  return { plan, folders, meanings, starred, counts, inTray }
}
