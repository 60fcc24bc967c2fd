import { findRoutes } from '../../../contract/routes/find'
import { route } from '../../routing/route'
import { findNames } from '../../services/find/findNames'

export default route(findRoutes.names, async ({ actor, query: { q, limit } }) => findNames(actor, q, limit))
