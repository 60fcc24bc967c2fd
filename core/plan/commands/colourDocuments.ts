import { updated } from '../../change/index'
import type { Message, Value } from '../../history/index'
import { message, namedThings } from '../../history/index'
import type { DocumentRow } from '../../rows/index'
import { documentIds, meaningId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, findDocument, isDecision, refuse } from '../slice'
import { homeOf, placesOf } from './editDocument'

const fields = { documentIds: documentIds().min(1).required(), meaningId: meaningId().nullable() }

/** A meaning of the documents' own ("urgent"), whatever the folder shows. */
function colourDocuments(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const meaning = command.meaningId === null ? null : slice.meanings.get(command.meaningId)
  if (meaning === undefined) return refuse('notFound')
  const documents: DocumentRow[] = []
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const [first] = documents
  const place = documents.length === 1 && first ? documentPlaceValue(slice, homeOf(slice, first), moment.locale) : null
  return decided(
    documents.flatMap(document => updated('document', document, { meaningId: command.meaningId })),
    messageOf(namedThings([], documents), place, meaning?.name ?? null),
    documents.flatMap(document => placesOf(slice, document)),
  )
}

/** `place` of the only one; `colour` null: that of the folder. */
function messageOf(documents: readonly Message[], place: Value | null, colour: string | null): Message {
  if (colour === null)
    return place === null
      ? message('documents.colourOfFolder', { documents })
      : message('documents.colourOfFolderIn', { documents, place })
  return place === null
    ? message('documents.colour', { documents, colour })
    : message('documents.colourIn', { documents, place, colour })
}

export const documentColour = command('document.colour', {
  fields,
  needs: ({ documentIds }) => ({ documentIds }),
  decide: colourDocuments,
  doc: '`documentIds`, `meaningId` (null: the colour of the folder)',
})
