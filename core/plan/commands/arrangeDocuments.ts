import { generateNKeysBetween } from 'fractional-indexing'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { documentIds, folderId } from '../../shapes/index'
import type { RowChange } from '../../change/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, findFolder, isDecision, placeValue, refuse } from '../slice'

const fields = { folderId: folderId(), documentIds: documentIds().min(1).required() }

/**
 * Documents stand before the others of a folder in the order in which they are named. Of those that another window kept
 * first meanwhile nothing is said: they stand behind.
 */
function arrangeDocuments(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.folderId)
  if (isDecision(folder)) return folder
  const place = placeValue(slice, folder.id, moment.locale)
  const ids = new Set(command.documentIds)
  const keys = generateNKeysBetween(null, null, ids.size)
  const rows: RowChange[] = []
  for (const [index, id] of [...ids].entries()) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const lies = slice.placements.find(one => one.documentId === id && one.folderId === folder.id)
    if (!lies) return refuse('place.last', { name: document.name, place: folder.name })
    rows.push(...updated('placement', lies, { first: true, orderKey: keys[index] ?? '' }))
  }
  return decided(rows, message('documents.arrange', { place }), [folder.id])
}

export const documentArrange = command('document.arrange', {
  fields,
  needs: ({ documentIds: ids }) => ({ documentIds: ids }),
  decide: arrangeDocuments,
  shared: { role: 'edit', touches: ({ folderId: id, documentIds: ids }) => ({ folderIds: [id], documentIds: ids }) },
  doc: '`folderId`, `documentIds`: kept before the others of the folder, in this order',
})
