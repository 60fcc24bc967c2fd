import { generateKeyBetween } from 'fractional-indexing'
import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { deleted, inserted, updated } from '../../change/index'
import { message, namedThings } from '../../history/index'
import type { FolderId } from '../../ids'
import type { DocumentRow, FolderRow, PlacementRow } from '../../rows/index'
import { documentId, folderId, THINGS_LIMIT } from '../../shapes/index'
import { isInside } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import { allowTwin, things } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import {
  decided,
  documentPlaceValue,
  findDocument,
  findFolder,
  isDecision,
  liveTree,
  placesByDocument,
  placeText,
  placeValue,
  refuse,
  sliceAfter,
  twinHint,
  twinOf,
} from '../slice'
import { keyAfterLast } from './createFolder'
import { IN_ORDER } from '../inOrder'

const fields = {
  ...things,
  toFolderId: folderId().nullable(),
  fromFolderId: folderId().nullable(),
  allowTwin: allowTwin(),
  also: yup.array(folderId()).max(50).default([]),
  froms: yup
    .array(yup.object({ documentId: documentId(), folderId: folderId().nullable().defined() }))
    .max(THINGS_LIMIT)
    .default([]),
}

/**
 * Moves folders (with all that is in them) and documents to one place. A document leaves the folder
 * it is looked at in (`fromFolderId`, or its own in `froms`), or its home when that is null; its other places stay.
 */
export function moveThings(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { toFolderId } = command
  const also = toFolderId === null ? [] : command.also.filter(id => id !== toFolderId)
  for (const id of also) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
  }
  if (toFolderId !== null) {
    const target = findFolder(slice, toFolderId)
    if (isDecision(target)) return target
  }
  const folders: FolderRow[] = []
  const tree = liveTree(slice, moment.locale)
  for (const id of command.folderIds) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    if (toFolderId !== null && isInside(tree, toFolderId, id)) return refuse('folder.intoItself', { name: folder.name })
    const twin = twinOf(slice, toFolderId, folder.folded, command.folderIds)
    if (twin && !command.allowTwin) return twinHint(slice, twin, moment.locale)
    folders.push(folder)
  }
  const documents: DocumentRow[] = []
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const placements = placesByDocument(slice)
  const froms = new Map<string, FolderId | null>(
    command.froms.map(({ documentId, folderId }) => [documentId, folderId]),
  )
  const leaving = (document: DocumentRow) =>
    leavingOf(
      placements.get(document.id) ?? [],
      froms.has(document.id) ? (froms.get(document.id) ?? null) : command.fromFolderId,
    )
  const rows = [
    ...moveFolders(slice, folders, toFolderId),
    ...documents.flatMap(document => [
      ...moveDocument(placements.get(document.id) ?? [], leaving(document), toFolderId),
      ...alsoIn(document, placements.get(document.id) ?? [], also, moment),
    ]),
  ]
  const after = sliceAfter(slice, rows)
  const where =
    folders.length > 0
      ? placeValue(after, toFolderId, moment.locale)
      : documentPlaceValue(after, toFolderId, moment.locale)
  const places = [
    toFolderId,
    ...also,
    ...folders.map(folder => folder.parentId),
    ...documents.map(document => leaving(document)?.folderId ?? null),
  ]
  return decided(
    rows,
    message('move', {
      things: namedThings(folders, documents),
      places: [where, ...also.map(id => placeText(after, id, moment.locale))],
    }),
    places,
  )
}

function moveFolders(slice: Slice, folders: readonly FolderRow[], toFolderId: FolderId | null): RowChange[] {
  let key: string | null = null
  return folders
    .filter(folder => folder.parentId !== toFolderId)
    .flatMap(folder => {
      key = key === null ? keyAfterLast(slice, toFolderId) : generateKeyBetween(key, null)
      return updated('folder', folder, { parentId: toFolderId, orderKey: key })
    })
}

function moveDocument(
  places: readonly PlacementRow[],
  leaving: PlacementRow | undefined,
  toFolderId: FolderId | null,
): RowChange[] {
  if (!leaving || leaving.folderId === toFolderId) return []
  if (toFolderId === null) {
    const others = places.filter(placement => placement.id !== leaving.id)
    return [
      ...others.map(placement => deleted('placement', placement)),
      ...updated('placement', leaving, { folderId: null, home: true, ...IN_ORDER }),
    ]
  }
  const there = places.find(placement => placement.folderId === toFolderId)
  if (!there) return updated('placement', leaving, { folderId: toFolderId, ...IN_ORDER })
  return [deleted('placement', leaving), ...(leaving.home ? updated('placement', there, { home: true }) : [])]
}

function alsoIn(
  document: DocumentRow,
  places: readonly PlacementRow[],
  also: readonly FolderId[],
  moment: Moment,
): RowChange[] {
  return also
    .filter(id => !places.some(place => place.folderId === id))
    .map(folderId =>
      inserted('placement', { id: moment.newId(), documentId: document.id, folderId, home: false, ...IN_ORDER }),
    )
}

function leavingOf(places: readonly PlacementRow[], fromFolderId: FolderId | null): PlacementRow | undefined {
  return (
    places.find(placement => placement.folderId === fromFolderId) ??
    places.find(placement => placement.home) ??
    places[0]
  )
}

export const move = command('move', {
  fields,
  needs: ({ documentIds = [] }) => ({ documentIds }),
  decide: moveThings,
  shared: {
    role: 'edit',
    takesAway: true,
    touches: ({ folderIds, documentIds, toFolderId, fromFolderId, also, froms }) => ({
      changedFolderIds: folderIds,
      documentIds: [...documentIds, ...froms.map(({ documentId: id }) => id)],
      folderIds: [
        toFolderId,
        ...also,
        ...(fromFolderId === null ? [] : [fromFolderId]),
        ...froms.map(({ folderId: from }) => from),
      ],
    }),
  },
  doc:
    '`folderIds`, `documentIds`, `toFolderId` (null: top, or In-tray), `fromFolderId` (the place that ' +
    'documents leave; null: their home), `allowTwin`, `also` (folders in which the documents are filed as well), ' +
    '`froms` (`documentId`, `folderId`: what a single document leaves)',
})
