import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { inUploadSlot } from '../../../http/uploadSlots'
import { route } from '../../../routing/route'
import { giveCopies } from '../../../services/shared/giveCopies'

export default route(documentsRoutes.giveCopies, async ({ actor, body, event }) =>
  inUploadSlot(actor.accountId, () => giveCopies(actor, idInPath(event), body, new Date())),
)
