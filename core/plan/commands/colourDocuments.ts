import { nameThings, quoted, updated } from '../../change/index'
import type { DocumentRow } from '../../rows/index'
import { documentIds, meaningId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceText, findDocument, isDecision, refuse } from '../slice'
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
  const where =
    documents.length === 1 && first ? ` in ${documentPlaceText(slice, homeOf(slice, first), moment.locale)}` : ''
  const what = `${nameThings([], documents)}${where}`
  return decided(
    documents.flatMap(document => updated('document', document, { meaningId: command.meaningId })),
    meaning ? `Gave ${what} the colour ${quoted(meaning.name)}` : `Let ${what} take the colour of the folder`,
    documents.flatMap(document => placesOf(slice, document)),
  )
}

export const documentColour = command('document.colour', {
  fields,
  needs: ({ documentIds }) => ({ documentIds }),
  decide: colourDocuments,
  doc: '`documentIds`, `meaningId` (null: the colour of the folder)',
})
