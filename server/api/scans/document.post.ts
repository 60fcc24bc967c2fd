import { scanDocumentRequestShape } from '../../../contract/scan'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { scanPages } from '../../workers/documents'
import { whoIs } from '../../services/account/session'
import { makeDocument } from '../../services/scans/scans'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { change, document, name, pages } = await bodyOf(event, scanDocumentRequestShape)
  return makeDocument(actor, { changeId: change, documentId: document, name, pages }, scanPages, new Date())
})
