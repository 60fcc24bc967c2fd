import { planRoutes } from '../../../contract/routes/plan'
import { route } from '../../routing/route'
import { readMeeting } from '../../services/plan/readMeeting'

export default route(planRoutes.meeting, async ({ actor, query: { from, into } }) => readMeeting(actor, from, into))
