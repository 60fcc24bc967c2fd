import { uploadQueryShape } from '../../../contract/document'
import { signedIn } from '../../http/actor'
import { placeOf, queryOf, wholeNumberOf } from '../../http/parse'
import { route } from '../../http/route'
import { bodyStream } from '../../http/stream'
import { inUploadSlot } from '../../http/uploadSlots'
import { whoIs } from '../../services/account/session'
import { takePlainUpload } from '../../services/uploads/plainUpload'

/** The body is the file; it is passed on as it comes, never held whole. */
export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const upload = await queryOf(event, uploadQueryShape)
  return inUploadSlot(actor.accountId, () =>
    takePlainUpload(
      actor,
      {
        changeId: upload.change,
        documentId: upload.document,
        folderId: placeOf(upload.folder),
        fileName: upload.name,
        changedAt: new Date(upload.changed).toISOString(),
        clash: upload.clash,
        origin: upload.origin,
        offset: upload.offset,
        bytes: bodyStream(event),
        announcedBytes: wholeNumberOf(event.node.req.headers['content-length']),
      },
      new Date(),
    ),
  )
})
