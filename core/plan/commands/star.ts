import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { deleted, inserted } from '../../change/index'
import { message, namedThings } from '../../history/index'
import type { DocumentRow, FolderRow } from '../../rows/index'
import type { Given } from '../command'
import { command } from '../command'
import { things } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, findFolder, isDecision } from '../slice'
import { placesOf } from './editDocument'

const fields = { ...things, on: yup.boolean().required() }

function starThings(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folders: FolderRow[] = []
  const documents: DocumentRow[] = []
  for (const id of command.folderIds) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    folders.push(folder)
  }
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const mark = (id: string, target: 'folder' | 'document'): RowChange[] => {
    const present = slice.stars.get(id)
    if (command.on) return present ? [] : [inserted('star', { id, target, createdAt: moment.now })]
    return present ? [deleted('star', present)] : []
  }
  const rows = [
    ...folders.flatMap(({ id }) => mark(id, 'folder')),
    ...documents.flatMap(({ id }) => mark(id, 'document')),
  ]
  return decided(rows, message(command.on ? 'star' : 'unstar', { things: namedThings(folders, documents) }), [
    ...folders.map(folder => folder.parentId),
    ...documents.flatMap(document => placesOf(slice, document)),
  ])
}

export const star = command('star', {
  fields,
  needs: ({ folderIds = [], documentIds = [] }) => ({ documentIds, starIds: [...folderIds, ...documentIds] }),
  decide: starThings,
  owners: 'personal',
  doc: '`folderIds`, `documentIds`, `on`',
})
