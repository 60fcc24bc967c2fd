import { findRoutes } from '../../../contract/routes/find'
import { route } from '../../routing/route'
import { forgetRecentSearches } from '../../services/find/recentSearches'

export default route(findRoutes.forgetRecent, async ({ actor }) => {
  await forgetRecentSearches(actor)
  return null
})
