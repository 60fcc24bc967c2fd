import { changesRoutes } from '../../../contract/routes/changes'
import { route } from '../../routing/route'
import { redoChange } from '../../services/changes/undo'

export default route(changesRoutes.redo, async ({ actor, body: { id } }) => redoChange(actor, id, new Date()))
