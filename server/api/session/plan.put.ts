import { accountRoutes } from '../../../contract/routes/account'
import { tokenOf } from '../../http/actor'
import { route } from '../../routing/route'
import { workIn } from '../../services/access/guests'

export default route(accountRoutes.workIn, async ({ actor, body: { planId }, event }) => {
  await workIn(actor, tokenOf(event) ?? '', planId)
  return {}
})
