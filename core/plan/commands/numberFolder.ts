import * as yup from 'yup'
import { updated } from '../../change/index'
import type { Message, Value } from '../../history/index'
import { message } from '../../history/index'
import { LABEL_LIMIT, NUMBER_LIMIT } from '../../numbering/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveFolders, placeText, placeValue, refuse } from '../slice'

const fields = {
  id: folderId(),
  number: yup.number().nullable().defined(),
  fixed: yup.boolean().default(true),
  label: yup.string().nullable().default(null),
  numbered: yup.boolean().default(true),
}

function numberFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const { number, numbered, fixed } = command
  const label = command.label?.trim() || null
  if (number !== null && (!Number.isInteger(number) || number < 0 || number > NUMBER_LIMIT))
    return refuse('number.wrong', { limit: NUMBER_LIMIT })
  if (label !== null && (!/^[\p{L}\p{N}]+$/u.test(label) || [...label].length > LABEL_LIMIT))
    return refuse('number.label', { limit: LABEL_LIMIT })
  const rival = liveFolders(slice).find(
    other =>
      other.id !== folder.id &&
      other.parentId === folder.parentId &&
      ((number !== null && other.number === number && other.numbered) || (label !== null && other.label === label)),
  )
  if (rival && numbered)
    return refuse('number.taken', { number: label ?? String(number), twin: placeText(slice, rival.id, moment.locale) })
  const place = placeValue(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { number, numberFixed: number !== null && fixed, label, numbered }),
    numberMessage(place, command, label),
    [folder.id, folder.parentId],
  )
}

function numberMessage(place: Value, { number, numbered, fixed }: Given<typeof fields>, label: string | null): Message {
  if (!numbered) return message('folder.numberOut', { place })
  if (label !== null) return message('folder.numberText', { place, text: label })
  if (number === null) return message('folder.numberNext', { place })
  return message(fixed ? 'folder.number' : 'folder.numberLoose', { place, number })
}

export const folderNumber = command('folder.number', {
  fields,
  decide: numberFolder,
  doc:
    '`id`, `number` (0 to 9,999; null: the next one in order), `fixed` (true: kept whatever is renumbered), ' +
    '`label` (own text in its place, up to 12 letters and digits), `numbered` (false: left out of the numbers)',
})
