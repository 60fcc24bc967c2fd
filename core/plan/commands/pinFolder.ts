import * as yup from 'yup'
import { updated } from '../../change/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeText } from '../slice'

const fields = { id: folderId(), on: yup.boolean().required() }

/** Pinned folders stand in the short list under the outline, whatever else is open. */
function pinFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const where = placeText(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { pinned: command.on }),
    command.on ? `Pinned ${where} to the short list` : `Took ${where} off the short list`,
    [folder.id],
  )
}

export const folderPin = command('folder.pin', {
  fields,
  decide: pinFolder,
  doc: '`id`, `on`: in the short list under the outline',
})
