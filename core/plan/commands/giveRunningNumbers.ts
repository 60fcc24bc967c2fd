import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { naturalOrder } from '../../numbering/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { foldedName, writeRunningNumber } from '../runningNumbers'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, numberedSlice, placeValue } from '../slice'
import { documentsIn } from './addDocuments'

const fields = { id: folderId(), on: yup.boolean().required() }

/**
 * Switched on, the folder gives every document that comes into it a running number; those in it that
 * have none get theirs now, the oldest first. Switched off, all keep what they have.
 */
function giveRunningNumbers(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const place = placeValue(slice, folder.id, moment.locale)
  const switched = updated('folder', folder, { registering: command.on })
  if (!command.on) return decided(switched, message('folder.runningNumbersOff', { place }), [folder.id])
  const byName = naturalOrder(moment.locale)
  const waiting = documentsIn(slice, folder.id)
    .filter(document => document.runningNumber === null)
    .sort((a, b) => (a.createdAt < b.createdAt ? -1 : a.createdAt > b.createdAt ? 1 : byName(a.name, b.name)))
  const prefix = numberedSlice(slice, moment.locale).codes.get(folder.id)?.code || folder.name
  const last = slice.serials.get(prefix) ?? 0
  const numbered = waiting.flatMap((document, index) => {
    const runningNumber = writeRunningNumber({ prefix, serial: last + index + 1 })
    return updated('document', document, { runningNumber, folded: foldedName(document.name, runningNumber) })
  })
  return decided([...switched, ...numbered], message('folder.runningNumbers', { place, documents: numbered.length }), [
    folder.id,
  ])
}

export const folderRunningNumbers = command('folder.register', {
  fields,
  needs: ({ id, on }) => (on ? { inFolder: id } : {}),
  decide: giveRunningNumbers,
  doc: '`id`, `on`: its documents get running numbers (`1.1-014`), given once, kept through moves, never repeated',
})
