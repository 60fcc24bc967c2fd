import { accessRequestRoutes } from '../../../../contract/routes/accessRequests'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { answerRequest } from '../../../services/access/accessRequests'

export default route(accessRequestRoutes.answer, async ({ actor, body, event }) => {
  await answerRequest(actor, idInPath(event), body, new Date())
  return {}
})
