import { sharedRoutes } from '../../../../../contract/routes/shared'
import { openScope } from '../../../../routing/openScope'
import { route } from '../../../../routing/route'
import { placeOf } from '../../../../http/parse'
import { fail } from '../../../../../core/errors'
import { listShared } from '../../../../services/shared/readShared'

export default route(sharedRoutes.list, async ({ query: { folder, cursor }, event }) =>
  listShared(await openScope(event), placeOf<'folder'>(folder) ?? fail('notFound'), cursor),
)
