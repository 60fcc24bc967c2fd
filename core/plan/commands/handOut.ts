// Hand-out and hand-in: a folder for each person of a group, with a copy of each document, which only that person and
// the owner see. Until the hand-in they may add to it, afterwards read it.

import { generateNKeysBetween } from 'fractional-indexing'
import * as yup from 'yup'
import { areaOf, reachingPlaces } from '../../access/index'
import type { RowChange } from '../../change/index'
import { inserted } from '../../change/index'
import { storableTime } from '../../dates/index'
import { message, namedThings } from '../../history/index'
import type { DocumentId, FolderId, GrantId } from '../../ids'
import type { DocumentRow, GrantRow } from '../../rows/index'
import { documentIds, folderId, groupId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName, nextFreeName } from '../name'
import { newFolder } from '../newFolder'
import { name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, findFolder, isDecision, liveTree, placeValue, refuse, twinHint, twinOf } from '../slice'
import { copyOf } from './copyThings'
import { keyAfterLast } from './createFolder'

const ROWS_LIMIT = 20_000
const fields = {
  groupId: groupId(),
  /** Where the folder of the hand-out is made; null: at the top. */
  parentId: folderId().nullable(),
  id: folderId(),
  name: name(),
  documentIds: documentIds().default([]),
  until: yup.string().nullable().default(null),
}

function handOut(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { id, parentId } = command
  const group = slice.groups.get(command.groupId)
  if (!group) return refuse('notFound')
  const people = peopleOf(slice, group.id)
  if (people.length === 0) return refuse('handOut.nobody', { name: group.name })
  const until = command.until === null ? null : storableTime(command.until)
  if (command.until !== null && (until === null || until <= moment.now)) return refuse('link.over')
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const refused = refusedPlace(slice, command, checked.name, moment)
  if (refused) return refused
  const documents: DocumentRow[] = []
  for (const documentId of command.documentIds) {
    const document = findDocument(slice, documentId)
    if (isDecision(document)) return document
    documents.push(document)
  }
  if (people.length * (documents.length * 3 + 3) > ROWS_LIMIT) return refuse('handOut.many')
  const top = newFolder({ id, parentId, name: checked.name, orderKey: keyAfterLast(slice, parentId) }, moment)
  const keys = generateNKeysBetween(null, null, people.length)
  const rows: RowChange[] = [inserted('folder', top)]
  for (const [index, person] of people.entries()) {
    const own = { id: moment.newId<FolderId>(), parentId: id, name: person.folder, orderKey: keys[index] ?? '' }
    rows.push(inserted('folder', newFolder(own, moment)))
    for (const document of documents)
      rows.push(...copyOf(document, moment.newId<DocumentId>(), document.name, [own.id], moment))
    rows.push(...grantsOf(own.id, person.id, { until, note: checked.name }, moment))
  }
  const place = placeValue({ ...slice, folders: new Map([...slice.folders, [id, top]]) }, id, moment.locale)
  const to = { people: people.length, group: group.name, place }
  const said =
    documents.length > 0
      ? message('handOut', { ...to, documents: namedThings([], documents) })
      : message('handOut.empty', to)
  return decided(rows, said, [id, parentId])
}

/** By name; two of the same name have folders that are counted up. */
function peopleOf(slice: Slice, group: string): { readonly id: string; readonly folder: string }[] {
  const taken = new Set<string>()
  return slice.members
    .filter(({ groupId: of }) => of === group)
    .flatMap(({ personId }) => slice.people.get(personId) ?? [])
    .sort((a, b) => a.name.localeCompare(b.name, 'en'))
    .map(person => {
      const folder = nextFreeName(person.name.slice(0, 100), candidate => taken.has(foldedText(candidate)))
      taken.add(foldedText(folder))
      return { id: person.id, folder }
    })
}

/** Why it cannot be there: what lies in such a folder would be read by others than the one whom it is for. */
function refusedPlace(
  slice: Slice,
  { parentId }: Pick<Given<typeof fields>, 'parentId'>,
  name: string,
  moment: Moment,
): Decision | null {
  if (parentId !== null) {
    const parent = findFolder(slice, parentId)
    if (isDecision(parent)) return parent
  }
  const tree = liveTree(slice, moment.locale)
  if (slice.plan.areasOnly && areaOf(tree, parentId) === null) return refuse('give.areasOnly')
  const twin = twinOf(slice, parentId, foldedText(name), [])
  if (twin) return twinHint(slice, twin, moment.locale)
  const given = [...slice.grants.values(), ...slice.links.values()]
  const reached = reachingPlaces([parentId ?? 'plan'], tree, given, moment.now)
  return reached.length > 0 ? refuse('handOut.open') : null
}

/** To read without an end, and to add until the hand-in; to add without an end where there is none. */
function grantsOf(
  target: FolderId,
  whoId: string,
  { until, note }: Pick<GrantRow, 'until' | 'note'>,
  moment: Moment,
): RowChange[] {
  const grant = (role: GrantRow['role'], end: string | null) =>
    inserted('access_grant', {
      ...{ id: moment.newId<GrantId>(), target: 'folder', targetId: target, who: 'person', whoId, role },
      ...{ until: end, note, createdAt: moment.now },
    })
  return until === null ? [grant('add', null)] : [grant('add', until), grant('read', null)]
}

export const groupHandOut = command('group.handOut', {
  fields,
  needs: ({ documentIds: ids = [], groupId: id }) => ({ access: true, documentIds: ids, membersOf: id }),
  decide: handOut,
  owners: 'right',
  doc:
    '`groupId`, `parentId` (null: top), `id` and `name` of the folder that is made, `documentIds` (each person of ' +
    'the group gets a copy in a folder of their own), `until` (when the hand-in is over; null: never)',
})
