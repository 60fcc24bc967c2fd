import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { openScope } from '../../../../../routing/openScope'
import { route } from '../../../../../routing/route'
import { idInPath } from '../../../../../http/parse'
import { readSharedDocument } from '../../../../../services/shared/readShared'

export default route(sharedRoutes.document, async ({ event }) =>
  readSharedDocument(await openScope(event), idInPath(event)),
)
