import { findRoutes } from '../../../contract/routes/find'
import { route } from '../../routing/route'
import { noteSearchMade } from '../../services/find/recentSearches'

export default route(findRoutes.noteRecent, async ({ actor, body }) => {
  await noteSearchMade(actor, body)
  return null
})
