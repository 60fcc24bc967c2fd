import { changesRoutes } from '../../../contract/routes/changes'
import { route } from '../../routing/route'
import { undoSince } from '../../services/changes/undo'

export default route(changesRoutes.undoSince, async ({ actor, body: { id, changeId } }) => ({
  changes: await undoSince(actor, id, changeId, new Date()),
}))
