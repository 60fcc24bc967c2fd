// The model of places of each plan that suggestions were asked for lately. It is made of the filed
// documents once, and then follows the journal: each Change and each reading since is taken in.

import { LRUCache } from 'lru-cache'
import { FilingModel } from '../../../core/filing/index'
import type { FolderId } from '../../../core/ids'
import type { FolderRow } from '../../../core/rows/index'
import { changedSince, filableByIds, filedDocuments, readSince } from '../../db/sql/filing'
import type { Actor } from '../actor'
import { currentFolders, liveFolders } from '../plan/planFolders'

export interface KnownPlan {
  readonly model: FilingModel
  readonly folders: ReadonlyMap<FolderId, FolderRow>
}

interface Held {
  model: FilingModel
  folders: Map<FolderId, FolderRow>
  revision: number
  readAt: string
}

// The newest documents say most about where the next ones go.
const DOCUMENTS = 50_000
// Beyond this many changed documents it is quicker to begin anew.
const MANY = 10_000
const PLANS = 4
const known = new LRUCache<string, Promise<Held>>({ max: PLANS })

/** The model as of now. One request after the other brings it up to date. */
export async function knownPlan(actor: Actor): Promise<KnownPlan> {
  const { planId } = actor
  const before = known.get(planId)
  const next = before
    ? before.then(
        held => caughtUp(planId, held),
        () => fresh(planId),
      )
    : fresh(planId)
  known.set(planId, next)
  return next
}

async function fresh(planId: string): Promise<Held> {
  const { revision } = await changedSince(planId, Number.MAX_SAFE_INTEGER)
  const { now } = await readSince(planId, '9999-01-01T00:00:00Z')
  const held: Held = { model: new FilingModel(), folders: new Map(), revision, readAt: now }
  for (const document of await filedDocuments(planId, DOCUMENTS)) held.model.put(document, document.folderIds)
  await describeFolders(planId, held)
  return held
}

async function caughtUp(planId: string, held: Held): Promise<Held> {
  const [changes, readings] = await Promise.all([changedSince(planId, held.revision), readSince(planId, held.readAt)])
  if (changes.documents.length > MANY) return fresh(planId)
  const at = new Map(changes.documents.map(document => [document.id, document.at]))
  const ids = [...new Set([...at.keys(), ...readings.ids])]
  if (ids.length > 0) {
    const present = new Map((await filableByIds(planId, ids)).map(document => [document.id, document]))
    for (const id of ids) {
      const document = present.get(id)
      if (document) held.model.put(document, document.folderIds, at.get(id) ?? null)
      else held.model.take(id)
    }
  }
  if (changes.foldersChanged) await describeFolders(planId, held)
  held.revision = changes.revision
  held.readAt = readings.now
  return held
}

async function describeFolders(planId: string, held: Held): Promise<void> {
  const folders = liveFolders(await currentFolders(planId))
  held.folders = new Map(folders.map(folder => [folder.id, folder]))
  held.model.describe(folders.map(({ id, name, purpose }) => ({ id, text: `${name} ${purpose}` })))
}
