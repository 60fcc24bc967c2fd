import { findRoutes } from '../../../contract/routes/find'
import { route } from '../../routing/route'
import { listRecentSearches } from '../../services/find/recentSearches'

export default route(findRoutes.recent, async ({ actor }) => listRecentSearches(actor))
