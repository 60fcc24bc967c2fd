import { findRoutes } from '../../../contract/routes/find'
import { requestIn } from '../../http/parse'
import { route } from '../../routing/route'
import { countRules } from '../../services/find/countRules'

export default route(findRoutes.countPerRule, async ({ actor, body: { query } }) => countRules(actor, requestIn(query)))
