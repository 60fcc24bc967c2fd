import { updated } from '../../change/index'
import { message } from '../../history/index'
import { documentId, folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, isDecision, placeText, refuse } from '../slice'

const fields = { documentId: documentId(), folderId: folderId() }

/** Another of its folders becomes the home of a document. */
function makeHome(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const document = findDocument(slice, command.documentId)
  if (isDecision(document)) return document
  const places = slice.placements.filter(place => place.documentId === document.id)
  const place = placeText(slice, command.folderId, moment.locale)
  if (!places.some(place => place.folderId === command.folderId))
    return refuse('place.last', { name: document.name, place })
  return decided(
    places.flatMap(place => updated('placement', place, { home: place.folderId === command.folderId })),
    message('document.home', { place, name: document.name }),
    places.map(place => place.folderId),
  )
}

export const placeHome = command('place.home', {
  fields,
  needs: ({ documentId }) => ({ documentIds: [documentId] }),
  decide: makeHome,
  doc: '`documentId`, `folderId`: one of its folders becomes its home',
})
