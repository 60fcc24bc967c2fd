import { sharedRoutes } from '../../../../../../contract/routes/shared'
import { route } from '../../../../../routing/route'
import { idInPath, secretInPath } from '../../../../../http/parse'
import { readSharedDocument } from '../../../../../services/shared/readShared'
import { scopeOf } from '../../../../../services/shared/scope'

export default route(sharedRoutes.document, async ({ event }) =>
  readSharedDocument(await scopeOf(secretInPath(event), new Date()), idInPath(event)),
)
