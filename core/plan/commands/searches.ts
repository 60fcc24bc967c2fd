// Kept searches: the parts of a search's URL under a name. They hold no documents; they may be shown in a folder, in
// the short list and on the Desk. A folder can become a tag with a search for it, and a search a folder.

import type { RowChange } from '../../change/index'
import { counted, deleted, inserted, quoted, updated } from '../../change/index'
import { readAsked } from '../../find/index'
import type { DocumentRow, KeptSearchRow } from '../../rows/index'
import { foldedText } from '../../text/index'
import { branchOf } from '../../tree/index'
import type { Command, CommandKind } from '../command'
import { checkName } from '../name'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveTree, placeText, refuse, sliceAfter } from '../slice'
import { createFolder } from './createFolder'
import { fileDocuments } from './file'
import { move } from './move'
import { removeFolders } from './removeFolders'
import { tagRows } from './tags'

type Of<K extends CommandKind> = Extract<Command, { kind: K }>

/** Keeps a search under a name, or changes one that is kept. */
export function keepSearch(slice: Slice, command: Of<'search.keep'>, moment: Moment): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const read = readAsked(command.query)
  if (!read.ok) return refuse('rule.wrong', { why: read.why })
  if (command.folderId !== null) {
    const folder = findFolder(slice, command.folderId)
    if (isDecision(folder)) return folder
  }
  const { id, query, folderId, pinned, desk } = command
  const facts = { name: checked.name, query, folderId, pinned, desk }
  const present = slice.searches.get(id)
  const twin = [...slice.searches.values()].find(search => search.id !== id && foldedText(search.name) === foldedText(checked.name))
  if (twin) return refuse('search.twin', { name: twin.name })
  const where = folderId === null ? '' : ` in ${placeText(slice, folderId, moment.locale)}`
  if (present) return decided(updated('kept_search', present, facts), present.name === checked.name ? `Changed the kept search ${quoted(checked.name)}` : `Renamed the kept search ${quoted(present.name)} to ${quoted(checked.name)}`, placesOf(present, command))
  return decided([inserted('kept_search', { id, ...facts, createdAt: moment.now })], `Kept the search ${quoted(checked.name)}${where}`, placesOf(null, command))
}

function placesOf(present: KeptSearchRow | null, command: Of<'search.keep'>) {
  return [present?.folderId ?? null, command.folderId].filter(id => id !== null)
}

export function dropSearch(slice: Slice, command: Of<'search.drop'>): Decision {
  const search = slice.searches.get(command.id)
  if (!search) return refuse('notFound')
  return decided([deleted('kept_search', search)], `Dropped the kept search ${quoted(search.name)}; its documents stay where they are`, search.folderId === null ? [] : [search.folderId])
}

/** Makes a folder of what a search finds: the documents move into it, or are filed there as well. */
export function folderOfSearch(slice: Slice, command: Of<'search.folder'>, moment: Moment): Decision {
  const search = command.id === null ? undefined : slice.searches.get(command.id)
  if (command.id !== null && !search) return refuse('notFound')
  const { folderId, parentId, name, documentIds } = command
  const made = createFolder(slice, { kind: 'folder.create', id: folderId, parentId, name, allowTwin: true }, moment)
  if (!made.ok) return made
  const after = sliceAfter(slice, made.rows)
  const put = command.way === 'move'
    ? move(after, { kind: 'move', folderIds: [], documentIds, fromFolderId: null, toFolderId: folderId, allowTwin: true }, moment)
    : fileDocuments(after, { kind: 'document.file', documents: documentIds.map(id => ({ id, name: null })), folderIds: [folderId], tags: [] }, moment)
  if (!put.ok) return put
  const dropped = search && command.drop ? [deleted('kept_search', search)] : []
  const verb = command.way === 'move' ? 'moved into it' : 'filed there as well'
  return decided([...made.rows, ...put.rows, ...dropped], `Made ${placeText(after, folderId, moment.locale)} of a search, ${counted(documentIds.length, 'document')} ${verb}`, [parentId, ...put.places])
}

/** Puts a tag on all documents of a folder (and below) and keeps a search for it beside the folder, which may go then. */
export function tagOfFolder(slice: Slice, command: Of<'folder.tag'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const branch = branchOf(liveTree(slice, moment.locale), folder.id)
  const inside = new Set(branch.map(one => one.id))
  const documents: DocumentRow[] = [...new Set(slice.placements.filter(place => place.folderId !== null && inside.has(place.folderId)).map(place => place.documentId))]
    .flatMap(id => slice.documents.get(id) ?? []).filter(document => document.trashedAt === null)
  const put = tagRows(slice, [command.tag], { folders: [], documents }, moment)
  if (isDecision(put)) return put
  const [tag] = put.tags
  if (!tag) return refuse('notFound')
  const kept: RowChange = inserted('kept_search', { id: command.searchId, name: folder.name, query: { tags: tag.id }, folderId: folder.parentId, pinned: folder.parentId === null, desk: false, createdAt: moment.now })
  const gone = command.dissolve ? removeFolders(slice, branch, new Map(branch.map(one => [one.id, { to: folder.parentId === null ? 'in-tray' : 'parent' } as const])), moment) : []
  if (!Array.isArray(gone)) return gone as Decision
  const label = `Made the tag ${quoted(tag.name)} of ${placeText(slice, folder.id, moment.locale)}, on ${counted(documents.length, 'document')}${command.dissolve ? '; the folder is in the Trash' : ''}`
  return decided([...put.rows, kept, ...gone as RowChange[]], label, [folder.parentId, folder.id])
}
