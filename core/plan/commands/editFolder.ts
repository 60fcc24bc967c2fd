// The acts on one folder that alter a single fact of it.

import { counted, quoted, updated } from '../../change/index'
import type { FolderId } from '../../ids'
import { isNumberingSound, LABEL_LIMIT, NUMBER_LIMIT, numberingText, STEP_LIMIT } from '../../numbering/index'
import type { Numbering } from '../../numbering/index'
import { foldedText } from '../../text/index'
import { branchOf } from '../../tree/index'
import type { Command, CommandKind } from '../command'
import { checkName } from '../name'
import { wrongPattern } from '../namePattern'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveFolders, liveTree, placeText, refuse, twinHint, twinOf } from '../slice'

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
  return writeText(slice, command.id, 'purpose', command.purpose, moment)
}

export function remarkFolder(slice: Slice, command: Of<'folder.remark'>, moment: Moment): Decision {
  return writeText(slice, command.id, 'remark', command.remark, moment)
}

function writeText(slice: Slice, id: FolderId, key: 'purpose' | 'remark', given: string, moment: Moment): Decision {
  const folder = findFolder(slice, id)
  if (isDecision(folder)) return folder
  const text = given.trim()
  const length = [...text].length
  if (length > PURPOSE_LIMIT) return refuse('text.long', { length, limit: PURPOSE_LIMIT })
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { [key]: text }), text === '' ? `Took the ${key} off ${where}` : `Wrote the ${key} of ${where}`, [folder.id])
}

/** `below`: everything under the folder gives up its own colour and takes this one. */
export function colourFolder(slice: Slice, command: Of<'folder.colour'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const meaning = command.meaningId === null ? null : slice.meanings.get(command.meaningId)
  if (meaning === undefined) return refuse('notFound')
  const where = placeText(slice, folder.id, moment.locale)
  const under = command.below ? branchOf(liveTree(slice, moment.locale), folder.id).slice(1).flatMap(one => updated('folder', one, { meaningId: null })) : []
  const also = under.length > 0 ? ` and to ${counted(under.length, 'folder')} below it` : ''
  return decided([...updated('folder', folder, { meaningId: command.meaningId }), ...under],
    meaning ? `Gave ${where} the colour ${quoted(meaning.name)}${also}` : `Let ${where} take the colour of its parent${also}`, [folder.id, folder.parentId])
}

export function numberFolder(slice: Slice, command: Of<'folder.number'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const { number, numbered = true, fixed = true } = command
  const label = command.label?.trim() || null
  if (number !== null && (!Number.isInteger(number) || number < 0 || number > NUMBER_LIMIT)) return refuse('number.wrong', { limit: NUMBER_LIMIT })
  if (label !== null && (!/^[\p{L}\p{N}]+$/u.test(label) || [...label].length > LABEL_LIMIT)) return refuse('number.label', { limit: LABEL_LIMIT })
  const rival = liveFolders(slice).find(other => other.id !== folder.id && other.parentId === folder.parentId && ((number !== null && other.number === number && other.numbered) || (label !== null && other.label === label)))
  if (rival && numbered) return refuse('number.taken', { number: label ?? String(number), twin: placeText(slice, rival.id, moment.locale) })
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { number, numberFixed: number !== null && fixed, label, numbered }), numberLabel(where, command, label), [folder.id, folder.parentId])
}

function numberLabel(where: string, { number, numbered = true, fixed = true }: Of<'folder.number'>, label: string | null): string {
  if (!numbered) return `Left ${where} out of the numbers`
  if (label !== null) return `Numbered ${where} with ${quoted(label)}`
  if (number === null) return `Let ${where} take the next number in order`
  return `Gave ${where} the number ${number}${fixed ? '' : ', not held fixed'}`
}

export function keepFirst(slice: Slice, command: Of<'folder.first'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { first: command.on }), command.on ? `Kept ${where} first in its place` : `Let ${where} stand in order again`, [folder.id, folder.parentId])
}

/** Pinned folders stand in the short list under the outline, whatever else is open. */
export function pinFolder(slice: Slice, command: Of<'folder.pin'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { pinned: command.on }), command.on ? `Pinned ${where} to the short list` : `Took ${where} off the short list`, [folder.id])
}

/** How documents filed here, and in folders below that say nothing else, are called. */
export function nameBelow(slice: Slice, command: Of<'folder.names'>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const namePattern = command.pattern?.trim() || null
  const why = namePattern === null ? null : wrongPattern(namePattern)
  if (why !== null) return refuse('name.pattern', { why })
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { namePattern }), namePattern === null ? `Let names in ${where} be made as above` : `Set the names in ${where} to ${quoted(namePattern)}`, [folder.id])
}

export function setNumbering(slice: Slice, command: Of<'folder.numbering'>, moment: Moment): Decision {
  if (command.numbering && !isNumberingSound(command.numbering)) return refuse('numbering.wrong', { limit: NUMBER_LIMIT, steps: STEP_LIMIT })
  if (command.id === null) {
    if (!command.numbering) return refuse('request.invalid', { why: 'the top of the plan has nothing to inherit its numbering from' })
    return decided(updated('plan', slice.plan, { numbering: command.numbering }), `Numbered the top folders ${spelled(command.numbering)}`, [null])
  }
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const where = placeText(slice, folder.id, moment.locale)
  return decided(updated('folder', folder, { numbering: command.numbering }),
    command.numbering ? `Numbered the folders in ${where} ${spelled(command.numbering)}` : `Let the folders in ${where} be numbered as it is itself`, [folder.id])
}

export function orderFolders(slice: Slice, command: Of<'folder.order'>, moment: Moment): Decision {
  const words = { number: 'by number', name: 'by name', hand: 'by hand', changed: 'by last change' }[command.order]
  if (command.id === null) return decided(updated('plan', slice.plan, { childOrder: command.order }), `Ordered the top folders ${words}`, [null])
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  return decided(updated('folder', folder, { childOrder: command.order }), `Ordered the folders in ${placeText(slice, folder.id, moment.locale)} ${words}`, [folder.id])
}

function spelled(numbering: Numbering): string {
  if (numbering.style === 'none') return 'not at all'
  const joint = numbering.joint ?? '.'
  return `${numberingText(numbering)}${!numbering.joined ? ' without the code above' : joint === '.' ? '' : `, joined by ${quoted(joint)}`}`
}
