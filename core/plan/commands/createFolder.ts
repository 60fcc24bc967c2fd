import { generateKeyBetween } from 'fractional-indexing'
import { inserted } from '../../change/index'
import { message } from '../../history/index'
import type { FolderId } from '../../ids'
import { folderId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { newFolder } from '../newFolder'
import { allowTwin, name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue, twinHint, twinOf } from '../slice'

const fields = { id: folderId(), parentId: folderId().nullable(), name: name(), allowTwin: allowTwin() }

export function createFolder(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  if (command.parentId !== null) {
    const parent = findFolder(slice, command.parentId)
    if (isDecision(parent)) return parent
  }
  const folded = foldedText(checked.name)
  const twin = twinOf(slice, command.parentId, folded, [])
  if (twin && !command.allowTwin) return twinHint(slice, twin, moment.locale)
  const row = inserted(
    'folder',
    newFolder(
      {
        id: command.id,
        parentId: command.parentId,
        name: checked.name,
        orderKey: keyAfterLast(slice, command.parentId),
      },
      moment,
    ),
  )
  return decided(
    [row],
    message('folder.create', { name: checked.name, place: placeValue(slice, command.parentId, moment.locale) }),
    [command.parentId],
  )
}

/** The order key behind all folders of a parent, those in the Trash included, since they may come back. */
export function keyAfterLast(slice: Slice, parentId: FolderId | null, also: readonly string[] = []): string {
  const keys = [...slice.folders.values()].filter(folder => folder.parentId === parentId).map(folder => folder.orderKey)
  const last = [...keys, ...also].reduce<string | null>((most, key) => (most === null || key > most ? key : most), null)
  return generateKeyBetween(last, null)
}

export const folderCreate = command('folder.create', {
  fields,
  decide: createFolder,
  shared: { role: 'edit', touches: ({ parentId }) => ({ folderIds: [parentId] }) },
  doc: '`id`, `parentId` (null: top), `name`, `allowTwin` (the hint about a sibling of the same name was seen)',
})
