import { trashRoutes } from '../../../contract/routes/trash'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { lookInside } from '../../services/trash/lookInside'

export default route(trashRoutes.lookInside, async ({ actor, event }) => lookInside(actor, idInPath(event)))
