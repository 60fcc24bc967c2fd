import type { RowChange } from '../../change/index'
import { deleted, updated } from '../../change/index'
import { message, namedThings } from '../../history/index'
import type { FolderId } from '../../ids'
import type { DocumentRow } from '../../rows/index'
import type { Given } from '../command'
import { command } from '../command'
import { things } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, placeValue, refuse } from '../slice'
import { placesOf } from './editDocument'
import { IN_ORDER } from '../inOrder'

const fields = { ...things }

/**
 * The slice holds everything whose trash root is among the ids. A folder whose parent is gone comes
 * back at the top; a document none of whose folders is there any more comes back into the In-tray.
 */
function restoreThings(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const roots = new Set<string>([...command.folderIds, ...command.documentIds])
  const folders = [...slice.folders.values()].filter(folder => folder.trashRoot !== null && roots.has(folder.trashRoot))
  const documents = [...slice.documents.values()].filter(
    document => document.trashRoot !== null && roots.has(document.trashRoot),
  )
  const found = new Set<string>([...folders, ...documents].map(row => row.id))
  if ([...roots].some(id => !found.has(id))) return refuse('notFound')
  const back = { trashedAt: null, trashRoot: null }
  const isThere = (id: FolderId | null) =>
    id === null || slice.folders.get(id)?.trashedAt === null || folders.some(folder => folder.id === id)
  const tops = folders.filter(folder => roots.has(folder.id))
  const singles = documents.filter(document => roots.has(document.id))
  const homeless = documents.filter(
    document =>
      !slice.placements.some(placement => placement.documentId === document.id && isThere(placement.folderId)),
  )
  const rows: RowChange[] = [
    ...folders.flatMap(folder =>
      updated('folder', folder, isThere(folder.parentId) ? back : { ...back, parentId: null }),
    ),
    ...documents.flatMap(document => updated('document', document, back)),
    ...homeless.flatMap(document => intoInTray(slice, document)),
  ]
  const place =
    tops.length > 0
      ? placeValue(slice, tops[0] && isThere(tops[0].parentId) ? tops[0].parentId : null, moment.locale)
      : documentPlaceValue(
          slice,
          singles.flatMap(document => placesOf(slice, document)).find(id => isThere(id)) ?? null,
          moment.locale,
        )
  const restored = { things: namedThings(tops, singles), homeless: homeless.length }
  const isOne = tops.length + singles.length === 1
  return decided(rows, isOne ? message('restoreTo', { ...restored, place }) : message('restore', restored), [
    ...tops.map(folder => folder.parentId),
    ...singles.flatMap(document => placesOf(slice, document)),
    ...(homeless.length > 0 ? [null] : []),
  ])
}

function intoInTray(slice: Slice, document: DocumentRow): RowChange[] {
  const [kept, ...others] = slice.placements.filter(placement => placement.documentId === document.id)
  return kept
    ? [
        ...others.map(placement => deleted('placement', placement)),
        ...updated('placement', kept, { folderId: null, home: true, ...IN_ORDER }),
      ]
    : []
}

export const restore = command('restore', {
  fields,
  needs: ({ folderIds = [], documentIds = [] }) => ({ trashRoots: [...folderIds, ...documentIds] }),
  decide: restoreThings,
  doc: '`folderIds`, `documentIds`',
})
