import { message, namedThings } from '../../history/index'
import { trash } from '../commands/trash'
import type { DocumentId, FolderId } from '../../ids'
import type { Decision, Moment, Slice } from '../slice'
import type { Needs } from '../needs'
import { NO_NEEDS } from '../needs'
import type { HandedThing } from './handed'

/** What has to be seen of the giver's plan: `folders` are all of it. */
export function needsOfHanded({ target, targetId }: HandedThing, folders: Slice['folders']): Needs {
  const all = { ...NO_NEEDS, access: true, tags: true }
  if (target === 'document') return { ...all, documentIds: [targetId as DocumentId] }
  return { ...all, inBranches: target === 'folder' ? [targetId as FolderId] : topsOf(folders) }
}

const topsOf = (folders: Slice['folders']) =>
  [...folders.values()].flatMap(({ id, parentId, trashedAt }) => (parentId === null && trashedAt === null ? [id] : []))

/**
 * What becomes of it in the plan of whoever handed it over: it lies in the Trash. What also lies elsewhere in the plan
 * stays there.
 */
export function handedAway(slice: Slice, thing: HandedThing, person: string, moment: Moment): Decision {
  const { target, targetId } = thing
  const [folder, document] = [slice.folders.get(targetId), slice.documents.get(targetId)]
  const decision = trash.decide(
    slice,
    {
      folderIds: target === 'document' ? [] : target === 'folder' ? [targetId as FolderId] : topsOf(slice.folders),
      documentIds: target === 'document' ? [targetId as DocumentId] : [],
    },
    moment,
  )
  if (!decision.ok) return decision
  const things =
    target === 'plan' ? message('wholePlan') : namedThings(folder ? [folder] : [], document ? [document] : [])
  return { ...decision, message: message('handOver', { things, person }) }
}
