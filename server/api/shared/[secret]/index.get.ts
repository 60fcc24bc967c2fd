import { sharedRoutes } from '../../../../contract/routes/shared'
import { route } from '../../../routing/route'
import { secretInPath } from '../../../http/parse'
import { readShared } from '../../../services/shared/readShared'
import { scopeOf } from '../../../services/shared/scope'

export default route(sharedRoutes.read, async ({ event }) => {
  const now = new Date()
  return readShared(await scopeOf(secretInPath(event), now), now)
})
