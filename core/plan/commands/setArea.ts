import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue } from '../slice'

const fields = { id: folderId(), on: yup.boolean().required() }

/** An area is where things are put for others; who may what there is given as of every folder. */
function setArea(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const place = placeValue(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { area: command.on }),
    message(command.on ? 'folder.area' : 'folder.areaOff', { place }),
    [folder.id],
  )
}

export const folderArea = command('folder.area', {
  fields,
  decide: setArea,
  owners: 'right',
  doc: '`id`, `on`: an area, where things are put for others',
})
