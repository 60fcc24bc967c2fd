import * as yup from 'yup'
import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { documentIds, folderId, searchId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, placeValue, refuse, sliceAfter } from '../slice'
import { createFolder } from './createFolder'
import { fileDocuments } from './fileDocuments'
import { moveThings } from './move'

const fields = {
  id: searchId().nullable().default(null),
  folderId: folderId(),
  parentId: folderId().nullable(),
  name: name(),
  documentIds: documentIds().required(),
  way: yup
    .string()
    .oneOf(['move', 'file'] as const)
    .required(),
  drop: yup.boolean().default(false),
}

/** Makes a folder of what a search finds: the documents move into it, or are filed there as well. */
function folderOfSearch(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const search = command.id === null ? undefined : slice.searches.get(command.id)
  if (command.id !== null && !search) return refuse('notFound')
  const { folderId, parentId, name, documentIds } = command
  const made = createFolder(slice, { id: folderId, parentId, name, allowTwin: true }, moment)
  if (!made.ok) return made
  const after = sliceAfter(slice, made.rows)
  const put =
    command.way === 'move'
      ? moveThings(
          after,
          {
            folderIds: [],
            documentIds,
            fromFolderId: null,
            toFolderId: folderId,
            allowTwin: true,
            also: [],
            froms: [],
          },
          moment,
        )
      : fileDocuments(
          after,
          { documents: documentIds.map(id => ({ id, name: null })), folderIds: [folderId], tags: [] },
          moment,
        )
  if (!put.ok) return put
  const dropped = search && command.drop ? [deleted('kept_search', search)] : []
  return decided(
    [...made.rows, ...put.rows, ...dropped],
    message('folder.ofSearch', {
      place: placeValue(after, folderId, moment.locale),
      documents: message('documents', { count: documentIds.length }),
      way: command.way,
    }),
    [parentId, ...put.places],
  )
}

export const searchFolder = command('search.folder', {
  fields,
  needs: ({ documentIds }) => ({ searches: true, documentIds }),
  decide: folderOfSearch,
  doc: '`id` (null: not kept), `folderId` (new), `parentId`, `name`, `documentIds`, `way` (`move`, `file`), `drop`',
})
