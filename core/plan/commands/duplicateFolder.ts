import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { inserted } from '../../change/index'
import { message } from '../../history/index'
import type { FolderId } from '../../ids'
import type { FolderRow } from '../../rows/index'
import { folderId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import { branchOf, isInside } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import { nextFreeName } from '../name'
import { newFolder } from '../newFolder'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveFolders, liveTree, placeValue, refuse, sliceAfter } from '../slice'
import { keyAfterLast } from './createFolder'

const fields = {
  id: folderId(),
  newId: folderId(),
  parentId: folderId().nullable(),
  withDocuments: yup.boolean().default(false),
}

/**
 * The branch once more, right behind the folder's siblings: its structure alone, or with its documents
 * filed there as well (no bytes are copied). Own numbers of the top folder are not taken along.
 */
function duplicateFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const tree = liveTree(slice, moment.locale)
  if (command.parentId !== null) {
    const parent = findFolder(slice, command.parentId)
    if (isDecision(parent)) return parent
    if (isInside(tree, command.parentId, folder.id)) return refuse('folder.intoItself', { name: folder.name })
  }
  const { newIds, copies } = branchAgain(slice, folder, command, moment)
  const rows: RowChange[] = copies.map(copy => inserted('folder', copy))
  if (command.withDocuments) {
    for (const placement of slice.placements) {
      const into = placement.folderId === null ? undefined : newIds.get(placement.folderId)
      if (into && slice.documents.get(placement.documentId)?.trashedAt === null)
        rows.push(inserted('placement', { ...placement, id: moment.newId(), folderId: into, home: false }))
    }
  }
  return decided(
    rows,
    message('folder.duplicate', {
      place: placeValue(sliceAfter(slice, rows), command.newId, moment.locale),
      name: folder.name,
      documents: rows.length - copies.length,
    }),
    [command.parentId],
  )
}

/**
 * The folders of a branch once more under new ids, the top one under a free name behind its new siblings; `newIds` says
 * which became which.
 */
export function branchAgain(
  slice: Slice,
  folder: FolderRow,
  { newId, parentId }: { readonly newId: FolderId; readonly parentId: FolderId | null },
  moment: Moment,
): { newIds: ReadonlyMap<FolderId, FolderId>; copies: readonly FolderRow[] } {
  const branch = branchOf(liveTree(slice, moment.locale), folder.id)
  const taken = new Set(
    liveFolders(slice)
      .filter(other => other.parentId === parentId)
      .map(other => other.folded),
  )
  const name = nextFreeName(folder.name, candidate => taken.has(foldedText(candidate)))
  const newIds = new Map<FolderId, FolderId>(
    branch.map((one, index) => [one.id, index === 0 ? newId : moment.newId<FolderId>()]),
  )
  const copies = branch.map((one, index): FolderRow =>
    newFolder(
      {
        ...one,
        id: newIds.get(one.id) ?? one.id,
        createdAt: moment.now,
        ...(index === 0
          ? { parentId, name, orderKey: keyAfterLast(slice, parentId), number: null, numberFixed: false, label: null }
          : { parentId: one.parentId === null ? null : (newIds.get(one.parentId) ?? null) }),
      },
      moment,
    ),
  )
  return { newIds, copies }
}

export const folderDuplicate = command('folder.duplicate', {
  fields,
  needs: ({ id, withDocuments }) => (withDocuments ? { inBranches: [id] } : {}),
  decide: duplicateFolder,
  doc: '`id`, `newId` of the copy, `parentId`, `withDocuments` (filed there as well; no bytes are copied)',
})
