import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { documentId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, findDocument, isDecision, refuse } from '../slice'
import { homeOf, placesOf, REMARK_LIMIT } from './editDocument'

const fields = { id: documentId(), remark: yup.string().strict().defined() }

function remarkDocument(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const document = findDocument(slice, command.id)
  if (isDecision(document)) return document
  const remark = command.remark.trim()
  const length = [...remark].length
  if (length > REMARK_LIMIT) return refuse('text.long', { length, limit: REMARK_LIMIT })
  const place = documentPlaceValue(slice, homeOf(slice, document), moment.locale)
  return decided(
    updated('document', document, { remark }),
    message(remark === '' ? 'document.remarkOff' : 'document.remark', { name: document.name, place }),
    placesOf(slice, document),
  )
}

export const documentRemark = command('document.remark', {
  fields,
  needs: ({ id }) => ({ documentIds: [id] }),
  decide: remarkDocument,
  doc: '`id`, `remark` (up to 5,000 characters)',
})
