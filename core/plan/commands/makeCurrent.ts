import * as yup from 'yup'
import { inserted, updated } from '../../change/index'
import { message } from '../../history/index'
import { documentId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, isDecision, refuse } from '../slice'
import { placesOf } from './editDocument'
import { versionOf } from './versions'

const fields = { documentId: documentId(), number: yup.number().integer().min(1).required() }

/** An earlier version becomes the current one, as a new version of its own; nothing is dropped. */
function makeCurrent(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const document = findDocument(slice, command.documentId)
  if (isDecision(document)) return document
  const version = versionOf(slice, command.documentId, command.number)
  if (!version) return refuse('notFound')
  if (version.number === document.version) return refuse('act.nothing')
  const { blobId, size, mediaType, extension, changedAt } = version
  const number = document.version + 1
  return decided(
    [
      inserted('version', {
        ...version,
        id: moment.newId(),
        number,
        createdAt: moment.now,
        remark: `as version ${version.number}`,
      }),
      ...updated('document', document, { blobId, size, mediaType, extension, changedAt, version: number }),
    ],
    message('version.current', { version: version.number, name: document.name }),
    placesOf(slice, document),
  )
}

export const versionCurrent = command('version.current', {
  fields,
  needs: ({ documentId }) => ({ documentIds: [documentId], versionsOf: [documentId] }),
  decide: makeCurrent,
  doc: '`documentId`, `number`: an earlier version becomes the current one, as a new version',
})
