import { trashRoutes } from '../../../contract/routes/trash'
import { route } from '../../routing/route'
import { purge } from '../../services/trash/purge'

export default route(trashRoutes.purge, async ({ actor, body: { id, ids, all } }) =>
  purge(actor, id, all ? null : ids, new Date()),
)
