import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { inUploadSlot } from '../../../http/uploadSlots'
import { route } from '../../../routing/route'
import { takeOut } from '../../../services/documents/takeOut'
import { documents } from '../../../workers/documents'

/** What the document holds becomes documents of their own. */
export default route(documentsRoutes.takeOut, async ({ actor, body: { change }, event }) =>
  inUploadSlot(actor.accountId, () => takeOut(actor, idInPath(event), change, documents.contents, new Date())),
)
