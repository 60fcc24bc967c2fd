import { uploadQueryShape } from '../../../contract/document'
import { signedIn } from '../../http/actor'
import { placeOf, queryOf, wholeNumberOf } from '../../http/parse'
import { route } from '../../http/route'
import { bodyStream } from '../../http/stream'
import { whoIs } from '../../services/account/session'
import { addUpload } from '../../services/documents/addUpload'

/** The body is the file; it is passed on as it comes, never held whole. */
export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const asked = await queryOf(event, uploadQueryShape)
  return addUpload(actor, {
    changeId: asked.change,
    documentId: asked.document,
    folderId: placeOf(asked.folder),
    fileName: asked.name,
    changedAt: new Date(asked.changed).toISOString(),
    clash: asked.clash,
    origin: asked.origin,
    bytes: bodyStream(event),
    announcedBytes: wholeNumberOf(event.node.req.headers['content-length']),
  }, new Date())
})
