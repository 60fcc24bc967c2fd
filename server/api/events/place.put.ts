import { serverRoutes } from '../../../contract/routes/server'
import { route } from '../../routing/route'
import { moveTo } from '../../services/events/presence'

export default route(serverRoutes.place, ({ actor, body: { window, folderId } }) => {
  moveTo(actor.planId, actor.accountId, window, folderId)
  return {}
})
