import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { folderId, meaningId } from '../../shapes/index'
import { branchOf } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveTree, placeValue, refuse } from '../slice'

const fields = { id: folderId(), meaningId: meaningId().nullable(), below: yup.boolean().default(false) }

/** `below`: everything under the folder gives up its own colour and takes this one. */
function colourFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const meaning = command.meaningId === null ? null : slice.meanings.get(command.meaningId)
  if (meaning === undefined) return refuse('notFound')
  const place = placeValue(slice, folder.id, moment.locale)
  const under = command.below
    ? branchOf(liveTree(slice, moment.locale), folder.id)
        .slice(1)
        .flatMap(one => updated('folder', one, { meaningId: null }))
    : []
  return decided(
    [...updated('folder', folder, { meaningId: command.meaningId }), ...under],
    meaning
      ? message('folder.colour', { place, colour: meaning.name, below: under.length })
      : message('folder.colourOfParent', { place, below: under.length }),
    [folder.id, folder.parentId],
  )
}

export const folderColour = command('folder.colour', {
  fields,
  decide: colourFolder,
  doc: "`id`, `meaningId` (null: the parent's), `below` (everything under it gives up its own colour)",
})
