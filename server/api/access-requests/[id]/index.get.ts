import { accessRequestRoutes } from '../../../../contract/routes/accessRequests'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readRequest } from '../../../services/access/accessRequests'

export default route(accessRequestRoutes.read, ({ actor, event }) => readRequest(actor, idInPath(event)))
