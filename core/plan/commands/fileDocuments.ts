import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { inserted, updated } from '../../change/index'
import type { Message } from '../../history/index'
import { message, namedEach, namedThings } from '../../history/index'
import type { OrderId } from '../../ids'
import type { DocumentRow, FolderRow, PlacementRow } from '../../rows/index'
import { documentsToFile, folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { foldedName } from '../runningNumbers'
import { tags } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, findFolder, isDecision, placesByDocument, placeText, refuse } from '../slice'
import { tagRows } from './tags'
import { IN_ORDER } from '../inOrder'

const fields = {
  documents: documentsToFile().min(1).required(),
  folderIds: yup.array(folderId()).min(1).max(50).required(),
  tags: tags().default([]),
}

/** With whatever carries it out: a standing order does, or a person. */
export type FileDocuments = Given<typeof fields> & {
  readonly by?: { readonly id: OrderId; readonly name: string; readonly star: boolean }
}

/**
 * Files documents in one or more folders: what waits in the In-tray leaves it, what lies in folders
 * stays there as well. Given names and tags are put on in the same Change.
 */
export function fileDocuments(slice: Slice, command: FileDocuments, moment: Moment): Decision {
  const folders: FolderRow[] = []
  for (const id of new Set(command.folderIds)) {
    const folder = findFolder(slice, id)
    if (isDecision(folder)) return folder
    folders.push(folder)
  }
  const placements = placesByDocument(slice)
  const rows: RowChange[] = []
  const documents: DocumentRow[] = []
  let onlyAdds = true
  for (const { id, name } of command.documents) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const checked = name === null ? null : checkName(name)
    if (checked && !checked.ok) return checked
    const places = placements.get(id) ?? []
    const waits = places.some(place => place.folderId === null)
    // A person was faster than the standing order, and is right.
    if (command.by && !waits) return refuse('act.nothing')
    if (waits) onlyAdds = false
    const named = checked ? { name: checked.name, folded: foldedName(checked.name, document.runningNumber) } : {}
    rows.push(...updated('document', document, { ...named, ...(command.by ? { filedBy: command.by.id } : {}) }))
    if (command.by?.star && !slice.stars.has(id))
      rows.push(inserted('star', { id, target: 'document', createdAt: moment.now }))
    rows.push(...placed(document, places, folders, moment))
    documents.push(checked ? { ...document, name: checked.name } : document)
  }
  const tagged = tagRows(slice, command.tags, { folders: [], documents }, moment)
  if (isDecision(tagged)) return tagged
  const said = messageOf(command.by?.name ?? null, {
    documents: namedThings([], documents),
    places: folders.map(folder => placeText(slice, folder.id, moment.locale)),
    way: onlyAdds ? 'also' : 'here',
    tags: namedEach(tagged.tags),
  })
  return decided([...rows, ...tagged.rows], said, [
    ...folders.map(folder => folder.id),
    ...documents.flatMap(document => (placements.get(document.id) ?? []).map(place => place.folderId)),
  ])
}

interface Filed {
  readonly documents: readonly Message[]
  readonly places: readonly string[]
  readonly way: 'also' | 'here'
  readonly tags: readonly Message[]
}

/** `order`: the name of the standing order that did it. */
function messageOf(order: string | null, { documents, places, way, tags }: Filed): Message {
  const isTagged = tags.length > 0
  if (places.length > 0) {
    const filed = { documents, places, way }
    if (order === null)
      return isTagged ? message('documents.fileTagged', { ...filed, tags }) : message('documents.file', filed)
    return isTagged
      ? message('order.fileTagged', { ...filed, order, tags })
      : message('order.file', { ...filed, order })
  }
  if (order === null)
    return isTagged ? message('documents.dealTagged', { documents, tags }) : message('documents.deal', { documents })
  return isTagged
    ? message('order.dealTagged', { order, documents, tags })
    : message('order.deal', { order, documents })
}

function placed(
  document: DocumentRow,
  places: readonly PlacementRow[],
  folders: readonly FolderRow[],
  moment: Moment,
): RowChange[] {
  const tray = places.find(place => place.folderId === null)
  const wanted = folders.filter(folder => !places.some(place => place.folderId === folder.id))
  const add = (folder: FolderRow, home: boolean) =>
    inserted('placement', { id: moment.newId(), documentId: document.id, folderId: folder.id, home, ...IN_ORDER })
  const [first, ...others] = wanted
  if (!tray || !first) return wanted.map(folder => add(folder, false))
  return [
    ...updated('placement', tray, { folderId: first.id, home: true }),
    ...others.map(folder => add(folder, false)),
  ]
}

export const documentFile = command('document.file', {
  fields,
  needs: ({ documents, tags = [], by }) => {
    const ids = documents.map(({ id }) => id)
    return {
      documentIds: ids,
      taggedIds: tags.length > 0 ? ids : [],
      tags: tags.length > 0,
      starIds: by?.star ? ids : [],
    }
  },
  decide: fileDocuments,
  doc:
    '`documents` (`id`, `name` or null), `folderIds` (the first becomes the home of what has none), `tags`: ' +
    'out of the In-tray, or into further folders',
})
