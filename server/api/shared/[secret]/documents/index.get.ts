import { sharedRoutes } from '../../../../../contract/routes/shared'
import { route } from '../../../../routing/route'
import { placeOf, secretInPath } from '../../../../http/parse'
import { fail } from '../../../../../core/errors'
import { listShared } from '../../../../services/shared/readShared'
import { scopeOf } from '../../../../services/shared/scope'

export default route(sharedRoutes.list, async ({ query: { folder, cursor }, event }) =>
  listShared(await scopeOf(secretInPath(event), new Date()), placeOf<'folder'>(folder) ?? fail('notFound'), cursor),
)
