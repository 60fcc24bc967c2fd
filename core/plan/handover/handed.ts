// What goes with a thing that is handed over: a document, a folder with all below, or a whole plan as one folder.

import type { FolderId } from '../../ids'
import { newFolder } from '../newFolder'
import type { Slice } from '../slice'
import { liveFolders, liveTree } from '../slice'
import type {
  DocumentRow,
  FolderRow,
  GrantRow,
  GroupMemberRow,
  GroupRow,
  MeaningRow,
  PlacementRow,
  TaggingRow,
  TagRow,
  VersionRow,
} from '../../rows/index'
import { branchOf } from '../../tree/index'

export interface HandedThing {
  readonly target: 'plan' | 'folder' | 'document'
  readonly targetId: string
}

export interface Handed {
  /** The one that holds the others first; none where a document is handed over. */
  readonly folders: readonly FolderRow[]
  readonly documents: readonly DocumentRow[]
  /** In these folders alone. */
  readonly placements: readonly PlacementRow[]
  readonly versions: readonly VersionRow[]
  readonly taggings: readonly TaggingRow[]
  readonly tags: ReadonlyMap<string, TagRow>
  readonly meanings: ReadonlyMap<string, MeaningRow>
  /** Of these things, with the groups that have them. */
  readonly grants: readonly GrantRow[]
  readonly groups: readonly GroupRow[]
  readonly members: readonly GroupMemberRow[]
}

const NO_ORDER = ''

/**
 * Of a slice that holds the documents of the branch, or the document, with everything that was given, and all tags;
 * null: it is not there, or lies in the Trash. Versions and taggings are those of the slice.
 */
export function handedOf(slice: Slice, { target, targetId }: HandedThing, locale: string, now: string): Handed | null {
  const folders = foldersOf(slice, { target, targetId }, locale, now)
  const within = new Set(folders.map(({ id }) => id))
  const placements = slice.placements.filter(({ folderId }) => folderId !== null && within.has(folderId))
  const meant = target === 'document' ? new Set([targetId]) : new Set<string>(placements.map(one => one.documentId))
  const documents = [...slice.documents.values()].filter(({ id, trashedAt }) => trashedAt === null && meant.has(id))
  if (folders.length + (target === 'document' ? documents.length : 0) === 0) return null
  const ids = new Set<string>([...within, ...documents.map(({ id }) => id)])
  const grants = [...slice.grants.values()]
    .filter(one => ids.has(one.targetId) || (target === 'plan' && one.target === 'plan'))
    .map(one => (one.target === 'plan' ? { ...one, target: 'folder' as const } : one))
  const groupIds = new Set(grants.map(({ who, whoId }) => (who === 'group' ? whoId : null)))
  return {
    folders,
    documents,
    placements: placements.filter(({ documentId }) => ids.has(documentId)),
    versions: slice.versions.filter(({ documentId }) => ids.has(documentId)),
    taggings: slice.taggings.filter(one => ids.has(one.targetId)),
    tags: slice.tags,
    meanings: slice.meanings,
    grants,
    groups: [...slice.groups.values()].filter(({ id }) => groupIds.has(id)),
    members: slice.members.filter(({ groupId }) => groupIds.has(groupId)),
  }
}

/** A plan becomes a folder of its name, which numbers what lies in it as the plan did. */
function foldersOf(slice: Slice, { target, targetId }: HandedThing, locale: string, now: string): readonly FolderRow[] {
  if (target === 'folder') return branchOf(liveTree(slice, locale), targetId as FolderId)
  if (target === 'document') return []
  const { id, name, numbering, childOrder } = slice.plan
  const planFolder = id as FolderId
  const top = newFolder({ id: planFolder, parentId: null, name, orderKey: NO_ORDER, numbering, childOrder }, { now })
  return [top, ...liveFolders(slice).map(one => (one.parentId === null ? { ...one, parentId: planFolder } : one))]
}
