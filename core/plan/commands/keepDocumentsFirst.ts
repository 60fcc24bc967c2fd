import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { updated } from '../../change/index'
import { message, namedThings } from '../../history/index'
import { documentIds, folderId } from '../../shapes/index'
import type { DocumentRow } from '../../rows/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { IN_ORDER } from '../inOrder'
import { decided, findDocument, findFolder, isDecision, placeValue, refuse } from '../slice'

const fields = { folderId: folderId(), documentIds: documentIds().min(1).required(), on: yup.boolean().required() }

/** Documents stand before the others of a folder, for everyone who sees it. */
function keepDocumentsFirst(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.folderId)
  if (isDecision(folder)) return folder
  const place = placeValue(slice, folder.id, moment.locale)
  const [rows, documents]: [RowChange[], DocumentRow[]] = [[], []]
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const lies = slice.placements.find(one => one.documentId === id && one.folderId === folder.id)
    if (!lies) return refuse('place.last', { name: document.name, place: folder.name })
    const changed = updated('placement', lies, command.on ? { first: true } : IN_ORDER)
    rows.push(...changed)
    if (changed.length > 0) documents.push(document)
  }
  const what = { documents: namedThings([], documents), place }
  return decided(rows, command.on ? message('documents.first', what) : message('documents.inOrder', what), [folder.id])
}

export const documentFirst = command('document.first', {
  fields,
  needs: ({ documentIds: ids }) => ({ documentIds: ids }),
  decide: keepDocumentsFirst,
  shared: { role: 'edit', touches: ({ folderId: id, documentIds: ids }) => ({ folderIds: [id], documentIds: ids }) },
  doc: '`folderId`, `documentIds`, `on`: kept before the others of the folder',
})
