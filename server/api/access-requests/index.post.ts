import { accessRequestRoutes } from '../../../contract/routes/accessRequests'
import { route } from '../../routing/route'
import { requestAccess } from '../../services/access/accessRequests'

export default route(accessRequestRoutes.request, async ({ actor, body: { wanted, note } }) => {
  await requestAccess(actor, wanted, note, new Date())
  return {}
})
