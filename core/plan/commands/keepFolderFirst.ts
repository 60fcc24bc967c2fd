import * as yup from 'yup'
import { updated } from '../../change/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeText } from '../slice'

const fields = { id: folderId(), on: yup.boolean().required() }

function keepFolderFirst(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const where = placeText(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { first: command.on }),
    command.on ? `Kept ${where} first in its place` : `Let ${where} stand in order again`,
    [folder.id, folder.parentId],
  )
}

export const folderFirst = command('folder.first', {
  fields,
  decide: keepFolderFirst,
  doc: '`id`, `on`: kept before its siblings',
})
