import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { CHILD_ORDERS } from '../../numbering/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue } from '../slice'

const fields = { id: folderId().nullable(), order: yup.string().oneOf(CHILD_ORDERS).required() }

function orderFolders(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { order } = command
  if (command.id === null)
    return decided(updated('plan', slice.plan, { childOrder: order }), message('folder.orderTop', { order }), [null])
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  return decided(
    updated('folder', folder, { childOrder: order }),
    message('folder.order', { place: placeValue(slice, folder.id, moment.locale), order }),
    [folder.id],
  )
}

export const folderOrder = command('folder.order', {
  fields,
  decide: orderFolders,
  doc: '`id` (null: top folders), `order`: `"number"`, `"name"`, `"hand"` or `"changed"`',
})
