import { accountRoutes } from '../../../../contract/routes/account'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { forgetLaidAside } from '../../../services/account/describeAccount'

export default route(accountRoutes.forgetLaidAside, async ({ actor, event }) => {
  await forgetLaidAside(actor, idInPath(event))
  return {}
})
