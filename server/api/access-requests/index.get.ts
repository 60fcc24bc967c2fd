import { accessRequestRoutes } from '../../../contract/routes/accessRequests'
import { route } from '../../routing/route'
import { listRequests } from '../../services/access/accessRequests'

export default route(accessRequestRoutes.list, ({ actor }) => listRequests(actor))
