import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { idInPath } from '../../../../../http/parse'
import { openScope } from '../../../../../routing/openScope'
import { route } from '../../../../../routing/route'
import { keepCopy } from '../../../../../services/shared/keepCopy'

export default route(sharedRoutes.copy, async ({ body: { change, document, folder }, event }) =>
  keepCopy(
    await openScope(event),
    { changeId: change, id: idInPath(event), documentId: document, folderId: folder },
    new Date(),
  ),
)
