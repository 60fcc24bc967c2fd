import { fail } from '../../../core/errors'
import type { KeptSearchRow, MeaningRow, PlanRow, TagRow } from '../../../core/rows/index'
import type { OutlineFolder } from '../../db/sql/planRows'
import {
  documentCounts,
  meaningsOf,
  outlineFoldersOf,
  planOf,
  starredFolders,
  tagCounts,
  tagsOf,
  tagsOfFolders,
} from '../../db/sql/planRows'
import { keptSearchesOf } from '../../db/sql/keeping'
import type { Actor } from '../actor'

export interface Outline {
  readonly plan: PlanRow & { readonly revision: number }
  readonly folders: readonly OutlineFolder[]
  readonly meanings: readonly MeaningRow[]
  /** With how many live folders and documents carry each. */
  readonly tags: readonly (TagRow & { readonly count: number })[]
  readonly searches: readonly KeptSearchRow[]
  readonly folderTags: Readonly<Record<string, readonly string[]>>
  readonly starred: readonly string[]
  /** Documents that lie directly in each folder; folders without any are left out. */
  readonly counts: Readonly<Record<string, number>>
  readonly inTray: number
}

/** Everything of a plan but its documents: what the outline, codes and colours are computed from. */
export async function readOutline(actor: Actor): Promise<Outline> {
  const plan = (await planOf(actor.accountId)) ?? fail('notFound')
  const [folders, meanings, starred, counted, tags, carried, tagged, searches] = await Promise.all([
    outlineFoldersOf(actor.planId),
    meaningsOf(null, actor.planId),
    starredFolders(actor.planId),
    documentCounts(actor.planId),
    tagsOf(null, actor.planId),
    tagCounts(actor.planId),
    tagsOfFolders(actor.planId),
    keptSearchesOf(null, actor.planId),
  ])
  const counts: Record<string, number> = {}
  let inTray = 0
  for (const { folderId, count } of counted) {
    if (folderId === null) inTray = count
    else counts[folderId] = count
  }
  const carriers = new Map(carried.map(({ tagId, count }) => [tagId, count]))
  return {
    plan,
    folders,
    meanings,
    starred,
    counts,
    inTray,
    searches,
    tags: tags.map(tag => ({ ...tag, count: carriers.get(tag.id) ?? 0 })),
    folderTags: Object.fromEntries(tagged.map(({ folderId, tagIds }) => [folderId, tagIds])),
  }
}
