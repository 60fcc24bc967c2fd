import { LRUCache } from 'lru-cache'
import { fail } from '../../../core/errors'
import type { KeptSearchRow, MeaningRow, PlanRow, TagRow } from '../../../core/rows/index'
import type { OutlineFolder } from '../../db/sql/planRows'
import {
  documentCounts,
  meaningsOf,
  outlineFoldersOf,
  planById,
  revisionOf,
  starredFolders,
  tagCounts,
  tagsOf,
  tagsOfFolders,
} from '../../db/sql/planRows'
import { touchedSince } from '../../db/sql/touched'
import { keptSearchesOf } from '../../db/sql/keeping'
import { readAccess } from '../access/readAccess'
import type { GivenOut } from '../access/readAccess'
import type { Actor } from '../actor'

export interface Outline extends GivenOut {
  /** null: folders and counts are all here. */
  readonly since: number | null
  readonly gone: readonly string[]
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

/**
 * Everything of a plan but its documents: what the outline, codes and colours are computed from. With `since`, the
 * folders and counts that are other ones than at that revision, where that can be told: the journal says which folders
 * were touched, and the counts of that revision are remembered.
 */
export async function readOutline(actor: Actor, since: number | null = null): Promise<Outline> {
  const key = (revision: number) => `${actor.planId} ${revision}`
  const before = since === null ? undefined : countsAt.get(key(since))
  const known = before ? since : null
  let read = await readOnce(actor, known)
  let revision = await revisionOf(actor.planId)
  // What is read side by side belongs to one revision only if none was written meanwhile.
  for (let again = 0; again < READ_AGAIN && revision !== read.plan.revision; again++) {
    read = await readOnce(actor, known)
    revision = await revisionOf(actor.planId)
  }
  if (revision === read.plan.revision) countsAt.set(key(revision), read.counts)
  else countsAt.delete(key(read.plan.revision))
  return before && read.since !== null ? { ...read, counts: otherCounts(before, read.counts) } : read
}

type Counts = Readonly<Record<string, number>>
const READ_AGAIN = 3
// More touched folders than this are as much as all of them.
const TOUCHED_LIMIT = 2000
// So many numbers are remembered in all, of whatever plans.
const REMEMBERED = 400_000
const countsAt = new LRUCache<string, Counts>({
  maxSize: REMEMBERED,
  sizeCalculation: counts => Object.keys(counts).length + 1,
})

function otherCounts(before: Counts, now: Counts): Counts {
  const other = Object.entries(now).filter(([id, count]) => before[id] !== count)
  const emptied = Object.keys(before).filter(id => !(id in now))
  return Object.fromEntries([...other, ...emptied.map(id => [id, 0] as const)])
}

async function readOnce(actor: Actor, known: number | null): Promise<Outline> {
  const { ownerId: _, ...plan } = (await planById(actor.planId)) ?? fail('notFound')
  const touched = known === null ? null : await touchedFolders(actor.planId, known, plan.revision)
  const [folders, meanings, starred, counted, tags, carried, tagged, searches, given] = await Promise.all([
    outlineFoldersOf(actor.planId, touched),
    meaningsOf(null, actor.planId),
    starredFolders(actor.planId),
    documentCounts(actor.planId),
    tagsOf(null, actor.planId),
    tagCounts(actor.planId),
    tagsOfFolders(actor.planId),
    keptSearchesOf(null, actor.planId),
    readAccess(actor.planId),
  ])
  const counts: Record<string, number> = {}
  let inTray = 0
  for (const { folderId, count } of counted) {
    if (folderId === null) inTray = count
    else counts[folderId] = count
  }
  const carriers = new Map(carried.map(({ tagId, count }) => [tagId, count]))
  const present = new Set<string>(folders.map(({ id }) => id))
  return {
    since: touched === null ? null : known,
    gone: touched === null ? [] : touched.filter(id => !present.has(id)),
    plan,
    folders,
    meanings,
    starred,
    counts,
    inTray,
    searches,
    ...given,
    // Whoever works in the plan of another sees who may what, and no addresses.
    people: given.people.map(person => (actor.isGuest ? { ...person, email: '' } : person)),
    tags: tags.map(tag => ({ ...tag, count: carriers.get(tag.id) ?? 0 })),
    folderTags: Object.fromEntries(tagged.map(({ folderId, tagIds }) => [folderId, tagIds])),
  }
}

/** Ids among which are those of all folders that were touched after a revision; null where that cannot be told. */
async function touchedFolders(planId: string, known: number, revision: number): Promise<readonly string[] | null> {
  if (known > revision) return null // of another database, or of a time that a backup took back
  const { changes, ids } = await touchedSince(planId, known)
  return changes < revision - known || ids.length > TOUCHED_LIMIT ? null : ids
}
