import { findRoutes } from '../../../contract/routes/find'
import { requestIn } from '../../http/parse'
import { route } from '../../routing/route'
import { countFoundGroups } from '../../services/find/countFound'

export default route(findRoutes.counts, async ({ actor, query: { typing, ...search } }) =>
  countFoundGroups(actor, { ...requestIn(search), typing }),
)
