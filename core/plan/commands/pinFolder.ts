import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue } from '../slice'

const fields = { id: folderId(), on: yup.boolean().required() }

/** Pinned folders stand in the short list under the outline, whatever else is open. */
function pinFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const place = placeValue(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { pinned: command.on }),
    message(command.on ? 'folder.pin' : 'folder.unpin', { place }),
    [folder.id],
  )
}

export const folderPin = command('folder.pin', {
  fields,
  decide: pinFolder,
  owners: 'personal',
  doc: '`id`, `on`: in the short list under the outline',
})
