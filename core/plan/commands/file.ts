// Where documents lie: filed from the In-tray or in further folders, taken out of one.

import type { RowChange } from '../../change/index'
import { counted, deleted, inserted, nameThings, quoted, updated } from '../../change/index'
import type { FolderId } from '../../ids'
import type { DocumentRow, FolderRow, PlacementRow } from '../../rows/index'
import type { Command, CommandKind } from '../command'
import { checkName } from '../name'
import { foldedName } from '../runningNumbers'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, findFolder, isDecision, placesByDocument, placeText, refuse } from '../slice'
import { tagRows, tagsText } from './tags'

type Of<K extends CommandKind> = Extract<Command, { kind: K }>

/**
 * Files documents in one or more folders: what waits in the In-tray leaves it, what lies in folders
 * stays there as well. Given names and tags are put on in the same Change.
 */
export function fileDocuments(slice: Slice, command: Of<'document.file'>, moment: Moment): Decision {
  const folders: FolderRow[] = []
  for (const id of new Set(command.folderIds)) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    folders.push(folder)
  }
  const placements = placesByDocument(slice)
  const rows: RowChange[] = []
  const documents: DocumentRow[] = []
  let onlyAdds = true
  for (const { id, name } of command.documents) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const checked = name === null ? null : checkName(name)
    if (checked && !checked.ok) return checked
    const places = placements.get(id) ?? []
    const waits = places.some(place => place.folderId === null)
    // A person was faster than the standing order, and is right.
    if (command.by && !waits) return refuse('act.nothing')
    if (waits) onlyAdds = false
    const named = checked ? { name: checked.name, folded: foldedName(checked.name, document.runningNumber) } : {}
    rows.push(...updated('document', document, { ...named, ...(command.by ? { filedBy: command.by.id } : {}) }))
    if (command.by?.star && !slice.stars.has(id)) rows.push(inserted('star', { id, target: 'document', createdAt: moment.now }))
    rows.push(...placed(document, places, folders, moment))
    documents.push(checked ? { ...document, name: checked.name } : document)
  }
  const tagged = tagRows(slice, command.tags, { folders: [], documents }, moment)
  if (isDecision(tagged)) return tagged
  const where = folders.map(folder => placeText(slice, folder.id, moment.locale)).join(' and ')
  const withTags = tagged.tags.length > 0 ? `, tagged ${tagsText(tagged.tags)}` : ''
  const what = nameThings([], documents)
  const said = folders.length > 0 ? `Filed ${what} in ${where}${onlyAdds ? ' as well' : ''}${withTags}` : `Dealt with ${what}${withTags}`
  return decided([...rows, ...tagged.rows], command.by ? `Standing order ${quoted(command.by.name)}: ${said[0]?.toLowerCase() ?? ''}${said.slice(1)}` : said,
    [...folders.map(folder => folder.id), ...documents.flatMap(document => (placements.get(document.id) ?? []).map(place => place.folderId))])
}

function placed(document: DocumentRow, places: readonly PlacementRow[], folders: readonly FolderRow[], moment: Moment): RowChange[] {
  const tray = places.find(place => place.folderId === null)
  const wanted = folders.filter(folder => !places.some(place => place.folderId === folder.id))
  const add = (folder: FolderRow, home: boolean) => inserted('placement', { id: moment.newId(), documentId: document.id, folderId: folder.id, home })
  const [first, ...others] = wanted
  if (!tray || !first) return wanted.map(folder => add(folder, false))
  return [...updated('placement', tray, { folderId: first.id, home: true }), ...others.map(folder => add(folder, false))]
}

/** Takes documents out of one folder. Where it was the only one they go into the In-tray, never into nothing. */
export function removePlace(slice: Slice, command: Of<'place.remove'>, moment: Moment): Decision {
  const placements = placesByDocument(slice)
  const rows: RowChange[] = []
  const documents: DocumentRow[] = []
  const left: (FolderId | null)[] = []
  let toTray = 0
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const places = placements.get(id) ?? []
    const leaving = places.find(place => place.folderId === command.folderId)
    if (!leaving) return refuse('place.last', { name: document.name, place: placeText(slice, command.folderId, moment.locale) })
    const others = places.filter(place => place !== leaving && place.folderId !== null && slice.folders.get(place.folderId)?.trashedAt === null)
    const [next] = others
    if (next) rows.push(deleted('placement', leaving), ...(leaving.home ? updated('placement', next, { home: true }) : []))
    else {
      toTray++
      rows.push(...places.filter(place => place !== leaving).map(place => deleted('placement', place)), ...updated('placement', leaving, { folderId: null, home: true }))
    }
    left.push(...others.map(place => place.folderId))
    documents.push(document)
  }
  const stays = [...new Set(left)].map(id => placeText(slice, id, moment.locale))
  const still = stays.length > 0 && stays.length <= 3 && documents.length === 1 ? `; still in ${stays.join(' and ')}` : ''
  const tray = toTray === 0 ? '' : documents.length === 1 ? '; it is in the In-tray now' : `; ${counted(toTray, 'document')} of them ${toTray === 1 ? 'is' : 'are'} in the In-tray now`
  return decided(rows, `Took ${nameThings([], documents)} out of ${placeText(slice, command.folderId, moment.locale)}${still}${tray}`, [command.folderId, ...(toTray > 0 ? [null] : [])])
}

/** Another of its folders becomes the home of a document. */
export function makeHome(slice: Slice, command: Of<'place.home'>, moment: Moment): Decision {
  const document = findDocument(slice, command.documentId)
  if (isDecision(document)) return document
  const places = slice.placements.filter(place => place.documentId === document.id)
  const where = placeText(slice, command.folderId, moment.locale)
  if (!places.some(place => place.folderId === command.folderId)) return refuse('place.last', { name: document.name, place: where })
  return decided(places.flatMap(place => updated('placement', place, { home: place.folderId === command.folderId })), `Made ${where} the home of ${quoted(document.name)}`, places.map(place => place.folderId))
}
