import { uploadsRoutes } from '../../../contract/routes/uploads'
import { placeOf, wholeNumberOf } from '../../http/parse'
import { bodyStream } from '../../http/stream'
import { inUploadSlot } from '../../http/uploadSlots'
import { route } from '../../routing/route'
import { takePlainUpload } from '../../services/uploads/plainUpload'

/** The body is the file; it is passed on as it comes, never held whole. */
export default route(uploadsRoutes.upload, async ({ actor, query: upload, event }) => {
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
