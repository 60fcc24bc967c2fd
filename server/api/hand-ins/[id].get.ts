import { planRoutes } from '../../../contract/routes/plan'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { listHandIns } from '../../services/access/handIns'

export default route(planRoutes.handIns, ({ actor, event }) => listHandIns(actor, idInPath(event)))
