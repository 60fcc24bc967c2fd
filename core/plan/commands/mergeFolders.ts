import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { deleted, updated } from '../../change/index'
import { countedThings, message } from '../../history/index'
import { documentId, folderId, THINGS_LIMIT } from '../../shapes/index'
import { isInside } from '../../tree/index'
import type { Given } from '../command'
import { command } from '../command'
import { meetingOf, MERGE_CHOICES } from '../mergedRows'
import { nameKey, nextFreeName } from '../name'
import { foldedName } from '../runningNumbers'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, liveTree, placeValue, refuse, sliceAfter } from '../slice'
import { documentsIn } from './addDocuments'
import { keyAfterLast } from './createFolder'

const fields = {
  fromId: folderId(),
  intoId: folderId(),
  choices: yup
    .array(yup.object({ documentId: documentId(), choice: yup.string().oneOf(MERGE_CHOICES).required() }))
    .max(THINGS_LIMIT)
    .default([]),
}

/**
 * Everything of one folder goes into another, which keeps its name, number and colour; the emptied folders go into the
 * Trash.
 */
function mergeFolders(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const [from, into] = [findFolder(slice, command.fromId), findFolder(slice, command.intoId)]
  if (isDecision(from)) return from
  if (isDecision(into)) return into
  const tree = liveTree(slice, moment.locale)
  if (isInside(tree, into.id, from.id)) return refuse('folder.intoItself', { name: from.name })
  const meeting = meetingOf(tree, slice, from.id, into.id)
  const choices = new Map(command.choices.map(({ documentId, choice }) => [documentId, choice]))
  const dropped = new Set<string>(
    meeting.documents
      .filter(({ from: id, same }) => (choices.get(id) ?? (same ? 'one' : 'both')) === 'one')
      .map(({ from: id }) => id),
  )
  const rows: RowChange[] = []
  const keys = new Map<string, string[]>()
  for (const { folder, parentId } of meeting.moved) {
    const given = keys.get(parentId) ?? []
    const orderKey = keyAfterLast(slice, parentId, given)
    keys.set(parentId, [...given, orderKey])
    rows.push(...updated('folder', folder, { parentId, orderKey, ...(folder.numberFixed ? {} : { number: null }) }))
  }
  const names = new Map<string, Set<string>>()
  const renamed = new Set<string>()
  for (const { placement, folderId } of meeting.placements) {
    const document = slice.documents.get(placement.documentId)
    if (!document) continue
    const elsewhere = slice.placements.filter(other => other.documentId === document.id && other.id !== placement.id)
    if (dropped.has(document.id)) {
      if (elsewhere.length === 0)
        rows.push(
          ...updated('document', document, { trashedAt: moment.now, trashRoot: document.id }),
          ...updated('placement', placement, { folderId }),
        )
      else
        rows.push(
          deleted('placement', placement),
          ...(placement.home && elsewhere[0] ? updated('placement', elsewhere[0], { home: true }) : []),
        )
      continue
    }
    const there = elsewhere.find(other => other.folderId === folderId)
    rows.push(
      ...(there
        ? [deleted('placement', placement), ...(placement.home ? updated('placement', there, { home: true }) : [])]
        : updated('placement', placement, { folderId })),
    )
    if (renamed.has(document.id) || !meeting.documents.some(({ from: id }) => id === document.id)) continue
    renamed.add(document.id)
    const taken =
      names.get(folderId) ?? new Set(documentsIn(slice, folderId).map(other => nameKey(other.name, other.extension)))
    const name = nextFreeName(document.name, candidate => taken.has(nameKey(candidate, document.extension)))
    names.set(folderId, taken.add(nameKey(name, document.extension)))
    rows.push(...updated('document', document, { name, folded: foldedName(name, document.runningNumber) }))
  }
  for (const pair of meeting.folders) {
    const folder = slice.folders.get(pair.from)
    if (folder) rows.push(...updated('folder', folder, { trashedAt: moment.now, trashRoot: from.id }))
  }
  const what = [
    message('documents', { count: meeting.placements.length }),
    ...countedThings(meeting.moved.length + meeting.folders.length - 1, 0),
  ]
  return decided(
    rows,
    message('folder.merge', {
      name: from.name,
      place: placeValue(sliceAfter(slice, rows), into.id, moment.locale),
      what,
    }),
    [from.parentId, into.id, into.parentId, ...meeting.folders.flatMap(pair => [pair.from, pair.into])],
  )
}

export const folderMerge = command('folder.merge', {
  fields,
  needs: ({ fromId, intoId }) => ({ inBranches: [fromId, intoId] }),
  decide: mergeFolders,
  doc:
    '`fromId`, `intoId`, `choices`: `[{ documentId, choice: "both" / "one" }]` for documents that meet one of ' +
    'the same name (both unless the bytes are the same)',
})
