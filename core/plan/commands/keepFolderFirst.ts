import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue } from '../slice'

const fields = { id: folderId(), on: yup.boolean().required() }

function keepFolderFirst(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const place = placeValue(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { first: command.on }),
    message(command.on ? 'folder.first' : 'folder.inOrder', { place }),
    [folder.id, folder.parentId],
  )
}

export const folderFirst = command('folder.first', {
  fields,
  decide: keepFolderFirst,
  doc: '`id`, `on`: kept before its siblings',
})
