import { uploadsRoutes } from '../../../../contract/routes/uploads'
import { toErrorReply } from '../../../http/errorReply'
import { inUploadSlot } from '../../../http/uploadSlots'
import { route } from '../../../routing/route'
import { resumable } from '../../../services/uploads/resumable'

/** The open tus protocol: begins an upload. */
export default route(uploadsRoutes.beginResumable, async ({ actor, event }) => {
  await inUploadSlot(actor.accountId, () => resumable(actor, null, event.node.req, event.node.res, toErrorReply))
  return undefined
})
