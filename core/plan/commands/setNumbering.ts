import { updated } from '../../change/index'
import type { Message, Value } from '../../history/index'
import { message } from '../../history/index'
import type { Numbering } from '../../numbering/index'
import { isNumberingSound, NUMBER_LIMIT, numberingText, STEP_LIMIT } from '../../numbering/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { numberingShape } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue, refuse } from '../slice'

const fields = { id: folderId().nullable(), numbering: numberingShape.nullable().default(null) }

function setNumbering(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  if (command.numbering && !isNumberingSound(command.numbering))
    return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (command.id === null) {
    if (!command.numbering)
      return refuse('request.invalid', { why: 'the top of the plan has nothing to inherit its numbering from' })
    return decided(
      updated('plan', slice.plan, { numbering: command.numbering }),
      numberingMessage(null, command.numbering),
      [null],
    )
  }
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const place = placeValue(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { numbering: command.numbering }),
    command.numbering ? numberingMessage(place, command.numbering) : message('folder.numberingInherited', { place }),
    [folder.id],
  )
}

/** `place` null: the top of the plan. */
function numberingMessage(place: Value | null, numbering: Numbering): Message {
  if (numbering.style === 'none')
    return place === null ? message('folder.numberNoneTop') : message('folder.numberNone', { place })
  const joint = numbering.joint ?? '.'
  const values = {
    sample: numberingText(numbering),
    way: !numbering.joined ? 'alone' : joint === '.' ? 'dot' : 'joint',
    joint,
  }
  return place === null ? message('folder.numberingTop', values) : message('folder.numbering', { ...values, place })
}

export const folderNumbering = command('folder.numbering', {
  fields,
  decide: setNumbering,
  doc:
    '`id` (null: top folders), `numbering`: `{ style: "none" / "1" / "01" / "A" / "a" / "I" / "i" / "year", ' +
    'joined, start, step, joint: "." / "-" / "/", width, skip: [numbers] }` (the last three optional) or null ' +
    '(as the folder itself is)',
})
