import { uploadsRoutes } from '../../../../contract/routes/uploads'
import { toErrorReply } from '../../../http/errorReply'
import { idInPath } from '../../../http/parse'
import { inUploadSlot } from '../../../http/uploadSlots'
import { route } from '../../../routing/route'
import { resumable } from '../../../services/uploads/resumable'

/** The open tus protocol: how far (HEAD), go on (PATCH), forget (DELETE). */
export default route(uploadsRoutes.goOnResumable, async ({ actor, event }) => {
  await inUploadSlot(actor.accountId, () =>
    resumable(actor, idInPath(event), event.node.req, event.node.res, toErrorReply),
  )
  return undefined
})
