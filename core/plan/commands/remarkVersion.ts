import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { documentId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, findDocument, isDecision, refuse } from '../slice'
import { homeOf, placesOf, REMARK_LIMIT } from './editDocument'
import { versionOf } from './versions'

const fields = {
  documentId: documentId(),
  number: yup.number().integer().min(1).required(),
  remark: yup.string().strict().defined(),
}

function remarkVersion(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const document = findDocument(slice, command.documentId)
  if (isDecision(document)) return document
  const version = versionOf(slice, command.documentId, command.number)
  if (!version) return refuse('notFound')
  const remark = command.remark.trim()
  const length = [...remark].length
  if (length > REMARK_LIMIT) return refuse('text.long', { length, limit: REMARK_LIMIT })
  return decided(
    updated('version', version, { remark }),
    message('version.remark', {
      version: version.number,
      name: document.name,
      place: documentPlaceValue(slice, homeOf(slice, document), moment.locale),
    }),
    placesOf(slice, document),
  )
}

export const versionRemark = command('version.remark', {
  fields,
  needs: ({ documentId }) => ({ documentIds: [documentId], versionsOf: [documentId] }),
  decide: remarkVersion,
  doc: '`documentId`, `number`, `remark`',
})
