import { accountRoutes } from '../../../../contract/routes/account'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { endSessionById } from '../../../services/account/session'

export default route(accountRoutes.endSession, async ({ actor, event }) => {
  await endSessionById(actor, idInPath(event))
  return {}
})
