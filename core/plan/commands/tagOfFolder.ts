import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { inserted } from '../../change/index'
import { message } from '../../history/index'
import type { DocumentRow } from '../../rows/index'
import { folderId, searchId, tagId } from '../../shapes/index'
import { branchOf } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import { name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveTree, placeValue, refuse } from '../slice'
import { removeFolders } from './removeFolders'
import { tagRows } from './tags'

const fields = {
  id: folderId(),
  tag: yup.object({ id: tagId(), name: name() }).required(),
  searchId: searchId(),
  dissolve: yup.boolean().default(false),
}

/**
 * Puts a tag on all documents of a folder (and below) and keeps a search for it beside the folder, which may go then.
 */
function tagOfFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const branch = branchOf(liveTree(slice, moment.locale), folder.id)
  const inside = new Set(branch.map(one => one.id))
  const documents: DocumentRow[] = [
    ...new Set(
      slice.placements
        .filter(place => place.folderId !== null && inside.has(place.folderId))
        .map(place => place.documentId),
    ),
  ]
    .flatMap(id => slice.documents.get(id) ?? [])
    .filter(document => document.trashedAt === null)
  const put = tagRows(slice, [command.tag], { folders: [], documents }, moment)
  if (isDecision(put)) return put
  const [tag] = put.tags
  if (!tag) return refuse('notFound')
  const kept: RowChange = inserted('kept_search', {
    id: command.searchId,
    name: folder.name,
    query: { tags: tag.id },
    folderId: folder.parentId,
    pinned: folder.parentId === null,
    desk: false,
    createdAt: moment.now,
  })
  const gone = command.dissolve
    ? removeFolders(
        slice,
        branch,
        new Map(branch.map(one => [one.id, { to: folder.parentId === null ? 'in-tray' : 'parent' } as const])),
        moment,
      )
    : []
  if (!Array.isArray(gone)) return gone as Decision
  const said = message('folder.toTag', {
    tag: tag.name,
    place: placeValue(slice, folder.id, moment.locale),
    documents: message('documents', { count: documents.length }),
    gone: command.dissolve,
  })
  return decided([...put.rows, kept, ...(gone as RowChange[])], said, [folder.parentId, folder.id])
}

export const folderTag = command('folder.tag', {
  fields,
  needs: ({ id, tag }) => ({ tags: true, inBranches: [id], tagIds: [tag.id] }),
  decide: tagOfFolder,
  doc: '`id`, `tag` (`id`, `name`), `searchId` (new), `dissolve`',
})
