import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { explained, route } from '../../../http/route'
import { inUploadSlot } from '../../../http/uploadSlots'
import { whoIs } from '../../../services/account/session'
import { resumable } from '../../../services/uploads/resumable'

/** The open tus protocol: how far (HEAD), go on (PATCH), forget (DELETE). */
export default route(async event => {
  const actor = await signedIn(event, whoIs)
  return inUploadSlot(actor.accountId, () =>
    resumable(actor, idInPath(event), event.node.req, event.node.res, explained),
  )
})
