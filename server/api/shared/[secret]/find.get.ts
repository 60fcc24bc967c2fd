import { sharedRoutes } from '../../../../contract/routes/shared'
import { route } from '../../../routing/route'
import { secretInPath } from '../../../http/parse'
import { findShared } from '../../../services/shared/readShared'
import { scopeOf } from '../../../services/shared/scope'

export default route(sharedRoutes.find, async ({ query: { q }, event }) =>
  findShared(await scopeOf(secretInPath(event), new Date()), q),
)
