// Copies of documents and of whole branches: documents with contents of their own from here on. The bytes
// are shared until one changes.

import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { inserted } from '../../change/index'
import { message, namedThings } from '../../history/index'
import type { DocumentId, FolderId } from '../../ids'
import type { DocumentRow, FolderRow } from '../../rows/index'
import { documentId, folderId, THINGS_LIMIT } from '../../shapes/index'
import { foldedText } from '../../text/index'
import { isInside } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import { nameKey, nextFreeName } from '../name'
import type { Decision, Moment, Slice } from '../slice'
import {
  decided,
  documentPlaceValue,
  findDocument,
  findFolder,
  isDecision,
  liveTree,
  placesByDocument,
  placeValue,
  refuse,
  sliceAfter,
} from '../slice'
import { documentsIn } from './addDocuments'
import { branchAgain } from './duplicateFolder'
import { IN_ORDER } from '../inOrder'

const fields = {
  copies: yup
    .array(yup.object({ id: documentId(), newId: documentId() }))
    .max(THINGS_LIMIT)
    .required(),
  folderId: folderId().nullable(),
  folders: yup
    .array(yup.object({ id: folderId(), newId: folderId() }))
    .max(2000)
    .default([]),
}

/**
 * Documents and folders once more, in one Change. A name that is taken is counted up once. A document that lies in
 * several of the copied folders is copied once and lies in the copies of them all.
 */
function copyThings(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { folderId, copies, folders: branches = [] } = command
  if (folderId !== null) {
    const folder = findFolder(slice, folderId)
    if (isDecision(folder)) return folder
  }
  const rows: RowChange[] = []
  const folders: FolderRow[] = []
  for (const { id, newId } of branches) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    if (folderId !== null && isInside(liveTree(slice, moment.locale), folderId, id))
      return refuse('folder.intoItself', { name: folder.name })
    rows.push(...copyBranch(slice, sliceAfter(slice, rows), folder, { newId, parentId: folderId }, moment))
    folders.push(folder)
  }
  const taken = new Set(
    (folderId === null ? [] : documentsIn(slice, folderId)).map(document => nameKey(document.name, document.extension)),
  )
  const documents: DocumentRow[] = []
  for (const { id, newId } of copies) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const name = nextFreeName(document.name, candidate => taken.has(nameKey(candidate, document.extension)))
    taken.add(nameKey(name, document.extension))
    rows.push(...copyOf(document, newId, name, [folderId], moment))
    documents.push(document)
  }
  const place =
    documents.length > 0
      ? documentPlaceValue(slice, folderId, moment.locale)
      : placeValue(slice, folderId, moment.locale)
  return decided(rows, message('copy', { things: namedThings(folders, documents), place }), [folderId])
}

/** `now` is the slice with what was copied before, so that names and order keys are not given twice. */
function copyBranch(
  slice: Slice,
  now: Slice,
  folder: FolderRow,
  as: { readonly newId: FolderId; readonly parentId: FolderId | null },
  moment: Moment,
): RowChange[] {
  const { newIds, copies } = branchAgain(now, folder, as, moment)
  const rows: RowChange[] = copies.map(copy => inserted('folder', copy))
  for (const [id, places] of placesByDocument(slice)) {
    const document = slice.documents.get(id)
    if (document?.trashedAt !== null) continue
    const into = [...places]
      .sort((a, b) => Number(b.home) - Number(a.home))
      .flatMap(({ folderId }) => (folderId === null ? [] : (newIds.get(folderId) ?? [])))
    if (into.length > 0) rows.push(...copyOf(document, moment.newId<DocumentId>(), document.name, into, moment))
  }
  return rows
}

/** The first folder is its home. */
export function copyOf(
  document: DocumentRow,
  newId: DocumentId,
  name: string,
  into: readonly (FolderId | null)[],
  moment: Moment,
): RowChange[] {
  const { mediaType, size, blobId, extension, changedAt } = document
  const copy: DocumentRow = {
    ...document,
    id: newId,
    name,
    folded: foldedText(name),
    version: 1,
    runningNumber: null,
    origin: 'copy',
    copiedFrom: document.id,
    createdAt: moment.now,
  }
  return [
    inserted('document', copy),
    inserted('version', {
      id: moment.newId(),
      documentId: newId,
      number: 1,
      blobId,
      size,
      mediaType,
      extension,
      changedAt,
      createdAt: moment.now,
      remark: '',
    }),
    ...into.map((folderId, index) =>
      inserted('placement', { id: moment.newId(), documentId: newId, folderId, home: index === 0, ...IN_ORDER }),
    ),
  ]
}

export const documentCopy = command('document.copy', {
  fields,
  needs: ({ copies, folderId, folders = [] }) => ({
    documentIds: copies.map(({ id }) => id),
    inFolder: folderId,
    inBranches: folders.map(({ id }) => id),
  }),
  decide: copyThings,
  doc:
    '`copies` (`id`, `newId`), `folderId` (null: the In-tray), `folders` (`id`, `newId`: with all below and ' +
    'copies of their documents)',
})
