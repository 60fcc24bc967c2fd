import { findRoutes } from '../../../contract/routes/find'
import { requestIn } from '../../http/parse'
import { route } from '../../routing/route'
import { relaxSearch } from '../../services/find/relaxSearch'

export default route(findRoutes.relax, async ({ actor, body }) => ({
  relaxed: await relaxSearch(actor, requestIn(body.query), body.typing),
}))
