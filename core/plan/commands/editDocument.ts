import { nameThings, quoted, updated } from '../../change/index'
import type { FolderId } from '../../ids'
import type { Command } from '../command'
import { checkName } from '../name'
import { foldedName } from '../runningNumbers'
import type { DocumentRow } from '../../rows/index'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceText, findDocument, isDecision, refuse } from '../slice'

export const REMARK_LIMIT = 5000

export function renameDocument(slice: Slice, command: Extract<Command, { kind: 'document.rename' }>, moment: Moment): Decision {
  const document = findDocument(slice, command.id)
  if (isDecision(document)) return document
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const home = homeOf(slice, document)
  return decided(updated('document', document, { name: checked.name, folded: foldedName(checked.name, document.runningNumber) }),
    `Renamed ${quoted(document.name)} to ${quoted(checked.name)} in ${documentPlaceText(slice, home, moment.locale)}`, placesOf(slice, document))
}

export function remarkDocument(slice: Slice, command: Extract<Command, { kind: 'document.remark' }>, moment: Moment): Decision {
  const document = findDocument(slice, command.id)
  if (isDecision(document)) return document
  const remark = command.remark.trim()
  const length = [...remark].length
  if (length > REMARK_LIMIT) return refuse('text.long', { length, limit: REMARK_LIMIT })
  const where = documentPlaceText(slice, homeOf(slice, document), moment.locale)
  return decided(updated('document', document, { remark }),
    `${remark === '' ? 'Took the remark off' : 'Wrote a remark on'} ${quoted(document.name)} in ${where}`, placesOf(slice, document))
}

/** The folder that counts as the document's home: the one marked so, else any; null in the In-tray. */
export function homeOf(slice: Slice, document: DocumentRow): FolderId | null {
  const places = slice.placements.filter(({ documentId, folderId }) => documentId === document.id && (folderId === null || slice.folders.get(folderId)?.trashedAt === null))
  return (places.find(placement => placement.home) ?? places[0])?.folderId ?? null
}

export function placesOf(slice: Slice, document: DocumentRow): (FolderId | null)[] {
  return slice.placements.filter(placement => placement.documentId === document.id).map(placement => placement.folderId)
}

/** A meaning of the documents' own ("urgent"), whatever the folder shows. */
export function colourDocuments(slice: Slice, command: Extract<Command, { kind: 'document.colour' }>, moment: Moment): Decision {
  const meaning = command.meaningId === null ? null : slice.meanings.get(command.meaningId)
  if (meaning === undefined) return refuse('notFound')
  const documents: DocumentRow[] = []
  for (const id of command.documentIds) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const [first] = documents
  const where = documents.length === 1 && first ? ` in ${documentPlaceText(slice, homeOf(slice, first), moment.locale)}` : ''
  const what = `${nameThings([], documents)}${where}`
  return decided(documents.flatMap(document => updated('document', document, { meaningId: command.meaningId })),
    meaning ? `Gave ${what} the colour ${quoted(meaning.name)}` : `Let ${what} take the colour of the folder`, documents.flatMap(document => placesOf(slice, document)))
}
