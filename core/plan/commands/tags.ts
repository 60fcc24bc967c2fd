// Tags: words on folders and documents. A tag that is put on by name is the one of that name, case and
// accents apart; only where there is none, a new one is made.

import type { RowChange } from '../../change/index'
import { counted, deleted, inserted, nameThings, quoted, updated } from '../../change/index'
import type { FolderId } from '../../ids'
import type { DocumentRow, FolderRow, TagRow } from '../../rows/index'
import { foldedText } from '../../text/index'
import type { Command, CommandKind, Things } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, findFolder, isDecision, placesByDocument, refuse } from '../slice'

export const TAG_LIMIT = 60

type Of<K extends CommandKind> = Extract<Command, { kind: K }>

export function putTags(slice: Slice, command: Of<'tag.put'>, moment: Moment): Decision {
  const things = thingsOf(slice, command)
  if (isDecision(things)) return things
  const put = tagRows(slice, command.tags, things, moment)
  if (isDecision(put)) return put
  return decided(put.rows, `Tagged ${nameThings(things.folders, things.documents)} with ${tagsText(put.tags)}`, things.places)
}

/** The rows that put these tags on things, and the tags as they are then; or why one cannot be a tag. */
export function tagRows(slice: Slice, given: Of<'tag.put'>['tags'], things: { readonly folders: readonly FolderRow[]; readonly documents: readonly DocumentRow[] }, moment: Moment): Decision | { readonly rows: readonly RowChange[]; readonly tags: readonly TagRow[] } {
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
      if (!carried.has(`${tag.id} ${targetId}`)) rows.push(inserted('tagging', { id: moment.newId(), tagId: tag.id, target, targetId }))
    }
    for (const folder of things.folders) put('folder', folder.id)
    for (const document of things.documents) put('document', document.id)
  }
  return { rows, tags }
}

export function takeTags(slice: Slice, command: Of<'tag.take'>): Decision {
  const things = thingsOf(slice, command)
  if (isDecision(things)) return things
  const meant = new Set<string>([...command.folderIds, ...command.documentIds])
  const rows = slice.taggings.filter(tagging => command.tagIds.includes(tagging.tagId) && meant.has(tagging.targetId)).map(tagging => deleted('tagging', tagging))
  const tags = command.tagIds.flatMap(id => slice.tags.get(id) ?? [])
  return decided(rows, `Took ${tags.length === 1 ? 'the tag' : 'the tags'} ${tagsText(tags)} off ${nameThings(things.folders, things.documents)}`, things.places)
}

/** Another name, ink, or whether it is offered. */
export function setTag(slice: Slice, command: Of<'tag.set'>): Decision {
  const tag = slice.tags.get(command.id)
  if (!tag || (command.meaningId !== null && !slice.meanings.has(command.meaningId))) return refuse('notFound')
  const name = tagName(command.name)
  if (name === null) return refuse('tag.name', { limit: TAG_LIMIT })
  const folded = foldedText(name)
  const twin = [...slice.tags.values()].find(other => other.id !== tag.id && other.folded === folded)
  if (twin) return refuse('tag.twin', { name: twin.name })
  const { meaningId, hidden } = command
  return decided(updated('tag', tag, { name, folded, meaningId, hidden }), name === tag.name ? `Changed the tag ${quoted(tag.name)}` : `Renamed the tag ${quoted(tag.name)} to ${quoted(name)}`, [])
}

/** What carries the one carries the other afterwards; the first is gone. */
export function mergeTags(slice: Slice, command: Of<'tag.merge'>): Decision {
  const [from, into] = [slice.tags.get(command.id), slice.tags.get(command.into)]
  if (!from || !into || from === into) return refuse('notFound')
  const there = new Set(slice.taggings.filter(({ tagId }) => tagId === into.id).map(({ targetId }) => targetId))
  const moving = slice.taggings.filter(({ tagId }) => tagId === from.id)
  const rows = moving.flatMap((tagging): RowChange[] => (there.has(tagging.targetId) ? [deleted('tagging', tagging)] : updated('tagging', tagging, { tagId: into.id })))
  return decided([...rows, deleted('tag', from)], `Merged the tag ${quoted(from.name)} into ${quoted(into.name)}, on ${counted(moving.length, 'thing')}`, [])
}

export function dropTag(slice: Slice, command: Of<'tag.drop'>): Decision {
  const tag = slice.tags.get(command.id)
  if (!tag) return refuse('notFound')
  const carried = slice.taggings.filter(({ tagId }) => tagId === tag.id)
  return decided([...carried.map(tagging => deleted('tagging', tagging)), deleted('tag', tag)], `Deleted the tag ${quoted(tag.name)}${carried.length > 0 ? `, taken off ${counted(carried.length, 'thing')}` : ''}`, [])
}

/** The name as it is kept, or null when it cannot be one: commas part tags while they are typed. */
function tagName(given: string): string | null {
  const name = given.normalize('NFC').replace(/\s+/gu, ' ').trim()
  return foldedText(name) === '' || name.includes(',') || /\p{Cc}/u.test(name) || [...name].length > TAG_LIMIT ? null : name
}

export function tagsText(tags: readonly TagRow[]): string {
  return tags.map(tag => quoted(tag.name)).join(', ')
}

function thingsOf(slice: Slice, { folderIds, documentIds }: Things): Decision | { folders: FolderRow[]; documents: DocumentRow[]; places: (FolderId | null)[] } {
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
  return { folders, documents, places: [...folders.map(folder => folder.id), ...documents.flatMap(document => (placements.get(document.id) ?? []).map(placement => placement.folderId))] }
}

