import { scanDocumentRequestShape } from '../../../contract/scan'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { pictures } from '../../jobs/pictures'
import { whoIs } from '../../services/account/session'
import { makeDocument } from '../../services/scans/scans'

export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const { change, document, name, pages } = await bodyOf(event, scanDocumentRequestShape)
  return makeDocument(actor, { changeId: change, documentId: document, name, pages }, pictures, new Date())
})
