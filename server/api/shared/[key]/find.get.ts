import { sharedRoutes } from '../../../../contract/routes/shared'
import { openScope } from '../../../routing/openScope'
import { route } from '../../../routing/route'
import { findShared } from '../../../services/shared/readShared'

export default route(sharedRoutes.find, async ({ query: { q }, event }) => findShared(await openScope(event), q))
