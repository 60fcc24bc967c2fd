import { sharedRoutes } from '../../../../../contract/routes/shared'
import { openScope } from '../../../../routing/openScope'
import { route } from '../../../../routing/route'
import { undoShared } from '../../../../services/shared/changeShared'

export default route(sharedRoutes.undo, async ({ body: { id, changeId }, event }) =>
  undoShared(await openScope(event), id, changeId, new Date()),
)
