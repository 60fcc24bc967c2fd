import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath, wholeNumberOf } from '../../../http/parse'
import { bodyStream } from '../../../http/stream'
import { inUploadSlot } from '../../../http/uploadSlots'
import { route } from '../../../routing/route'
import { addVersion, checkDocument } from '../../../services/documents/addUpload'

/** The body is the file; what the document held before stays as a version. */
export default route(documentsRoutes.addVersion, async ({ actor, query, event }) => {
  const id = idInPath<'document'>(event)
  await checkDocument(actor, id)
  const { change, name, changed, written } = query
  return inUploadSlot(actor.accountId, () =>
    addVersion(
      actor,
      id,
      {
        changeId: change,
        fileName: name,
        changedAt: new Date(changed).toISOString(),
        written,
        bytes: bodyStream(event),
        announcedBytes: wholeNumberOf(event.node.req.headers['content-length']),
      },
      new Date(),
    ),
  )
})
