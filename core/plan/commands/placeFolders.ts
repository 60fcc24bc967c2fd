import * as yup from 'yup'
import { updated } from '../../change/index'
import { message, namedThings } from '../../history/index'
import type { FolderRow } from '../../rows/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { placedRows } from '../placedRows'
import { allowTwin } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import {
  decided,
  findFolder,
  isDecision,
  liveFolders,
  numberedSlice,
  placeValue,
  refuse,
  sliceAfter,
  twinHint,
  twinOf,
} from '../slice'

const fields = {
  ids: yup.array(folderId()).min(1).max(2000).required(),
  parentId: folderId().nullable(),
  before: folderId().nullable(),
  allowTwin: allowTwin(),
}

/** Lays folders at an exact place among others. */
function placeFolders(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folders: FolderRow[] = []
  for (const id of command.ids) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    folders.push(folder)
    const twin =
      folder.parentId === command.parentId ? undefined : twinOf(slice, command.parentId, folder.folded, command.ids)
    if (twin && !command.allowTwin) return twinHint(slice, twin, moment.locale)
  }
  if (command.parentId !== null) {
    const parent = findFolder(slice, command.parentId)
    if (isDecision(parent)) return parent
  }
  const live = new Map(liveFolders(slice).map(folder => [folder.id, folder]))
  const found = placedRows(slice.plan, live, command.ids, command, moment.locale, numberedSlice(slice, moment.locale))
  if (!found.ok) return refuse(found.code, found.details)
  const rows = found.rows.flatMap(row => {
    const present = slice.folders.get(row.id)
    return present ? updated('folder', present, row) : []
  })
  const [first] = folders
  const [code] = found.codes
  const place = placeValue(sliceAfter(slice, rows), command.parentId, moment.locale)
  const said =
    first && folders.length === 1 && code
      ? message('folder.placeAs', { name: first.name, code, place })
      : message('folder.place', { things: namedThings(folders, []), place })
  return decided(rows, said, [command.parentId, ...folders.map(folder => folder.parentId)])
}

export const folderPlace = command('folder.place', {
  fields,
  decide: placeFolders,
  doc:
    '`ids`, `parentId` (null: top), `before` (a sibling; null: behind all), `allowTwin`: an exact place among ' +
    'others; numbers with gaps get one in between',
})
