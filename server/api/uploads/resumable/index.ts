import { signedIn } from '../../../http/actor'
import { explained, route } from '../../../http/route'
import { inUploadSlot } from '../../../http/uploadSlots'
import { whoIs } from '../../../services/account/session'
import { resumable } from '../../../services/uploads/resumable'

/** The open tus protocol: begins an upload. */
export default route(async event => {
  const actor = await signedIn(event, whoIs)
  return inUploadSlot(actor.accountId, () => resumable(actor, null, event.node.req, event.node.res, explained))
})
