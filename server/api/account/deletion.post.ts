import { accountRoutes } from '../../../contract/routes/account'
import { dropToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { leave } from '../../services/account/leave'

export default route(accountRoutes.deleteAccount, async ({ actor, body, event }) => {
  const gone = await leave(actor, body, originOf(event), new Date())
  dropToken(event)
  return gone
})
