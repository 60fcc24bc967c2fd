// Into the Trash and out of it. Everything that goes with a folder carries that folder's id as its
// trash root, so that the whole branch comes back together and what was trashed before stays there.

import type { RowChange } from '../../change/index'
import { counted, deleted, nameThings, updated } from '../../change/index'
import type { FolderId } from '../../ids'
import { branchOf, isInside } from '../../tree/index'
import type { Command } from '../command'
import type { DocumentRow, FolderRow } from '../../rows/index'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceText, findDocument, findFolder, isDecision, liveTree, placeText, refuse } from '../slice'
import { placesOf } from './editDocument'

/** The slice holds all documents that lie in the branches. One that is also filed outside of them stays there. */
export function trash(slice: Slice, command: Extract<Command, { kind: 'trash' }>, moment: Moment): Decision {
  const tree = liveTree(slice, moment.locale)
  const tops: FolderRow[] = []
  for (const id of command.folderIds) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    if (!command.folderIds.some(other => other !== id && isInside(tree, id, other))) tops.push(folder)
  }
  const documents: DocumentRow[] = []
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const rootOf = new Map<string, FolderId>()
  for (const top of tops) for (const folder of branchOf(tree, top.id)) rootOf.set(folder.id, top.id)
  const mark = (trashRoot: string) => ({ trashedAt: moment.now, trashRoot })
  const within = documentsWithin(slice, rootOf, new Set(command.documentIds))
  const rows: RowChange[] = [
    ...[...rootOf].flatMap(([id, root]) => {
      const folder = slice.folders.get(id)
      return folder ? updated('folder', folder, mark(root)) : []
    }),
    ...within.flatMap(({ document, root }) => updated('document', document, mark(root))),
    ...documents.flatMap(document => updated('document', document, mark(document.id))),
  ]
  const inside = within.length > 0 ? ` with ${counted(within.length, 'document')}` : ''
  const [only] = documents.length === 1 && tops.length === 0 ? documents : []
  const places = only ? placesOf(slice, only).filter(id => id !== null) : []
  const everywhere = places.length > 1 ? `, out of ${places.map(id => placeText(slice, id, moment.locale)).join(' and ')}` : ''
  return decided(rows, `Put ${nameThings(tops, documents)}${inside} into the Trash${everywhere}`,
    [...tops.map(folder => folder.parentId), ...documents.flatMap(document => placesOf(slice, document))])
}

function documentsWithin(slice: Slice, rootOf: ReadonlyMap<string, FolderId>, except: ReadonlySet<string>): { document: DocumentRow; root: FolderId }[] {
  const roots = new Map<string, FolderId>()
  const elsewhere = new Set<string>()
  for (const { documentId, folderId } of slice.placements) {
    if (folderId === null) continue
    const root = rootOf.get(folderId)
    if (root) roots.set(documentId, root)
    else if (slice.folders.get(folderId)?.trashedAt === null) elsewhere.add(documentId)
  }
  return [...roots].flatMap(([id, root]) => {
    const document = slice.documents.get(id)
    return document && document.trashedAt === null && !elsewhere.has(id) && !except.has(id) ? [{ document, root }] : []
  })
}

/**
 * The slice holds everything whose trash root is among the ids. A folder whose parent is gone comes
 * back at the top; a document none of whose folders is there any more comes back into the In-tray.
 */
export function restore(slice: Slice, command: Extract<Command, { kind: 'restore' }>, moment: Moment): Decision {
  const roots = new Set<string>([...command.folderIds, ...command.documentIds])
  const folders = [...slice.folders.values()].filter(folder => folder.trashRoot !== null && roots.has(folder.trashRoot))
  const documents = [...slice.documents.values()].filter(document => document.trashRoot !== null && roots.has(document.trashRoot))
  const found = new Set<string>([...folders, ...documents].map(row => row.id))
  if ([...roots].some(id => !found.has(id))) return refuse('notFound')
  const back = { trashedAt: null, trashRoot: null }
  const isThere = (id: FolderId | null) => id === null || slice.folders.get(id)?.trashedAt === null || folders.some(folder => folder.id === id)
  const tops = folders.filter(folder => roots.has(folder.id))
  const singles = documents.filter(document => roots.has(document.id))
  const homeless = documents.filter(document => !slice.placements.some(placement => placement.documentId === document.id && isThere(placement.folderId)))
  const rows: RowChange[] = [
    ...folders.flatMap(folder => updated('folder', folder, isThere(folder.parentId) ? back : { ...back, parentId: null })),
    ...documents.flatMap(document => updated('document', document, back)),
    ...homeless.flatMap(document => intoInTray(slice, document)),
  ]
  const target = tops.length > 0
    ? placeText(slice, tops[0] && isThere(tops[0].parentId) ? tops[0].parentId : null, moment.locale)
    : documentPlaceText(slice, singles.flatMap(document => placesOf(slice, document)).find(id => isThere(id)) ?? null, moment.locale)
  const lost = homeless.length > 0 ? `; the folder of ${counted(homeless.length, 'document')} is gone, so they are in the In-tray` : ''
  const single = tops.length + singles.length === 1 ? ` to ${target}` : ''
  return decided(rows, `Restored ${nameThings(tops, singles)}${single}${lost}`,
    [...tops.map(folder => folder.parentId), ...singles.flatMap(document => placesOf(slice, document)), ...(homeless.length > 0 ? [null] : [])])
}

function intoInTray(slice: Slice, document: DocumentRow): RowChange[] {
  const [kept, ...others] = slice.placements.filter(placement => placement.documentId === document.id)
  return kept ? [...others.map(placement => deleted('placement', placement)), ...updated('placement', kept, { folderId: null, home: true })] : []
}

export const TRASH_DAYS_LIMIT = 3650

/** How long the Trash keeps what lies in it. */
export function keepTrash(slice: Slice, { days }: Extract<Command, { kind: 'plan.trash' }>): Decision {
  if (days !== null && (!Number.isInteger(days) || days < 1 || days > TRASH_DAYS_LIMIT)) return refuse('request.invalid', { why: `the Trash keeps from 1 to ${TRASH_DAYS_LIMIT} days, or for ever` })
  return decided(updated('plan', slice.plan, { trashDays: days }), days === null ? 'The Trash keeps everything until it is deleted by hand' : `The Trash keeps things for ${days} days`, [])
}
