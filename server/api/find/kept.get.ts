import { findRoutes } from '../../../contract/routes/find'
import { route } from '../../routing/route'
import { countKept } from '../../services/find/countKept'

export default route(findRoutes.keptCounts, async ({ actor }) => countKept(actor))
