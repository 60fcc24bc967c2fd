// What was handed over, as rows of the plan of whoever takes it over: with numbers, colours, tags, versions and
// remarks, and with what others may do there. Colours and tags that the plan has by the same name are the plan’s.

import { generateNKeysBetween } from 'fractional-indexing'
import { isInForce } from '../../access/index'
import type { RowChange } from '../../change/index'
import { inserted } from '../../change/index'
import type { Message } from '../../history/index'
import { message, namedThings } from '../../history/index'
import type { FolderId, GrantId, GroupId, MeaningId, PersonId, TagId } from '../../ids'
import { documentsIn } from '../commands/addDocuments'
import { keyAfterLast } from '../commands/createFolder'
import { nameKey, nextFreeName } from '../name'
import { newFolder } from '../newFolder'
import { foldedName, withRunningNumbers } from '../runningNumbers'
import type { Moment, Slice } from '../slice'
import { documentPlaceValue, liveFolders, placeValue } from '../slice'
import type { DocumentRow, FolderRow, Role } from '../../rows/index'
import { foldedText } from '../../text/index'
import type { Handed } from './handed'
import { IN_ORDER } from '../inOrder'

export interface TakingOver {
  /** Of whoever takes it over: all folders, colours, tags and groups, and the documents of the folder it goes into. */
  readonly slice: Slice
  /** null: the top of the plan, or the In-tray. */
  readonly parentId: FolderId | null
  readonly taker: PersonId
  readonly giver: PersonId
  readonly giverName: string
  /** What the giver keeps; null: nothing. */
  readonly role: Role | null
  /** The bytes in this plan, by those in the plan of the giver. */
  readonly blobIds: ReadonlyMap<string, string>
  /** Running numbers that documents of this plan have already. */
  readonly takenNumbers: ReadonlySet<string>
}

/** An id of before, and what it is called in the plan it goes to. */
type NewIds = ReadonlyMap<string, string>
const renamed = <I extends string>(ids: NewIds, id: I): I => (ids.get(id) ?? id) as I

export interface TakenOver {
  readonly rows: readonly RowChange[]
  readonly message: Message
  readonly places: readonly (FolderId | null)[]
  /** Of the folder, or of the document, as it is called now. */
  readonly topId: string
}

export function takenOver(handed: Handed, into: TakingOver, moment: Moment): TakenOver {
  const { slice, parentId, giverName } = into
  const ids = new Map<string, string>([...handed.folders, ...handed.documents].map(({ id }) => [id, moment.newId()]))
  const [topId = ''] = ids.values()
  const [top, document] = [handed.folders[0], handed.documents[0]]
  const things = top ? namedThings([top], []) : namedThings([], document ? [document] : [])
  const place = top ? placeValue(slice, parentId, moment.locale) : documentPlaceValue(slice, parentId, moment.locale)
  return {
    rows: withRunningNumbers(slice, rowsOf(handed, ids, topId, into, moment), moment.locale),
    message: message('takeOver', { things, person: giverName, place }),
    places: [parentId],
    topId,
  }
}

function rowsOf(handed: Handed, ids: NewIds, topId: string, into: TakingOver, moment: Moment): RowChange[] {
  const colours = coloursOf(handed, into, moment)
  const tags = tagsOf(handed, into, colours.ids, moment)
  return [
    ...colours.rows,
    ...tags.rows,
    ...handed.folders.map((folder, index) =>
      inserted('folder', folderOf(folder, index === 0, ids, colours.ids, into, moment)),
    ),
    ...documentRows(handed, ids, colours.ids, into, moment),
    ...handed.taggings.map(tagging =>
      inserted('tagging', {
        id: moment.newId(),
        tagId: renamed(tags.ids, tagging.tagId),
        target: tagging.target,
        targetId: renamed(ids, tagging.targetId),
      }),
    ),
    ...grantRows(handed, ids, topId, into, moment),
  ]
}

function coloursOf({ folders, documents, taggings, tags, meanings }: Handed, { slice }: TakingOver, moment: Moment) {
  const carried = new Set(taggings.map(({ tagId }) => tagId))
  const used = new Set(
    [...folders, ...documents, ...[...tags.values()].filter(({ id }) => carried.has(id))].map(one => one.meaningId),
  )
  const known = new Map([...slice.meanings.values()].map(meaning => [foldedText(meaning.name), meaning.id]))
  const missing = [...meanings.values()].filter(({ id, name }) => used.has(id) && !known.has(foldedText(name)))
  const last =
    [...slice.meanings.values()]
      .map(({ orderKey }) => orderKey)
      .sort()
      .at(-1) ?? null
  const keys = generateNKeysBetween(last, null, missing.length)
  const made = missing.map((meaning, index) => ({
    ...meaning,
    id: moment.newId<MeaningId>(),
    orderKey: keys[index] ?? '',
  }))
  for (const { name, id } of made) known.set(foldedText(name), id)
  const ids: NewIds = new Map([...meanings.values()].map(({ id, name }) => [id, known.get(foldedText(name)) ?? '']))
  return { ids, rows: made.map(meaning => inserted('meaning', meaning)) }
}

const meaningIn = (colours: NewIds, id: MeaningId | null) => (id === null ? null : renamed(colours, id))

function tagsOf({ taggings, tags }: Handed, { slice }: TakingOver, colours: NewIds, moment: Moment) {
  const known = new Map([...slice.tags.values()].map(tag => [tag.folded, tag.id]))
  const used = new Set(taggings.map(({ tagId }) => tagId))
  const made = [...tags.values()]
    .filter(({ id, folded }) => used.has(id) && !known.has(folded))
    .map(tag => ({ ...tag, id: moment.newId<TagId>(), meaningId: meaningIn(colours, tag.meaningId) }))
  for (const { folded, id } of made) known.set(folded, id)
  const ids: NewIds = new Map([...tags.values()].map(({ id, folded }) => [id, known.get(folded) ?? '']))
  return { ids, rows: made.map(tag => inserted('tag', tag)) }
}

/** The top one stands behind its new siblings, under a free name and without a number of its own. */
function folderOf(
  folder: FolderRow,
  isTop: boolean,
  ids: NewIds,
  colours: NewIds,
  { slice, parentId }: TakingOver,
  moment: Moment,
): FolderRow {
  const row = {
    ...folder,
    id: renamed(ids, folder.id),
    parentId: folder.parentId === null ? null : renamed(ids, folder.parentId),
    meaningId: meaningIn(colours, folder.meaningId),
    pinned: false,
    createdAt: moment.now,
  }
  if (!isTop) return newFolder(row, moment)
  const taken = new Set(liveFolders(slice).flatMap(one => (one.parentId === parentId ? [one.folded] : [])))
  const name = nextFreeName(folder.name, candidate => taken.has(foldedText(candidate)))
  const ownNumber = { number: null, numberFixed: false, label: null, numbered: true, first: false }
  return newFolder({ ...row, ...ownNumber, parentId, name, orderKey: keyAfterLast(slice, parentId) }, moment)
}

function documentRows(handed: Handed, ids: NewIds, colours: NewIds, into: TakingOver, moment: Moment): RowChange[] {
  const placesOf = grouped(handed.placements)
  const versionsOf = grouped(handed.versions)
  return handed.documents.flatMap(document => {
    const id = renamed(ids, document.id)
    const places = placesOf.get(document.id) ?? []
    const home = places.find(place => place.home) ?? places[0]
    const placements =
      handed.folders.length === 0
        ? [{ folderId: into.parentId, home: true, ...IN_ORDER }]
        : places.map(place => ({
            folderId: place.folderId === null ? null : renamed(ids, place.folderId),
            home: place === home,
            first: place.first,
            orderKey: place.orderKey,
          }))
    return [
      inserted('document', documentOf(document, ids, colours, into, moment)),
      ...(versionsOf.get(document.id) ?? []).map(version =>
        inserted('version', {
          ...version,
          ...{ id: moment.newId(), documentId: id, blobId: renamed(into.blobIds, version.blobId) },
        }),
      ),
      ...placements.map(place => inserted('placement', { ...place, id: moment.newId(), documentId: id })),
    ]
  })
}

function grouped<Row extends { readonly documentId: string }>(rows: readonly Row[]): ReadonlyMap<string, Row[]> {
  const byDocument = new Map<string, Row[]>()
  for (const row of rows) {
    const known = byDocument.get(row.documentId)
    if (known) known.push(row)
    else byDocument.set(row.documentId, [row])
  }
  return byDocument
}

function documentOf(
  document: DocumentRow,
  ids: NewIds,
  colours: NewIds,
  { slice, parentId, blobIds, takenNumbers, giverName }: TakingOver,
  moment: Moment,
): DocumentRow {
  const { extension } = document
  const taken = new Set(
    ids.size > 1 || parentId === null ? [] : documentsIn(slice, parentId).map(one => nameKey(one.name, one.extension)),
  )
  const name = nextFreeName(document.name, candidate => taken.has(nameKey(candidate, extension)))
  const isFree = document.runningNumber !== null && !takenNumbers.has(document.runningNumber)
  const runningNumber = isFree ? document.runningNumber : null
  return {
    ...document,
    id: renamed(ids, document.id),
    name,
    folded: foldedName(name, runningNumber),
    runningNumber,
    blobId: renamed(blobIds, document.blobId),
    meaningId: meaningIn(colours, document.meaningId),
    sender: document.sender === '' ? giverName : document.sender,
    copiedFrom: null,
    partOf: document.partOf !== null && ids.has(document.partOf) ? renamed(ids, document.partOf) : null,
    filedBy: null,
    createdAt: moment.now,
  }
}

/** Others keep what they may, in groups of the new plan; the giver has what they chose. */
function grantRows(handed: Handed, ids: NewIds, topId: string, into: TakingOver, moment: Moment): RowChange[] {
  const { slice, taker, giver, role } = into
  const taken = new Set([...slice.groups.values()].map(({ name }) => foldedText(name)))
  const lasting = handed.grants.filter(one => isInForce(one, moment.now) && one.whoId !== taker)
  const used = new Set(lasting.map(({ whoId }) => whoId))
  const groups = handed.groups
    .filter(({ id }) => used.has(id))
    .map(group => {
      const name = nextFreeName(group.name, candidate => taken.has(foldedText(candidate)))
      taken.add(foldedText(name))
      return { before: group.id, row: { ...group, id: moment.newId<GroupId>(), name, createdAt: moment.now } }
    })
  const groupIds: NewIds = new Map(groups.map(({ before, row }) => [before, row.id]))
  const kept = { who: 'person' as const, whoId: giver, until: null, note: '', createdAt: moment.now }
  return [
    ...groups.map(({ row }) => inserted('person_group', row)),
    ...handed.members.flatMap(({ groupId, personId }) => {
      const group = groupIds.get(groupId)
      return group
        ? [inserted('group_member', { id: moment.newId(), groupId: renamed(groupIds, groupId), personId })]
        : []
    }),
    ...lasting.map(one =>
      inserted('access_grant', {
        ...one,
        id: moment.newId<GrantId>(),
        targetId: renamed(ids, one.targetId),
        whoId: one.who === 'group' ? (groupIds.get(one.whoId ?? '') ?? null) : one.whoId,
      }),
    ),
    ...(role === null
      ? []
      : [
          inserted('access_grant', {
            ...{ id: moment.newId<GrantId>(), targetId: topId, role, ...kept },
            target: handed.folders.length > 0 ? 'folder' : 'document',
          }),
        ]),
  ]
}
