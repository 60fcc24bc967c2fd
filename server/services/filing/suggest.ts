import { fail } from '../../../core/errors'
import type { NameSuggestion, PlaceSuggestion, TagSuggestion } from '../../../core/filing/index'
import { suggestNames, suggestPlaces, suggestTags } from '../../../core/filing/index'
import type { FolderId, TagId } from '../../../core/ids'
import type { FolderRow } from '../../../core/rows/index'
import { documentById } from '../../db/sql/documentFacts'
import { beginningOf, filableByIds, neighboursOf, sameBytes } from '../../db/sql/filing'
import { namesIn, tagsOfDocument } from '../../db/sql/documentList'
import type { Actor } from '../actor'
import { knownPlan } from './knownPlans'

export interface SuggestionsFor {
  readonly places: readonly PlaceSuggestion[]
  readonly names: readonly NameSuggestion[]
  readonly same: readonly {
    readonly id: string
    readonly name: string
    readonly folderIds: readonly (FolderId | null)[]
  }[]
}

/**
 * Where a document could go and what it could be called; names as they are made in `folderId`, else in the likeliest
 * place. Throws notFound.
 */
export async function suggestFor(
  actor: Actor,
  documentId: string,
  folderId: FolderId | null,
  now: Date,
): Promise<SuggestionsFor> {
  const [{ model, folders }, [document], text, same] = await Promise.all([
    knownPlan(actor),
    filableByIds(actor.planId, [documentId]),
    beginningOf(actor.planId, documentId),
    sameBytes(actor.planId, documentId),
  ])
  if (!document) fail('notFound')
  const places = suggestPlaces(model, document, folders, now.getTime(), document.folderIds)
  const into = folders.get(folderId ?? places[0]?.folderId ?? ('' as FolderId))
  const names = suggestNames(
    { name: document.name, sender: document.sender, text },
    into ? await placeFor(actor, into, folders) : null,
  )
  return { places, names, same }
}

/** Tags that documents like it carry, also like it by the folder that it is to go to. Throws notFound. */
export async function suggestTagsFor(
  actor: Actor,
  documentId: string,
  folderId: FolderId | null,
): Promise<TagSuggestion[]> {
  if (!(await documentById(actor.planId, documentId))) fail('notFound')
  const [neighbours, carried] = await Promise.all([
    neighboursOf(actor.planId, documentId, folderId),
    tagsOfDocument(actor.planId, documentId),
  ])
  return suggestTags(neighbours, carried as TagId[])
}

async function placeFor(
  actor: Actor,
  folder: FolderRow,
  folders: ReadonlyMap<FolderId, FolderRow>,
): Promise<{ folder: string; pattern: string | null; names: string[] }> {
  let pattern: string | null = null
  for (
    let at: FolderRow | undefined = folder;
    at && pattern === null;
    at = at.parentId === null ? undefined : folders.get(at.parentId)
  )
    pattern = at.namePattern
  return { folder: folder.name, pattern, names: (await namesIn(actor.planId, folder.id)).map(({ name }) => name) }
}
