import { findRoutes } from '../../../contract/routes/find'
import { requestIn } from '../../http/parse'
import { route } from '../../routing/route'
import { listFoundIds } from '../../services/find/foundIds'

export default route(findRoutes.ids, async ({ actor, query: { typing, ...search } }) =>
  listFoundIds(actor, { ...requestIn(search), typing }),
)
