import { sharedRoutes } from '../../../../contract/routes/shared'
import { openScope } from '../../../routing/openScope'
import { route } from '../../../routing/route'
import { readShared } from '../../../services/shared/readShared'

export default route(sharedRoutes.read, async ({ event }) => {
  const now = new Date()
  return readShared(await openScope(event), now)
})
