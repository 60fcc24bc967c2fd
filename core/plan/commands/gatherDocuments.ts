import { message, namedThings } from '../../history/index'
import { documentIds, folderId } from '../../shapes/index'
import type { DocumentRow } from '../../rows/index'
import type { Given } from '../command'
import { command } from '../command'
import { allowTwin, name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, isDecision, placeValue, sliceAfter } from '../slice'
import { createFolder } from './createFolder'
import { moveThings } from './move'

const fields = {
  id: folderId(),
  parentId: folderId(),
  name: name(),
  documentIds: documentIds().min(1).required(),
  allowTwin: allowTwin(),
}

/** Documents of a folder move into a new one below it. */
function gatherDocuments(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { id, parentId, name: called, documentIds: ids } = command
  const made = createFolder(slice, { id, parentId, name: called, allowTwin: command.allowTwin }, moment)
  if (!made.ok) return made
  const after = sliceAfter(slice, made.rows)
  const documents: DocumentRow[] = []
  for (const documentId of ids) {
    const document = findDocument(after, documentId)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const moved = moveThings(
    after,
    { folderIds: [], documentIds: ids, fromFolderId: parentId, toFolderId: id, allowTwin: true, also: [], froms: [] },
    moment,
  )
  if (!moved.ok) return moved
  return decided(
    [...made.rows, ...moved.rows],
    message('documents.gather', { documents: namedThings([], documents), place: placeValue(after, id, moment.locale) }),
    [parentId, ...moved.places],
  )
}

export const documentGather = command('document.gather', {
  fields,
  needs: ({ documentIds: ids }) => ({ documentIds: ids }),
  decide: gatherDocuments,
  shared: {
    role: 'edit',
    takesAway: true,
    touches: ({ parentId, documentIds: ids }) => ({ folderIds: [parentId], documentIds: ids }),
  },
  doc: '`id` (new), `parentId`, `name`, `documentIds`, `allowTwin`: documents of a folder go into a new one below it',
})
