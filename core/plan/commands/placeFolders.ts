import * as yup from 'yup'
import { counted, quoted, updated } from '../../change/index'
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
  placeText,
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
  const what = folders.length === 1 && first ? quoted(first.name) : counted(folders.length, 'folder')
  const [code] = found.codes
  const where = placeText(sliceAfter(slice, rows), command.parentId, moment.locale)
  return decided(rows, `Placed ${what}${folders.length === 1 && code ? ` as ${code}` : ''} in ${where}`, [
    command.parentId,
    ...folders.map(folder => folder.parentId),
  ])
}

export const folderPlace = command('folder.place', {
  fields,
  decide: placeFolders,
  doc:
    '`ids`, `parentId` (null: top), `before` (a sibling; null: behind all), `allowTwin`: an exact place among ' +
    'others; numbers with gaps get one in between',
})
