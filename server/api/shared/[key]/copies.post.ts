import { sharedRoutes } from '../../../../contract/routes/shared'
import { inUploadSlot } from '../../../http/uploadSlots'
import { openScope } from '../../../routing/openScope'
import { route } from '../../../routing/route'
import { putInto } from '../../../services/shared/putInto'

export default route(sharedRoutes.put, async ({ actor, body: { change, folder, documents }, event }) => {
  const scope = await openScope(event)
  const request = { changeId: change, folderId: folder, documents }
  return inUploadSlot(actor.accountId, () => putInto(scope, actor, request, new Date()))
})
