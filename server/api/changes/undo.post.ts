import { changesRoutes } from '../../../contract/routes/changes'
import { route } from '../../routing/route'
import { undoChange } from '../../services/changes/undo'

export default route(changesRoutes.undo, async ({ actor, body: { id, changeId } }) =>
  undoChange(actor, id, changeId, new Date()),
)
