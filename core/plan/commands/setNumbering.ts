import { quoted, updated } from '../../change/index'
import type { Numbering } from '../../numbering/index'
import { isNumberingSound, NUMBER_LIMIT, numberingText, STEP_LIMIT } from '../../numbering/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { numberingShape } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeText, refuse } from '../slice'

const fields = { id: folderId().nullable(), numbering: numberingShape.nullable().default(null) }

function setNumbering(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  if (command.numbering && !isNumberingSound(command.numbering))
    return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (command.id === null) {
    if (!command.numbering)
      return refuse('request.invalid', { why: 'the top of the plan has nothing to inherit its numbering from' })
    return decided(
      updated('plan', slice.plan, { numbering: command.numbering }),
      `Numbered the top folders ${spelled(command.numbering)}`,
      [null],
    )
  }
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const where = placeText(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { numbering: command.numbering }),
    command.numbering
      ? `Numbered the folders in ${where} ${spelled(command.numbering)}`
      : `Let the folders in ${where} be numbered as it is itself`,
    [folder.id],
  )
}

function spelled(numbering: Numbering): string {
  if (numbering.style === 'none') return 'not at all'
  const joint = numbering.joint ?? '.'
  return `${numberingText(numbering)}${!numbering.joined ? ' without the code above' : joint === '.' ? '' : `, joined by ${quoted(joint)}`}`
}

export const folderNumbering = command('folder.numbering', {
  fields,
  decide: setNumbering,
  doc:
    '`id` (null: top folders), `numbering`: `{ style: "none" / "1" / "01" / "A" / "a" / "I" / "i" / "year", ' +
    'joined, start, step, joint: "." / "-" / "/", width, skip: [numbers] }` (the last three optional) or null ' +
    '(as the folder itself is)',
})
