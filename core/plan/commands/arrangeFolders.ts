import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { CHILD_ORDERS, isNumberingSound, NUMBER_LIMIT, numberTree, STEP_LIMIT } from '../../numbering/index'
import { folderId } from '../../shapes/index'
import { arrangedRows, RENUMBER_MODES } from '../arrangedRows'
import type { Given } from '../command'
import { command } from '../command'
import { numberingShape } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveFolders, placeValue, refuse } from '../slice'

const fields = {
  id: folderId().nullable(),
  numbering: numberingShape.nullable().default(null),
  order: yup.string().oneOf(CHILD_ORDERS).required(),
  renumber: yup.string().oneOf(RENUMBER_MODES).nullable().default(null),
  deep: yup.boolean().default(false),
}

/** Numbering, order and renumbering of the children of a folder as one Change. */
function arrangeFolders(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  if (command.numbering && !isNumberingSound(command.numbering))
    return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (command.id !== null) {
    const folder = findFolder(slice, command.id)
    if (isDecision(folder)) return folder
  }
  const live = liveFolders(slice)
  const arranged = arrangedRows(slice.plan, live, command, moment.locale)
  const rows = [
    ...updated('plan', slice.plan, { numbering: arranged.plan.numbering, childOrder: arranged.plan.childOrder }),
    ...arranged.folders.flatMap(row => {
      const present = slice.folders.get(row.id)
      return present ? updated('folder', present, row) : []
    }),
  ]
  const [before, after] = [
    numberTree(slice.plan, live, moment.locale).codes,
    numberTree(arranged.plan, arranged.folders, moment.locale).codes,
  ]
  const changed = live.filter(folder => before.get(folder.id)?.code !== after.get(folder.id)?.code).length
  const place = command.id === null ? message('wholePlan') : placeValue(slice, command.id, moment.locale)
  return decided(rows, message('folder.arrange', { place, way: command.renumber ?? 'none', changed }), [command.id])
}

export const folderArrange = command('folder.arrange', {
  fields,
  decide: arrangeFolders,
  doc:
    '`id` (null: top folders), `numbering`, `order`, `renumber` (null, `keep`, `close`, `spread`, `name`, ' +
    '`dates`), `deep`: all of it as one Change',
})
