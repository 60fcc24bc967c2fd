import type { RowChange } from '../../change/index'
import { updated } from '../../change/index'
import { message, namedThings } from '../../history/index'
import type { FolderId } from '../../ids'
import type { DocumentRow, FolderRow } from '../../rows/index'
import { branchOf, isInside } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import { things } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, findFolder, isDecision, liveTree, placeText } from '../slice'
import { placesOf } from './editDocument'

const fields = { ...things }

/** The slice holds all documents that lie in the branches. One that is also filed outside of them stays there. */
function trashThings(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
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
  const [only] = documents.length === 1 && tops.length === 0 ? documents : []
  const places = only ? placesOf(slice, only).filter(id => id !== null) : []
  const what = namedThings(tops, documents)
  const said =
    places.length > 1
      ? message('trashFrom', { things: what, places: places.map(id => placeText(slice, id, moment.locale)) })
      : message('trash', { things: what, within: within.length })
  return decided(rows, said, [
    ...tops.map(folder => folder.parentId),
    ...documents.flatMap(document => placesOf(slice, document)),
  ])
}

function documentsWithin(
  slice: Slice,
  rootOf: ReadonlyMap<string, FolderId>,
  except: ReadonlySet<string>,
): { document: DocumentRow; root: FolderId }[] {
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

export const trash = command('trash', {
  fields,
  needs: ({ folderIds = [], documentIds = [] }) => ({ documentIds, inBranches: folderIds }),
  decide: trashThings,
  shared: {
    role: 'edit',
    own: 'add',
    takesAway: true,
    touches: ({ folderIds, documentIds }) => ({ changedFolderIds: folderIds, documentIds }),
  },
  doc: '`folderIds`, `documentIds`',
})
