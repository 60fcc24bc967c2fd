import { planRoutes } from '../../../contract/routes/plan'
import { route } from '../../routing/route'
import { readOutline } from '../../services/plan/readOutline'

export default route(planRoutes.outline, async ({ actor, query }) => readOutline(actor, query.since))
