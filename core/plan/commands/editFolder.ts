// The acts on one folder that alter a single fact of it.

import { quoted, updated } from '../../change/index'
import { isNumberingSound, NUMBER_LIMIT, STEP_LIMIT } from '../../numbering/index'
import type { Numbering } from '../../numbering/index'
import { foldedText } from '../../text/index'
import type { Command, CommandKind } from '../command'
import { checkName } from '../name'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeText, refuse, twinHint, twinOf } from '../slice'

export const PURPOSE_LIMIT = 2000

type Of<K extends CommandKind> = Extract<Command, { kind: K }>

export function renameFolder(slice: Slice, command: Of<'folder.rename'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const folded = foldedText(checked.name)
  const twin = twinOf(slice, folder.parentId, folded, [folder.id])
  if (twin && !command.allowTwin) return twinHint(slice, twin, moment.locale)
  return decided(updated('folder', folder, { name: checked.name, folded }),
    `Renamed ${quoted(folder.name)} to ${quoted(checked.name)} in ${placeText(slice, folder.parentId, moment.locale)}`, [folder.parentId, folder.id])
}

export function describeFolder(slice: Slice, command: Of<'folder.describe'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const purpose = command.purpose.trim()
  const length = [...purpose].length
  if (length > PURPOSE_LIMIT) return refuse('text.long', { length, limit: PURPOSE_LIMIT })
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { purpose }), purpose === '' ? `Took the purpose off ${where}` : `Wrote the purpose of ${where}`, [folder.id])
}

export function colourFolder(slice: Slice, command: Of<'folder.colour'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const meaning = command.meaningId === null ? null : slice.meanings.get(command.meaningId)
  if (meaning === undefined) return refuse('notFound')
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { meaningId: command.meaningId }),
    meaning ? `Gave ${where} the colour ${quoted(meaning.name)}` : `Let ${where} take the colour of its parent`, [folder.id, folder.parentId])
}

export function numberFolder(slice: Slice, command: Of<'folder.number'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const { number } = command
  if (number !== null && (!Number.isInteger(number) || number < 0 || number > NUMBER_LIMIT)) return refuse('number.wrong', { limit: NUMBER_LIMIT })
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { number }),
    number === null ? `Let ${where} take the next number in order` : `Gave ${where} the number ${number}`, [folder.id, folder.parentId])
}

export function setNumbering(slice: Slice, command: Of<'folder.numbering'>, moment: Moment): Decision {
  if (command.numbering && !isNumberingSound(command.numbering)) return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (command.id === null) {
    if (!command.numbering) return refuse('request.invalid', { why: 'the top of the plan has nothing to inherit its numbering from' })
    return decided(updated('plan', slice.plan, { numbering: command.numbering }), `Numbered the top folders ${numberingText(command.numbering)}`, [null])
  }
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { numbering: command.numbering }),
    command.numbering ? `Numbered the folders in ${where} ${numberingText(command.numbering)}` : `Let the folders in ${where} be numbered as it is itself`, [folder.id])
}

export function orderFolders(slice: Slice, command: Of<'folder.order'>, moment: Moment): Decision {
  const words = command.order === 'name' ? 'by name' : 'by number'
  if (command.id === null) return decided(updated('plan', slice.plan, { childOrder: command.order }), `Ordered the top folders ${words}`, [null])
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  return decided(updated('folder', folder, { childOrder: command.order }), `Ordered the folders in ${placeText(slice, folder.id, moment.locale)} ${words}`, [folder.id])
}

function numberingText({ style, joined }: Numbering): string {
  if (style === 'none') return 'not at all'
  const sample = { 1: '1, 2, 3', '01': '01, 02, 03', A: 'A, B, C' }[style]
  return joined ? sample : `${sample} without the code above`
}
