import { contentQueryShape } from '../../../../contract/document'
import { signedIn } from '../../../http/actor'
import { idInPath, queryOf, wholeNumberOf } from '../../../http/parse'
import { route } from '../../../http/route'
import { bodyStream } from '../../../http/stream'
import { inUploadSlot } from '../../../http/uploadSlots'
import { whoIs } from '../../../services/account/session'
import { addVersion, checkDocument } from '../../../services/documents/addUpload'

/** The body is the file; what the document held before stays as a version. */
export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const id = idInPath<'document'>(event)
  await checkDocument(actor, id)
  const { change, name, changed, written } = await queryOf(event, contentQueryShape)
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
