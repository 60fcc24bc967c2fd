import type { RowChange } from '../../change/index'
import { deleted, updated } from '../../change/index'
import { message, namedThings } from '../../history/index'
import type { FolderId } from '../../ids'
import type { DocumentRow } from '../../rows/index'
import { documentIds, folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, isDecision, placesByDocument, placeText, placeValue, refuse } from '../slice'
import { IN_ORDER } from '../inOrder'

const fields = { documentIds: documentIds().min(1).required(), folderId: folderId() }

/** Takes documents out of one folder. Where it was the only one they go into the In-tray, never into nothing. */
function removePlace(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const placements = placesByDocument(slice)
  const rows: RowChange[] = []
  const documents: DocumentRow[] = []
  const left: (FolderId | null)[] = []
  let toTray = 0
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const places = placements.get(id) ?? []
    const leaving = places.find(place => place.folderId === command.folderId)
    if (!leaving)
      return refuse('place.last', { name: document.name, place: placeText(slice, command.folderId, moment.locale) })
    const others = places.filter(
      place => place !== leaving && place.folderId !== null && slice.folders.get(place.folderId)?.trashedAt === null,
    )
    const [next] = others
    if (next)
      rows.push(deleted('placement', leaving), ...(leaving.home ? updated('placement', next, { home: true }) : []))
    else {
      toTray++
      rows.push(
        ...places.filter(place => place !== leaving).map(place => deleted('placement', place)),
        ...updated('placement', leaving, { folderId: null, home: true, ...IN_ORDER }),
      )
    }
    left.push(...others.map(place => place.folderId))
    documents.push(document)
  }
  const stays = [...new Set(left)].map(id => placeText(slice, id, moment.locale))
  const taken = { documents: namedThings([], documents), place: placeValue(slice, command.folderId, moment.locale) }
  const isOne = documents.length === 1
  const said =
    toTray > 0
      ? isOne
        ? message('place.removeLast', taken)
        : message('place.removeSome', { ...taken, count: toTray })
      : isOne && stays.length > 0 && stays.length <= 3
        ? message('place.removeStill', { ...taken, places: stays })
        : message('place.remove', taken)
  return decided(rows, said, [command.folderId, ...(toTray > 0 ? [null] : [])])
}

export const placeRemove = command('place.remove', {
  fields,
  needs: ({ documentIds }) => ({ documentIds }),
  decide: removePlace,
  doc: '`documentIds`, `folderId`: out of one folder; where it was the only one, into the In-tray',
})
