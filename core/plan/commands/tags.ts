// Tags: words on folders and documents. A tag that is put on by name is the one of that name, case and
// accents apart; only where there is none, a new one is made.

import type { RowChange } from '../../change/index'
import { inserted } from '../../change/index'
import type { FolderId, TagId } from '../../ids'
import type { DocumentRow, FolderRow, TagRow } from '../../rows/index'
import { foldedText } from '../../text/index'
import type { Decision, Moment, Slice } from '../slice'
import { findDocument, findFolder, isDecision, placesByDocument, refuse } from '../slice'
import type { Things } from '../things'

export const TAG_LIMIT = 60

/** The rows that put these tags on things, and the tags as they are then; or why one cannot be a tag. */
export function tagRows(
  slice: Slice,
  given: readonly { readonly id: TagId; readonly name: string }[],
  things: { readonly folders: readonly FolderRow[]; readonly documents: readonly DocumentRow[] },
  moment: Moment,
): Decision | { readonly rows: readonly RowChange[]; readonly tags: readonly TagRow[] } {
  const rows: RowChange[] = []
  const tags: TagRow[] = []
  for (const wanted of given) {
    const name = tagName(wanted.name)
    if (name === null) return refuse('tag.name', { limit: TAG_LIMIT })
    const folded = foldedText(name)
    const known = slice.tags.get(wanted.id) ?? [...slice.tags.values(), ...tags].find(tag => tag.folded === folded)
    const tag = known ?? { id: wanted.id, name, folded, meaningId: null, hidden: false }
    if (!known) rows.push(inserted('tag', tag))
    if (!tags.includes(tag)) tags.push(tag)
  }
  const carried = new Set(slice.taggings.map(({ tagId, targetId }) => `${tagId} ${targetId}`))
  for (const tag of tags) {
    const put = (target: 'folder' | 'document', targetId: string) => {
      if (!carried.has(`${tag.id} ${targetId}`))
        rows.push(inserted('tagging', { id: moment.newId(), tagId: tag.id, target, targetId }))
    }
    for (const folder of things.folders) put('folder', folder.id)
    for (const document of things.documents) put('document', document.id)
  }
  return { rows, tags }
}

/** The name as it is kept, or null when it cannot be one: commas part tags while they are typed. */
export function tagName(given: string): string | null {
  const name = given.normalize('NFC').replace(/\s+/gu, ' ').trim()
  return foldedText(name) === '' || name.includes(',') || /\p{Cc}/u.test(name) || [...name].length > TAG_LIMIT
    ? null
    : name
}

export function thingsOf(
  slice: Slice,
  { folderIds, documentIds }: Things,
): Decision | { folders: FolderRow[]; documents: DocumentRow[]; places: (FolderId | null)[] } {
  const folders: FolderRow[] = []
  const documents: DocumentRow[] = []
  for (const id of folderIds) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    folders.push(folder)
  }
  for (const id of documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const placements = placesByDocument(slice)
  return {
    folders,
    documents,
    places: [
      ...folders.map(folder => folder.id),
      ...documents.flatMap(document => (placements.get(document.id) ?? []).map(placement => placement.folderId)),
    ],
  }
}
