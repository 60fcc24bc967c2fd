import { inserted, updated } from '../../change/index'
import { message } from '../../history/index'
import type { DocumentId } from '../../ids'
import { serverCommand } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, findDocument, isDecision, refuse } from '../slice'
import type { NewFile } from './addDocuments'
import { homeOf, placesOf } from './editDocument'

export interface WriteDocument {
  readonly id: DocumentId
  /** It was written here, and did not come as a file. */
  readonly written: boolean
  readonly file: Pick<NewFile, 'versionId' | 'blobId' | 'size' | 'mediaType' | 'changedAt'> & {
    readonly extension: string
  }
}

/** New contents for a document, in all its places at once; what it held before stays as a version. */
function writeDocument(slice: Slice, command: WriteDocument, moment: Moment): Decision {
  const document = findDocument(slice, command.id)
  if (isDecision(document)) return document
  const { versionId, blobId, size, mediaType, extension, changedAt } = command.file
  if (blobId === document.blobId && extension === document.extension) return refuse('act.nothing')
  const number = document.version + 1
  const place = documentPlaceValue(slice, homeOf(slice, document), moment.locale)
  return decided(
    [
      inserted('version', {
        id: versionId,
        documentId: document.id,
        number,
        blobId,
        size,
        mediaType,
        extension,
        changedAt,
        createdAt: moment.now,
        remark: '',
      }),
      ...updated('document', document, { blobId, size, mediaType, extension, changedAt, version: number }),
    ],
    command.written
      ? message('document.write', { name: document.name, place })
      : message('documents.version', { what: message('named', { name: document.name }), place }),
    placesOf(slice, document),
  )
}

export const documentWrite = serverCommand('document.write', {
  needs: ({ id }) => ({ documentIds: [id] }),
  decide: writeDocument,
  doc: '`id`, `written`, `file`: contents that came in by an upload',
})
