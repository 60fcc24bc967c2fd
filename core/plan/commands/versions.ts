// Versions of a document: new contents, an earlier one made current, remarks.

import { inserted, quoted, updated } from '../../change/index'
import type { VersionRow } from '../../rows/index'
import type { Command, CommandKind } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceText, findDocument, isDecision, refuse } from '../slice'
import { homeOf, placesOf, REMARK_LIMIT } from './editDocument'

type Of<K extends CommandKind> = Extract<Command, { kind: K }>

/** New contents for a document, in all its places at once; what it held before stays as a version. */
export function writeDocument(slice: Slice, command: Of<'document.write'>, moment: Moment): Decision {
  const document = findDocument(slice, command.id)
  if (isDecision(document)) return document
  const { versionId, blobId, size, mediaType, extension, changedAt } = command.file
  if (blobId === document.blobId && extension === document.extension) return refuse('act.nothing')
  const number = document.version + 1
  return decided([
    inserted('version', { id: versionId, documentId: document.id, number, blobId, size, mediaType, extension, changedAt, createdAt: moment.now, remark: '' }),
    ...updated('document', document, { blobId, size, mediaType, extension, changedAt, version: number }),
  ], `${command.written ? 'Wrote' : 'New version of'} ${quoted(document.name)} in ${documentPlaceText(slice, homeOf(slice, document), moment.locale)}`, placesOf(slice, document))
}

/** An earlier version becomes the current one, as a new version of its own; nothing is dropped. */
export function makeCurrent(slice: Slice, command: Of<'version.current'>, moment: Moment): Decision {
  const document = findDocument(slice, command.documentId)
  if (isDecision(document)) return document
  const version = versionOf(slice, command.documentId, command.number)
  if (!version) return refuse('notFound')
  if (version.number === document.version) return refuse('act.nothing')
  const { blobId, size, mediaType, extension, changedAt } = version
  const number = document.version + 1
  return decided([
    inserted('version', { ...version, id: moment.newId(), number, createdAt: moment.now, remark: `as version ${version.number}` }),
    ...updated('document', document, { blobId, size, mediaType, extension, changedAt, version: number }),
  ], `Made version ${version.number} of ${quoted(document.name)} the current one`, placesOf(slice, document))
}

export function remarkVersion(slice: Slice, command: Of<'version.remark'>, moment: Moment): Decision {
  const document = findDocument(slice, command.documentId)
  if (isDecision(document)) return document
  const version = versionOf(slice, command.documentId, command.number)
  if (!version) return refuse('notFound')
  const remark = command.remark.trim()
  const length = [...remark].length
  if (length > REMARK_LIMIT) return refuse('text.long', { length, limit: REMARK_LIMIT })
  return decided(updated('version', version, { remark }), `Wrote a remark on version ${version.number} of ${quoted(document.name)} in ${documentPlaceText(slice, homeOf(slice, document), moment.locale)}`, placesOf(slice, document))
}

function versionOf(slice: Slice, documentId: string, number: number): VersionRow | undefined {
  return slice.versions.find(version => version.documentId === documentId && version.number === number)
}
